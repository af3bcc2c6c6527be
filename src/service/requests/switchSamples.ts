import type { HouseRules, SwitchName } from "@/core/house";
import type { MethodId, Reason } from "@/core/methods";
import { currencyOf } from "@/core/quantity";

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
  | { readonly kind: "picture"; readonly problem: string; readonly reason: Reason["kind"] }
  | { readonly kind: "line"; readonly problem: string }
  /** What happens on the learner's board, in words. */
  | {
      readonly kind: "told";
      readonly problem: string;
      readonly told: Readonly<Record<string, string>>;
    };

/** The sample of every switch, written with a point and the plain signs; it is shown as the house writes it. */
export const SAMPLES: Readonly<Record<SwitchName, Sample>> = {
  decimalMark: { kind: "line", problem: "2.5 + 1.25" },
  grouping: { kind: "line", problem: "12400.5 + 3100" },
  emptyPlaces: { kind: "board", problem: "3 + 1.25", method: "column-addition", until: "drawRule" },
  copying: {
    kind: "told",
    problem: "40.3 + 7.865",
    told: {
      trusted: "The numbers are set out, and worked.",
      tickedOff: "Each number gets its tick as it is set out, and all are read back.",
    },
  },
  addendOrder: { kind: "board", problem: "7 + 12.45", method: "column-addition", until: "drawRule" },
  pointTime: { kind: "board", problem: "1.5 + 2.4", method: "column-addition", until: "columnSum" },
  timesSign: { kind: "line", problem: "2.5 × 4" },
  divideSign: { kind: "line", problem: "12 ÷ 8" },
  addition: { kind: "board", problem: "18 + 5.4" },
  subtraction: { kind: "board", problem: "5.2 − 2.7" },
  multiplication: { kind: "board", problem: "2.3 × 14" },
  division: { kind: "board", problem: "8.61 ÷ 7" },
  chunks: { kind: "board", problem: "182 ÷ 14", method: "partial-quotients" },
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
  commonDenominator: { kind: "board", problem: "3/4 + 1/6" },
  mixedNumbers: { kind: "board", problem: "3 1/4 + 1 1/2" },
  cancelling: { kind: "board", problem: "4/9 × 3/8" },
  simplifying: { kind: "board", problem: "simplify 12/18" },
  fractionDivision: { kind: "board", problem: "2/3 ÷ 5/6" },
  fractionAnswers: { kind: "line", problem: "2/3 + 5/6" },
  fractionPictures: { kind: "picture", problem: "2/3 + 1/6", reason: "combineParts" },
  signedBy: { kind: "board", problem: "−3 − (−5)" },
  termOrder: { kind: "board", problem: "60 − 90 + 40 − 30" },
  unitWork: { kind: "board", problem: "3 ft 8 in + 5 ft 9 in" },
  unitRegrouping: { kind: "board", problem: "3 lb 8 oz + 5 lb 13 oz" },
  metricColumns: { kind: "board", problem: "3 L 45 mL + 2 L 6 mL" },
  metricSpelling: {
    kind: "say",
    problem: "3 L 45 mL + 2 L 6 mL",
    reason: "unitHeads",
    method: "unit-columns",
  },
  currency: { kind: "line", problem: "¤4.07 + 85¢" },
  changeBy: { kind: "board", problem: "$10 − $6.35" },
  severalOfSame: { kind: "board", problem: "3 × $1.85" },
  estimateFirst: {
    kind: "told",
    problem: "53.2 − 17.8",
    told: {
      offered: "“About how much?” stands beside the paper.",
      required: "The paper opens once an estimate is written.",
      off: "The paper is open at once.",
    },
  },
  estimateRounding: {
    kind: "told",
    problem: "26 × 47",
    told: {
      asFits: "Each number is rounded as its size asks.",
      ones: "Each number goes to the nearest whole.",
      leadingDigit: "Each number keeps its first digit: 26 is taken as 30.",
      friendly: "Near numbers that go well together: 26 is taken as 25.",
    },
  },
  learnerCarries: {
    kind: "told",
    problem: "53.2 − 17.8",
    told: {
      free: "A right answer is right without them.",
      required: "A column is finished when its carry is written.",
    },
  },
};

/** A sample's problem in the money of the house. */
export const sampleProblem = ({ problem }: Sample, house: HouseRules): string => {
  const { sign, minorSign } = currencyOf(house.currency);
  return problem.replace("¤", sign).replace("¢", minorSign);
};

/** The notation that samples are typed in, with the money of the house. */
export const sampleNotation = ({
  currency,
}: HouseRules): Pick<HouseRules, "decimalMark" | "grouping" | "currency"> => ({
  decimalMark: "point",
  grouping: "none",
  currency,
});
