import { describe, expect, it } from "vitest";
import { boardAfter } from "@/core/board";
import { type HouseRules, PRESETS, type PresetName } from "@/core/house";
import { type MethodId, workingOf } from "@/core/methods";
import { readProblem } from "@/core/problem";
import { valueOfResult } from "@/core/testing/valueOfResult";
import { textBoard } from "./textBoard";

function boardOf(line: string, preset: PresetName): string {
  const problem = valueOfResult(readProblem(line, PRESETS[preset]), `${line} does not read`);
  const { layout, steps } = workingOf(problem, PRESETS[preset]);
  return `\n${textBoard(boardAfter(layout, steps, steps.length), PRESETS[preset])}\n`;
}

describe("the board as text", () => {
  it("keeps columns, points, fillers, carries and strikes apart", () => {
    expect(boardOf("40.3 + 7.865 + 12", "fillersTrueValue")).toBe(`
    1  1
    4  0 .3  o  o
       7 .8  6  5
 +  1  2 'o  o  o
───────────────────
    6  0 .1  6  5
═══════════════════
`);
    expect(boardOf("5 − 2.004", "exchangeByPlaces").replaceAll("\u0336", "/")).toBe(`
       9  9
    4  1/0/ 1/0/ 10
    5/ 'o/  o/  o/
 −  2 .0  0  4
────────────────
    2 .9  9  6
════════════════
`);
    expect(boardOf("8,7 + 5,6", "commaBelow")).toBe(`
       8 ,7
 +     5 ,6
─────────────
    1  1
    1  4 ,3
═════════════
`);
  });

  it.each<[string, MethodId, Partial<HouseRules>, string]>([
    [
      "23 × 104",
      "column-multiplication",
      { zeroRows: "written", carryPlace: "below" },
      `
             2  3
 ×        1  0  4
───────────────────
             ¹9 2
          0  0  o
       2  3  o  o
───────────────────
       2  3  9  2
   ════════════════
`,
    ],
    [
      "23 × 14",
      "column-multiplication",
      { openingZeros: "leftOpen" },
      `
          1
          2  3
 ×        1  4
────────────────
       1
          9  2
       2  3
────────────────
       3  2  2
   ═════════════
`,
    ],
    [
      "8.61 ÷ 0.7",
      "long-division",
      { divisionLayout: "corner" },
      `
 8 .6  1  ×  1  0        8  6 .1
─────────────────── ═══ ──────────
 0 .7  ×  1  0              7
    8  6 .1 │7
            ──────────
 −  7       │1  2 .3 │
   ────     ──────────
    1  6
 −  1  4
   ───────
       2  1
    −  2  1
      ───────
          0
`,
    ],
    [
      "1 ÷ 12 exactly",
      "short-division",
      { recurringMark: "dots" },
      `
                .
       0 .0  8  3
      ─────────────
 1  2 │1 .¹o ¹⁰o ⁴o
`,
    ],
    [
      "0.45 × 100",
      "shift",
      { shiftBy: "pointHops" },
      `
    0 .4  5     ×     1  0  0
       4  5
═════════════
`,
    ],
    [
      "47 ÷ 6 as a mixed number",
      "short-division",
      { divisionLayout: "corner" },
      `
 4  7 │6
───────
    7
    7  5
      ────
       6
   ═══════
`,
    ],
    [
      "2.7 × 58",
      "lattice",
      {},
      `
       2 .7  ×
      ───────
    1 │10│35│5
      ───────
    5 │16│56│8
 1
      ───────
       6 .6 '
    1  5  6 .6
═══════════════════
`,
    ],
    [
      "5 - 2.04",
      "counting-up",
      { carryPlace: "below" },
      `
 2 .0  4
 2 .1              +  0 .0  6
 3                 +  0 .9
 5                 +  2
                  ─────────────
                      2 .9  6
                  ═════════════
`,
    ],
    [
      "53.02 - 27.8",
      "expanded-subtraction",
      { borrowAcrossZeros: "placeByPlace" },
      `
                                  1  2
                         4  0        2/     1 .0
    5  3 .0  2  =        5/  0/  +     3/           +  0 .0  2
 −  2  7 .8     =        2  0  +     7  +  0 .8
                     ────────────────────────────────────────
                         2  0  +     5  +  0 .2  +  0 .0  2
    2  5 .2  2
════════════════
`,
    ],
    [
      "0.45 × 60",
      "multiples-of-ten",
      {},
      `
       0 .4  5     ×  6  0
       3
       4 .5
 ×     6
─────────────
    2  7 ./0/
═════════════
`,
    ],
    [
      "12.75 × 14",
      "multiplication-in-line",
      { pointTime: "first" },
      `
          1  3  2
          1  2 .7  5
 ×        1  4
──────────────────────
          5  1 .0  0
       1  2  7 .5  o
──────────────────────
       1  7  8 .5  0/
══════════════════════
`,
    ],
    [
      "round 39.96 to tenths",
      "rounding-by-place",
      {},
      `
       3  9 .(9) 6
    ≈  4  0 .0
═══════════════════
`,
    ],
    [
      "compare 3.5 and 3.45",
      "comparing-by-place",
      { emptyPlaces: "gaps" },
      `
          3 .(5)
          3 .(4) 5
 3 .5     >     3 .4  5
═════════════════════════
`,
    ],
    [
      "12.5 × 0.4",
      "area",
      {},
      `
       ×  1  0        2     0 .5
         ────────────────────────────
         │        │        │        │
 0 .4    │   4    │0 .8    │0 .2    │
         │        │        │        │
         ────────────────────────────
                      1
                      4
                      0 .8
                   +  0 .2
                  ──────────
                      5 ./0/
                  ══════════
`,
    ],
  ])("writes %s by %s as the house does", (line, method, rules, expected) => {
    const house = { ...PRESETS.fillersTrueValue, ...rules };
    const problem = valueOfResult(readProblem(line, house), `${line} does not read`);
    const { layout, steps } = workingOf(problem, house, method);
    const text = textBoard(boardAfter(layout, steps, steps.length), house);
    expect(`\n${text.replaceAll("\u0336", "/")}\n`).toBe(expected);
  });
});
