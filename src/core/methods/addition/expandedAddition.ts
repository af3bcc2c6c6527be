import { type Place, placesFrom } from "../../number";
import type { Asks, DecimalProblem } from "../../problem";
import { type Method, otherOperation, refused, taken } from "../contract/method";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import {
  type AdditionDecisions,
  addInColumns,
  type ColumnSum,
  SOUND_ADDITION,
} from "../procedures/columnSums";
import { type AnswerReason, numeralOf } from "../squares/answer";
import {
  countsOf,
  type ExpandedReason,
  expandedSetting,
  expandedWorking,
  isTooWideToExpand,
  MOST_PLACES,
  placesOf,
} from "../squares/expandedSetting";

export type ExpandedAdditionReason = {
  /** The parts of one place joined, and ten of them regrouped into the next. */
  readonly kind: "partSum";
  readonly place: Place;
  readonly parts: readonly number[];
  readonly carriedIn: number;
  readonly total: number;
  readonly written: number;
  readonly carriedOut: number;
};

type Why = ExpandedReason | ExpandedAdditionReason | AnswerReason;

/** Every number pulled apart into the true values of its digits; like parts joined, ten of one regrouped into the next. */
export const expandedAddition: Method<
  "expanded-addition",
  Why,
  DecimalProblem,
  AdditionDecisions,
  "manyPlaces"
> = {
  id: "expanded-addition",
  sample: "47.6 + 8.7",
  bench: { small: "<1.1> + <1.1>", usual: "<3.2> + <3.2>", largest: "<5.5> + <5.5>" },
  sound: SOUND_ADDITION,
  takes: (problem) => {
    if (problem.op !== "add") return otherOperation("add");
    return isTooWideToExpand(problem)
      ? refused("manyPlaces", MOST_PLACES)
      : taken(problem, workExpandedAddition);
  },
};

/** Expanded addition with any decisions; only sound ones are sure to reach the right answer. */
function workExpandedAddition(
  problem: Asks<DecimalProblem, "add">,
  { house, decisions }: WorkRules<AdditionDecisions>,
): MethodResult<Why> {
  const addends = problem.operands;
  const given = placesOf(addends);
  const lowest = Math.min(...given);
  const sums = addInColumns(
    addends.map((numeral) => countsOf(given, numeral)),
    given.length,
    () => 10,
    decisions,
  );
  const setting = expandedSetting(placesFrom(lowest, lowest + sums.length - 1), 0);
  const regroups = sums.some(({ carriedOut }) => carriedOut > 0) && house.carryPlace !== "unwritten";
  const ruleRow = addends.length;
  const partRow = ruleRow + (regroups && house.carryPlace === "below" ? 1 : 0);
  const carryRow = house.carryPlace === "below" ? ruleRow : -1;
  const counts = sums.map(({ column, written }) => ({ place: lowest + column, written }));
  const full = numeralOf(counts, false);
  const front = Math.max(lowest, ...counts.filter(({ written }) => written > 0).map(({ place }) => place));
  const partStep = ({ column, ...sum }: ColumnSum): StepToDraw<Why> => {
    const place = lowest + column;
    return {
      stage: "work",
      reason: { kind: "partSum", place, ...sum },
      draw: () => [
        ...(sum.written > 0 ? setting.partMarks(sum.written, place, partRow) : []),
        ...(sum.written > 0 && place < front ? [setting.plus(place, partRow)] : []),
        ...(sum.carriedOut > 0 && regroups ? setting.partMarks(sum.carriedOut, place + 1, carryRow) : []),
      ],
      focus: setting.colsOf(place),
    };
  };
  return expandedWorking(
    setting,
    { op: "add", numerals: addends, counts, full, answerRow: partRow + 1 },
    () => sums.map(partStep),
    problem,
    house,
  );
}
