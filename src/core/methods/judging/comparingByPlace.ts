import { type Decimal, digitAt, type Place, withoutBarePoint } from "../../number";
import type { Asks, DecimalProblem, Relation } from "../../problem";
import { mapTwo } from "../../tuples";
import { type Method, otherOperation, taken } from "../contract/method";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult, OnPaper } from "../contract/working";
import { type AnswerReason, nameStep } from "../squares/answer";
import { numeralLine } from "../squares/placeParts";
import { layoutOf } from "../squares/settingOut";
import { digitCol, textMarks, textWidth } from "../squares/writtenNumber";
import { type PlacesUnderReason, placesOfAll, writtenUnder } from "./placesUnder";

export type ComparingReason =
  | PlacesUnderReason
  /** `decides` where the two digits differ. */
  | {
      readonly kind: "comparePlace";
      readonly place: Place;
      readonly upper: number;
      readonly lower: number;
      readonly decides: boolean;
    }
  | {
      readonly kind: "writeRelation";
      readonly left: Decimal;
      readonly right: Decimal;
      readonly relation: Relation;
    };

type Why = ComparingReason | AnswerReason;

/** The decision of a comparison: how two digits of one place lie to each other. */
export interface ComparingDecisions {
  relates(upper: number, lower: number): Relation;
}

export const SOUND_COMPARING: ComparingDecisions = {
  relates: (upper, lower) => (upper < lower ? "<" : upper > lower ? ">" : "="),
};

/** One number under the other, place under place, and the places compared from the largest until two digits differ. */
export const comparingByPlace: Method<"comparing-by-place", Why, DecimalProblem, ComparingDecisions> = {
  id: "comparing-by-place",
  sample: "compare 0.45 and 0.405",
  bench: {
    small: "compare <1.1> and <1.1>",
    usual: "compare <3.2> and <3.2>",
    largest: "compare <15.15> and <15.15>",
  },
  sound: SOUND_COMPARING,
  takes: (problem) => (problem.op === "compare" ? taken(problem, workComparing) : otherOperation("compare")),
};

/** A comparison with any decision; only the sound one is sure to be right. */
function workComparing(
  problem: Asks<DecimalProblem, "compare">,
  { house, decisions }: WorkRules<ComparingDecisions>,
): MethodResult<Why> {
  const numerals = mapTwo(problem.operands, withoutBarePoint);
  const [left, right] = numerals;
  const places = placesOfAll(numerals);
  const compared: Compared[] = [];
  for (const place of [...places].reverse()) {
    const upper = digitAt(left, place) ?? 0;
    const lower = digitAt(right, place) ?? 0;
    const relation = decisions.relates(upper, lower);
    compared.push({ place, upper, lower, relation });
    if (relation !== "=") break;
  }
  const relation = compared.at(-1)?.relation ?? "=";
  const answer = { kind: "comparison", left, right, relation } as const;
  const onPaper = (): OnPaper<Why> => ({
    layout: layoutOf({ places }),
    steps: [
      ...writtenUnder(numerals, house),
      ...compared.map((one) => compareStep(one, numerals)),
      ...relationSteps(answer),
    ],
  });
  return { answer, onPaper };
}

/** What a comparison comes to. */
interface Comparison {
  readonly kind: "comparison";
  readonly left: Decimal;
  readonly right: Decimal;
  readonly relation: Relation;
}

/** Two digits of one place, and how they lie to each other. */
interface Compared {
  readonly place: Place;
  readonly upper: number;
  readonly lower: number;
  readonly relation: Relation;
}

function compareStep(
  { place, upper, lower, relation }: Compared,
  numerals: readonly Decimal[],
): StepToDraw<Why> {
  const decides = relation !== "=";
  const col = digitCol(0, place);
  return {
    stage: "work",
    reason: { kind: "comparePlace", place, upper, lower, decides },
    draw: () =>
      decides
        ? numerals.flatMap((numeral, row) =>
            digitAt(numeral, place) === undefined ? [] : [{ kind: "ring", col, row } as const],
          )
        : [],
    focus: [col],
  };
}

/** The relation written between the two, and named. */
function relationSteps(answer: Comparison): readonly StepToDraw<Why>[] {
  const { left, right, relation } = answer;
  const line = `${numeralLine(left)} ${relation} ${numeralLine(right)}`;
  const from = -Math.ceil(textWidth(line) / 2);
  return [
    {
      stage: "answer",
      reason: { kind: "writeRelation", left, right, relation },
      draw: () => textMarks(line, from, 3),
      focus: [],
    },
    nameStep(answer, { kind: "rule", row: 4, from, to: from + textWidth(line), strokes: 2 }),
  ];
}
