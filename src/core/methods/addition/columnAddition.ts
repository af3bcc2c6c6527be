import { type Decimal, highestPlace, lowestPlace, ONES, type Place } from "../../number";
import type { Asks, DecimalProblem } from "../../problem";
import { type Method, otherOperation, taken } from "../contract/method";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import {
  type AdditionDecisions,
  addInColumns,
  type ColumnRow,
  type ColumnSum,
  SOUND_ADDITION,
} from "../procedures/columnSums";
import type { AnswerReason } from "../squares/answer";
import { columnWorking } from "../squares/columnWorking";
import {
  colOf,
  countsIn,
  NO_FREE_ROWS,
  pointStep,
  reachesPoint,
  type SettingDecisions,
  type SettingOutReason,
  SOUND_SETTING,
  settingOf,
  widened,
} from "../squares/settingOut";
import { type ColumnAdditionReason, columnSumStep } from "./columnSum";

type Why = SettingOutReason | ColumnAdditionReason | AnswerReason;

/** The decisions of column addition: how the numbers line up, what each column counts, writes and carries, and how they are added. */
export interface ColumnAdditionDecisions extends AdditionDecisions, SettingDecisions {
  /** What is counted in each column of each row, of what stands there. */
  counts(rows: readonly ColumnRow[]): readonly ColumnRow[];
  /** How the columns are added, of which so many stand; `pointAt` is the one just past the point. */
  adds(
    rows: readonly ColumnRow[],
    columns: number,
    pointAt: number,
    decisions: AdditionDecisions,
  ): readonly ColumnSum[];
  /** Where a carry is written. */
  readonly carriesTo: "nextLarger" | "nextSmaller";
}

export const SOUND_COLUMN_ADDITION: ColumnAdditionDecisions = {
  ...SOUND_SETTING,
  ...SOUND_ADDITION,
  counts: (rows) => rows,
  adds: (rows, columns, pointAt, decisions) => addInColumns(rows, columns, () => 10, decisions, pointAt),
  carriesTo: "nextLarger",
};

/** Numbers under one another, point under point, added from the smallest place with carrying. */
export const columnAddition: Method<"column-addition", Why, DecimalProblem, ColumnAdditionDecisions> = {
  id: "column-addition",
  sample: "40.3 + 7.865 + 12",
  bench: { small: "<1.1> + <1.1>", usual: "<3.2> + <3.2>", largest: "<15.15> + <15.15>" },
  sound: SOUND_COLUMN_ADDITION,
  takes: (problem) => (problem.op === "add" ? taken(problem, workColumnAddition) : otherOperation("add")),
};

/** Column addition with any decisions in the columns; only sound ones are sure to reach the right answer. */
function workColumnAddition(
  problem: Asks<DecimalProblem, "add">,
  { house, decisions }: WorkRules<ColumnAdditionDecisions>,
): MethodResult<Why> {
  const addends = house.addendOrder === "longestFirst" ? longestFirst(problem.operands) : problem.operands;
  const rows = addends.map((numeral) => ({ role: "addend" as const, numeral }));
  const narrow = settingOf(rows, ONES, NO_FREE_ROWS, decisions);
  const lowest = narrow.places[0] ?? ONES;
  const counts = decisions.counts(narrow.rows.map((row) => countsIn(narrow, row, house)));
  const sums = decisions.adds(counts, narrow.places.length, ONES - lowest, decisions);
  const carries = sums.some(({ carriedOut }) => carriedOut > 0);
  const free = { ...NO_FREE_ROWS, belowRule: carries && house.carryPlace === "below" };
  const setting = widened(narrow, sums.length, free);
  const columns = sums.map(({ column, written }) => ({ place: lowest + column, written }));

  const columnSteps = (sum: ColumnSum, front: Place): readonly StepToDraw<Why>[] => {
    const place = lowest + sum.column;
    const col = colOf(place);
    const carry = {
      col: decisions.carriesTo === "nextLarger" ? col - 1 : col + 1,
      above: -1,
      rule: setting.ruleRow,
    };
    const step = columnSumStep(sum, { place, col, row: setting.answerRow, carry }, place > front, house);
    return reachesPoint(setting, place, house) ? [step, pointStep(setting, "whenReached")] : [step];
  };
  const movedToFront = addends[0] !== problem.operands[0];
  return columnWorking(
    setting,
    { op: "add", written: columns, belowZero: false, before: [], movedToFront },
    (front) => sums.flatMap((sum) => columnSteps(sum, front)),
    problem,
    house,
  );
}

/** The addend with most digits on top; equal ones stay as they were given. */
const longestFirst = (addends: readonly Decimal[]): readonly Decimal[] => {
  const digits = (numeral: Decimal): number => highestPlace(numeral) - lowestPlace(numeral);
  return [...addends].sort((a, b) => digits(b) - digits(a));
};
