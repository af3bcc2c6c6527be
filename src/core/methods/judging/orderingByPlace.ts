import type { Mark } from "../../board";
import {
  compareDecimals,
  type Decimal,
  digitAt,
  type Place,
  withoutBarePoint,
  writeDecimal,
} from "../../number";
import type { Asks, DecimalProblem } from "../../problem";
import { type Method, otherOperation, taken } from "../contract/method";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import type { AnswerReason } from "../squares/answer";
import { layoutOf } from "../squares/settingOut";
import { digitCol, textMarks, textWidth } from "../squares/writtenNumber";
import { type PlacesUnderReason, placesOfAll, writtenUnder } from "./placesUnder";

export type OrderingReason =
  | PlacesUnderReason
  /** The smallest of those that are left, and the place that says so; none where the next one is worth the same, or none is left. */
  | {
      readonly kind: "pickSmallest";
      readonly numeral: Decimal;
      /** Which one in the order, from 1. */
      readonly nth: number;
      readonly next: Decimal | undefined;
      readonly place: Place | undefined;
    };

type Why = OrderingReason | AnswerReason;

/** The decision of an order: whether one number comes before another. */
export interface OrderingDecisions {
  lies(one: Decimal, other: Decimal): number;
}

const SOUND_ORDERING: OrderingDecisions = { lies: compareDecimals };

/** The numbers under one another, place under place; the smallest picked out, then the smallest of the rest. */
export const orderingByPlace: Method<"ordering-by-place", Why, DecimalProblem, OrderingDecisions> = {
  id: "ordering-by-place",
  sample: "order 0.5; 0.45; 0.405",
  bench: {
    small: "order <1.1>; <1.1>; <1.1>",
    usual: "order <3.2>; <3.2>; <3.2>",
    largest: "order <15.15>; <15.15>; <15.15>; <15.15>; <15.15>; <15.15>",
  },
  sound: SOUND_ORDERING,
  takes: (problem) => (problem.op === "order" ? taken(problem, workOrdering) : otherOperation("order")),
};

/** The largest place in which two numbers differ; none where they are worth the same. */
const firstDifference = (places: readonly Place[], one: Decimal, other: Decimal): Place | undefined =>
  [...places].reverse().find((place) => (digitAt(one, place) ?? 0) !== (digitAt(other, place) ?? 0));

/** An order with any decision; only the sound one is sure to be right. */
function workOrdering(
  problem: Asks<DecimalProblem, "order">,
  { house, decisions }: WorkRules<OrderingDecisions>,
): MethodResult<Why> {
  const numerals = problem.operands.map(withoutBarePoint);
  const ordered = numerals
    .map((numeral, row) => ({ numeral, row }))
    .sort((one, other) => decisions.lies(one.numeral, other.numeral));
  const answer = { kind: "ordered", quantities: ordered.map(({ numeral }) => numeral) } as const;
  const places = placesOfAll(numerals);
  const right = Math.max(...numerals.map(({ fraction }) => fraction.length));
  const picks = (): readonly StepToDraw<Why>[] =>
    ordered.map(({ numeral, row }, index): StepToDraw<Why> => {
      const next = ordered[index + 1]?.numeral;
      const place = next === undefined ? undefined : firstDifference(places, numeral, next);
      const at: readonly Mark[] =
        place === undefined || digitAt(numeral, place) === undefined
          ? []
          : [{ kind: "ring", col: digitCol(0, place), row }];
      return {
        stage: "work",
        reason: { kind: "pickSmallest", numeral, nth: index + 1, next, place },
        draw: () => [...at, { kind: "small", col: right + 1, row, position: "low", text: String(index + 1) }],
        focus: place === undefined ? [] : [digitCol(0, place)],
      };
    });
  const line = ordered
    .map(({ numeral }, index) => {
      const before = ordered[index - 1]?.numeral;
      const sign = before === undefined ? "" : compareDecimals(before, numeral) === 0 ? " = " : " < ";
      return sign + writeDecimal(numeral, { ...house, grouping: "none" });
    })
    .join("");
  const from = -Math.ceil(textWidth(line) / 2);
  const row = numerals.length + 1;
  return {
    answer,
    onPaper: () => ({
      layout: layoutOf({ places }),
      steps: [
        ...writtenUnder(numerals, house),
        ...picks(),
        {
          stage: "answer",
          reason: { kind: "nameAnswer", answer },
          draw: () => [
            ...textMarks(line, from, row),
            { kind: "rule", row: row + 1, from, to: from + textWidth(line), strokes: 2 },
          ],
          focus: [],
        },
      ],
    }),
  };
}
