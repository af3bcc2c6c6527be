import type { HouseRules, SwitchName } from "@/core/house";
import type { MethodId, Reason } from "@/core/methods";

/** What shows a switch at work: a problem on a board, or what is said or written of it. */
export type Sample =
  | {
      readonly kind: "board";
      readonly problem: string;
      readonly method?: MethodId;
      readonly until?: Reason["kind"];
    }
  | {
      readonly kind: "say";
      readonly problem: string;
      readonly reason: Reason["kind"];
      readonly method?: MethodId;
    }
  | { readonly kind: "line"; readonly problem: string };

/** The sample of every switch, written with a point and the plain signs; it is shown as the house writes it. */
export const SAMPLES: Readonly<Record<SwitchName, Sample>> = {
  decimalMark: { kind: "line", problem: "2.5 + 1.25" },
  grouping: { kind: "line", problem: "12400.5 + 3100" },
  emptyPlaces: { kind: "board", problem: "3 + 1.25", method: "column-addition", until: "drawRule" },
  addendOrder: { kind: "board", problem: "7 + 12.45", method: "column-addition", until: "drawRule" },
  pointTime: { kind: "board", problem: "1.5 + 2.4", method: "column-addition", until: "columnSum" },
  timesSign: { kind: "line", problem: "2.5 × 4" },
  divideSign: { kind: "line", problem: "12 ÷ 8" },
  addition: { kind: "board", problem: "18 + 5.4" },
  subtraction: { kind: "board", problem: "5.2 − 2.7" },
  multiplication: { kind: "board", problem: "2.3 × 14" },
  division: { kind: "board", problem: "8.61 ÷ 7" },
  shiftBy: { kind: "board", problem: "0.45 × 100", method: "shift" },
  openingZeros: { kind: "board", problem: "23 × 14", method: "column-multiplication" },
  zeroRows: { kind: "board", problem: "23 × 104", method: "column-multiplication" },
  divisionLayout: { kind: "board", problem: "86 ÷ 7 with remainder", method: "long-division" },
  divisionEnding: { kind: "line", problem: "25 ÷ 3" },
  recurringMark: { kind: "board", problem: "1 ÷ 6 exactly", method: "short-division" },
  carryPlace: { kind: "board", problem: "8.7 + 5.6", method: "column-addition" },
  borrowAcrossZeros: { kind: "board", problem: "30.02 − 4.75", method: "subtraction-by-decomposition" },
  trailingZeros: { kind: "board", problem: "1.25 + 2.75", method: "column-addition" },
  narration: { kind: "say", problem: "5.7 + 2.6", reason: "columnSum", method: "column-addition" },
  onesTerm: { kind: "say", problem: "12 + 0.5", reason: "hiddenPoint", method: "column-addition" },
  carryTerm: { kind: "say", problem: "5.7 + 2.6", reason: "columnSum", method: "column-addition" },
  borrowTerm: {
    kind: "say",
    problem: "5.2 − 2.7",
    reason: "exchange",
    method: "subtraction-by-decomposition",
  },
  numberNames: { kind: "say", problem: "31.605 + 0", reason: "nameAnswer", method: "column-addition" },
};

/** The rules that samples are typed in. */
export const SAMPLE_NOTATION: Pick<HouseRules, "decimalMark" | "grouping"> = {
  decimalMark: "point",
  grouping: "none",
};
