import type { HouseRules } from "../house";
import { type Decimal, digitAt, highestPlace, lowestPlace, ONES, type Place, placesFrom } from "../number";
import type { Problem } from "../problem";
import { type AnswerReason, finishAnswer } from "./answer";
import { type Method, type WorkingBy, worksOnly } from "./method";
import type { Step } from "./step";
import { digitCol, numeralMarks } from "./writtenNumber";

export type RoundingReason =
  | { readonly kind: "writeToRound"; readonly numeral: Decimal; readonly place: Place }
  | { readonly kind: "ringPlace"; readonly place: Place; readonly digit: number }
  | { readonly kind: "lookRight"; readonly place: Place; readonly next: number; readonly up: boolean };

type Why = RoundingReason | AnswerReason;

/** The number on the plumb line, the place ringed, and the digit after it asked whether the place grows or stays. */
export const roundingByPlace: Method<Why> = {
  id: "rounding-by-place",
  refuses: worksOnly("round"),
  work: workRounding,
};

function workRounding(problem: Problem, house: HouseRules): WorkingBy<Why> {
  const [numeral] = problem.operands;
  if (numeral === undefined || problem.wanted.kind !== "toPlace")
    throw new Error("workRounding: a number and a place are needed");
  const { place } = problem.wanted;
  const full: Decimal = {
    ...numeral,
    whole: numeral.whole.replace(/^0+(?=\d)/, "") || "0",
    point: numeral.fraction !== "",
  };
  const reaches = -place < full.fraction.length;
  const next = digitAt(full, place - 1) ?? 0;
  const highest = Math.max(highestPlace(full), place, ONES);
  const steps: Step<Why>[] = [
    {
      stage: "setOut",
      reason: { kind: "writeToRound", numeral: full, place },
      marks: numeralMarks(full, 0, 0),
      focus: [],
    },
  ];
  if (reaches) {
    steps.push(
      {
        stage: "work",
        reason: { kind: "ringPlace", place, digit: digitAt(full, place) ?? 0 },
        marks: [{ kind: "ring", col: digitCol(0, place), row: 0 }],
        focus: [digitCol(0, place)],
      },
      {
        stage: "work",
        reason: { kind: "lookRight", place: place - 1, next, up: next >= 5 },
        marks: [],
        focus: [digitCol(0, place - 1)],
      },
    );
  }
  const right = Math.max(full.fraction.length, -place);
  const end = finishAnswer(
    full,
    {
      row: 0,
      line: 0,
      closes: (row) => ({ kind: "rule", row, from: digitCol(0, highest) - 2, to: right, strokes: 2 }),
    },
    problem,
    house,
  );
  const columns = placesFrom(Math.min(ONES, lowestPlace(full), place), highest);
  return {
    problem,
    method: "rounding-by-place",
    house,
    layout: {
      columns: columns.map((at) => ({ place: at, col: digitCol(0, at) })),
      plumbs: [{ line: 0, from: "top" }],
    },
    steps: [...steps, ...end.steps],
    answer: end.answer,
  };
}
