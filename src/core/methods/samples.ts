import type { MethodId } from "./method";

/** A small problem that shows what each method does, typed with a point and the plain signs. */
export const METHOD_SAMPLES: Readonly<Record<MethodId, string>> = {
  "column-addition": "40.3 + 7.865 + 12",
  "expanded-addition": "47.6 + 8.7",
  "subtraction-by-decomposition": "5 − 2.004",
  "equal-additions": "5.03 − 2.65",
  "making-up": "5.03 − 2.65",
  "expanded-subtraction": "53.2 − 27.8",
  "counting-up": "5 − 2.04",
  "column-multiplication": "12.5 × 0.46",
  "multiplication-in-line": "12.75 × 14",
  "multiples-of-ten": "0.45 × 60",
  lattice: "12.5 × 0.46",
  area: "12.5 × 4",
  shift: "0.45 × 1000",
  "long-division": "8.61 ÷ 0.7",
  "short-division": "8.61 ÷ 7",
  "rounding-by-place": "round 3.748 to tenths",
  "comparing-by-place": "compare 0.45 and 0.405",
};
