import type { Mark } from "../../board";
import type { HouseRules } from "../../house";
import {
  type Decimal,
  digitAt,
  highestPlace,
  lowestPlace,
  ONES,
  type Place,
  placesFrom,
  withoutBarePoint,
} from "../../number";
import type { Asks, DecimalProblem, Relation } from "../../problem";
import { mapTwo } from "../../tuples";
import { type Method, type OnPaper, otherOperation, taken, type Worked } from "../contract/method";
import type { StepToDraw } from "../contract/step";
import { type AnswerReason, nameStep } from "../squares/answer";
import { lineOf } from "../squares/placeParts";
import { layoutOf } from "../squares/settingOut";
import { digitCol, numeralMarks, textMarks, textWidth } from "../squares/writtenNumber";

export type ComparingReason =
  | { readonly kind: "writeToCompare"; readonly numeral: Decimal; readonly nth: number }
  | { readonly kind: "comparingFillers"; readonly places: number }
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
  house: HouseRules,
  decisions: ComparingDecisions,
): Worked<Why> {
  const numerals = mapTwo(problem.operands, withoutBarePoint);
  const [left, right] = numerals;
  const lowest = Math.min(ONES, ...numerals.map(lowestPlace));
  const places = placesFrom(lowest, Math.max(ONES, ...numerals.map(highestPlace)));
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
      ...numerals.map(
        (numeral, nth): StepToDraw<Why> => ({
          stage: "setOut",
          reason: { kind: "writeToCompare", numeral, nth },
          draw: () => numeralMarks(numeral, 0, nth),
          focus: [],
        }),
      ),
      ...(house.emptyPlaces === "fillers" ? fillerStep(numerals, places) : []),
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

/** The step that keeps empty places open with zeros, where there are any. */
export function fillerStep(
  numerals: readonly Decimal[],
  places: readonly Place[],
): readonly StepToDraw<Extract<ComparingReason, { kind: "comparingFillers" }>>[] {
  const fillers = numerals.flatMap((numeral, row): readonly Mark[] =>
    places
      .filter((place) => place <= ONES && digitAt(numeral, place) === undefined)
      .map((place) => ({ kind: "glyph", col: digitCol(0, place), row, text: "0", look: "filler" })),
  );
  if (fillers.length === 0) return [];
  const reason = { kind: "comparingFillers", places: -Math.min(...places) } as const;
  return [{ stage: "setOut", reason, draw: () => fillers, focus: [] }];
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
  const line = `${lineOf(left)} ${relation} ${lineOf(right)}`;
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
