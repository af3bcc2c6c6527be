import { asFraction, type Decimal, isWhole, significantDigits } from "../../number";
import type { MeasureProblem } from "../../problem";
import type { Measure, UnitId } from "../../quantity";
import { failed } from "../../result";
import { because, type Method, type MethodRefusal, otherOperation, refused, taken } from "../contract/method";
import { SOUND_UNITS, type UnitDecisions } from "./unitDecisions";
import { workDifference } from "./unitDifference";
import { countsBy, countsWhole, type MeasureWhy, measuresIn, rate, unitsUsed } from "./unitSetting";
import { workShares } from "./unitShares";
import { workTotals } from "./unitTotals";

/** Unit under unit; what is too much of one is regrouped into the next, and one of the next decomposed where there is too little. */
export const unitColumns: Method<
  "unit-columns",
  MeasureWhy,
  MeasureProblem,
  UnitDecisions,
  "byMeasure" | "wholeCounts" | "otherForm" | "longCounts" | "unitsInOrder"
> = {
  id: "unit-columns",
  sample: "54 lb 3 oz − 27 lb 9 oz",
  bench: {
    small: "<2-61> lb <0-15> oz + <1-60> lb <0-15> oz",
    usual: "<2-61> lb <0-15> oz + <1-60> lb <0-15> oz",
    largest: "5 wk 6 d 23 h 59 min 58 s - 2 wk 6 d 23 h 59 min 59 s",
  },
  sound: SOUND_UNITS,
  takes: (problem) => {
    if (problem.op === "rewrite") return otherOperation("add", "subtract", "multiply", "divide");
    if (problem.op === "divide") {
      const [measure, by] = problem.operands;
      if (by.kind === "measure") return refused("byMeasure");
      const { numerator: divisor } = asFraction(by);
      const refusal = unfit(problem);
      return refusal === undefined ? taken({ problem, measure, divisor }, workShares) : failed(refusal);
    }
    const refusal = unfit(problem);
    if (refusal !== undefined) return failed(refusal);
    return problem.op === "subtract" ? taken(problem, workDifference) : taken(problem, workTotals);
  },
};

/** What does not fit columns of units; none where all does. */
function unfit(
  problem: MeasureProblem,
): MethodRefusal<"wholeCounts" | "otherForm" | "longCounts" | "unitsInOrder"> | undefined {
  const { op, form } = problem;
  const operands: readonly (Measure | Decimal)[] = problem.operands;
  if (!operands.every((operand) => (operand.kind === "measure" ? countsWhole(operand) : isWhole(operand))))
    return because("wholeCounts");
  if (form.kind === "inUnits") return because("otherForm");
  if (!operands.every(isShort)) return because("longCounts", MOST_DIGITS);
  const units = unitsUsed(problem);
  const ordered = measuresIn(problem).every((measure) => inOrder(measure, units));
  return (op === "subtract" || op === "divide") && !ordered ? because("unitsInOrder") : undefined;
}

/** The most digits of a count: more would not stand in a column, nor be counted in the head. */
const MOST_DIGITS = 7;

const isShort = (operand: Measure | Decimal): boolean =>
  (operand.kind === "measure" ? operand.parts.map(({ count }) => count) : [operand]).every(
    ({ whole }) => significantDigits(whole).length <= MOST_DIGITS,
  );

/** Whether no unit but the largest that is used has as many as make one of the next. */
const inOrder = (measure: Measure, units: readonly UnitId[]): boolean =>
  countsBy(measure, units).every((count, index) => {
    const [larger, unit] = [units[index - 1], units[index]];
    return larger === undefined || unit === undefined || count < rate(larger, unit);
  });
