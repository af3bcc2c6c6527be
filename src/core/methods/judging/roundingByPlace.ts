import type { Mark } from "../../board";
import {
  compareDecimals,
  cutTo,
  type Decimal,
  digitAt,
  highestPlace,
  lowestPlace,
  ONES,
  type Place,
  placesFrom,
  withoutLeadingZeros,
} from "../../number";
import type { Asks, DecimalProblem } from "../../problem";
import { type Method, otherOperation, taken } from "../contract/method";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { type AnswerReason, finishAnswer, nameStep, roundStep } from "../squares/answer";
import { layoutOf } from "../squares/settingOut";
import { digitCol, numeralMarks } from "../squares/writtenNumber";

export type RoundingReason =
  | { readonly kind: "writeToRound"; readonly numeral: Decimal; readonly place: Place }
  | { readonly kind: "ringPlace"; readonly place: Place; readonly digit: number }
  | { readonly kind: "lookRight"; readonly place: Place; readonly next: number; readonly up: boolean };

type Why = RoundingReason | AnswerReason;

/** The decisions of rounding: which digit decides about a place, and what it takes to go up. */
export interface RoundingDecisions {
  decider(place: Place): Place;
  goesUp(digit: number): boolean;
}

export const SOUND_ROUNDING: RoundingDecisions = {
  decider: (place) => place - 1,
  goesUp: (digit) => digit >= 5,
};

/** The number on the plumb line, the place ringed, and the digit after it asked whether the place grows or stays. */
export const roundingByPlace: Method<"rounding-by-place", Why, DecimalProblem, RoundingDecisions> = {
  id: "rounding-by-place",
  sample: "round 3.748 to tenths",
  bench: {
    small: "round <1.1> to ones",
    usual: "round <3.2> to ones",
    largest: "round <15.15> to trillionths",
  },
  sound: SOUND_ROUNDING,
  takes: (problem) => (problem.op === "round" ? taken(problem, workRounding) : otherOperation("round")),
};

/** Rounding with any decisions; only sound ones are sure to reach the right answer. */
function workRounding(
  problem: Asks<DecimalProblem, "round">,
  { house, decisions }: WorkRules<RoundingDecisions>,
): MethodResult<Why> {
  const [numeral] = problem.operands;
  const { place } = problem.form;
  const full: Decimal = {
    ...numeral,
    whole: withoutLeadingZeros(numeral.whole) || "0",
    point: numeral.fraction !== "",
  };
  const reaches = -place < full.fraction.length;
  const decider = decisions.decider(place);
  const next = digitAt(full, decider) ?? 0;
  const up = decisions.goesUp(next);
  const highest = Math.max(highestPlace(full), place, ONES);
  const steps = (): readonly StepToDraw<Why>[] => [
    {
      stage: "setOut",
      reason: { kind: "writeToRound", numeral: full, place },
      draw: () => numeralMarks(full, 0, 0),
      focus: [],
    },
    ...(reaches ? lookSteps() : []),
  ];
  const lookSteps = (): readonly StepToDraw<Why>[] => [
    {
      stage: "work",
      reason: { kind: "ringPlace", place, digit: digitAt(full, place) ?? 0 },
      draw: () => [{ kind: "ring", col: digitCol(0, place), row: 0 }],
      focus: [digitCol(0, place)],
    },
    {
      stage: "work",
      reason: { kind: "lookRight", place: decider, next, up },
      focus: [digitCol(0, decider)],
    },
  ];
  const right = Math.max(full.fraction.length, -place);
  const closes = (row: number): Mark => ({
    kind: "rule",
    row,
    from: digitCol(0, highest) - 2,
    to: right,
    strokes: 2,
  });
  const after = cutTo(full, place, up);
  // Where nothing but zeros come after the place, there is nothing to round.
  const even = compareDecimals(cutTo(full, place, false), full) === 0;
  const end = even
    ? finishAnswer(full, { row: 0, line: 0, closes }, problem, house)
    : {
        answer: { kind: "rounded", numeral: after } as const,
        steps: () => [
          roundStep(full, after, place, 0, 0),
          nameStep({ kind: "rounded", numeral: after }, closes(2)),
        ],
      };
  return {
    answer: end.answer,
    onPaper: () => ({
      layout: layoutOf({ places: placesFrom(Math.min(ONES, lowestPlace(full), place), highest) }),
      steps: [...steps(), ...end.steps()],
    }),
  };
}
