import { asFraction } from "../../number";
import { type Asks, type MeasureProblem, signOf, thingAndTimes } from "../../problem";
import type { UnitId } from "../../quantity";
import type { StepToDraw } from "../contract/step";
import type { OnPad, WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { addInColumns, type ColumnSum } from "../procedures/columnSums";
import { newPad, type Pad, padText } from "../squares/pad";
import { carryMarks } from "../squares/smallMarks";
import type { UnitDecisions } from "./unitDecisions";
import { finishUnitRows, rule, setOutRows, withUnit } from "./unitRows";
import {
  countMarks,
  countsBy,
  fromSmallest,
  type MeasureWhy,
  measureOf,
  measuresIn,
  middleOf,
  ratesUp,
  unitSetting,
  unitsUsed,
} from "./unitSetting";

/** Measures added, or one taken so many times: unit by unit, as in any columns, with what is too much of one regrouped. */
export function workTotals(
  problem: Asks<MeasureProblem, "add" | "multiply">,
  { house, decisions }: WorkRules<UnitDecisions>,
): MethodResult<MeasureWhy> {
  const units = unitsUsed(problem);
  const measures = measuresIn(problem);
  const factor = problem.op === "multiply" ? thingAndTimes(problem.operands).times : undefined;
  const times = factor === undefined ? 1 : Number(asFraction(factor).numerator);
  const rows = measures.map((measure) => countsBy(measure, units));
  const counted = rows.map((row) =>
    fromSmallest(row.map((count, index) => Number(count) * decisions.times(times, index))),
  );
  const goes = house.unitRegrouping === "asYouGo";
  const rateOf = ratesUp(units, decisions.rate);
  // What is regrouped at the end stays in its column until then.
  const sums = addInColumns(
    counted,
    units.length,
    goes ? rateOf : () => Number.POSITIVE_INFINITY,
    decisions,
  ).slice(0, units.length);
  const written = fromSmallest(sums.map((sum) => BigInt(sum.written)));
  const multiplier = units.map((_, index) => (index === units.length - 1 ? BigInt(times) : 0n));
  const setting = unitSetting(units, [...rows, written, multiplier]);
  const ruleRow = factor === undefined ? rows.length : 2;
  // Carries under the rule take a row of their own.
  const carriesBelow = house.carryPlace === "below" && sums.some(({ carriedOut }) => carriedOut > 0);
  const answerRow = ruleRow + (carriesBelow ? 1 : 0);
  const sign = problem.op === "add" ? "+" : signOf("multiply", house);

  const columnStep = (sum: ColumnSum): StepToDraw<MeasureWhy> => {
    const index = units.length - 1 - sum.column;
    const larger = units[index - 1];
    const common = {
      unit: unitAt(units, index),
      carriedIn: BigInt(sum.carriedIn),
      total: BigInt(sum.total),
      written: BigInt(sum.written),
      carriedOut: BigInt(sum.carriedOut),
      larger,
      rate: larger === undefined ? 0n : BigInt(rateOf(sum.column)),
    };
    const parts = rows.map((row) => row[index] ?? 0n);
    const carrySquare = {
      col: middleOf(setting, index - 1, String(rows[0]?.[index - 1] ?? 0n).length),
      above: -1,
      rule: ruleRow,
    };
    return {
      stage: "work",
      reason:
        problem.op === "add"
          ? { kind: "unitTotal", ...common, parts }
          : {
              kind: "unitProduct",
              ...common,
              count: parts[0] ?? 0n,
              times: BigInt(decisions.times(times, index)),
            },
      draw: () => [
        ...countMarks(setting, index, common.written, answerRow),
        ...carryMarks(carrySquare, sum.carriedOut, house),
      ],
      focus: [],
    };
  };
  const pad = newPad<MeasureWhy>(answerRow + 2);
  pad.take(() => [
    ...setOutRows(setting, measures, rows),
    rule(setting, sign, ruleRow, factor === undefined ? undefined : BigInt(times)),
    ...sums.map(columnStep),
  ]);
  const counts = goes ? written : regroupedAtEnd(units, sums, { decisions, pad });
  return finishUnitRows(measureOf(units, counts), { house, pad });
}

const unitAt = (units: readonly UnitId[], index: number): UnitId => {
  const unit = units[index];
  if (unit === undefined) throw new Error("unitAt: there is no such unit");
  return unit;
};

/** Too many of a unit regrouped into the next, from the smallest unit up, each on a line of its own. */
function regroupedAtEnd(
  units: readonly UnitId[],
  totals: readonly ColumnSum[],
  { decisions, pad }: { readonly decisions: UnitDecisions } & OnPad<Pad<MeasureWhy>>,
): readonly bigint[] {
  const rateOf = ratesUp(units, decisions.rate);
  const counts = totals.map(({ written }) => written);
  const regrouped = addInColumns([counts], units.length, rateOf, decisions).slice(0, units.length);
  for (const { column, total, written, carriedOut } of regrouped) {
    const index = units.length - 1 - column;
    if (index === 0 || total < rateOf(column)) continue;
    const [unit, larger] = [unitAt(units, index), unitAt(units, index - 1)];
    const [count, whole, rest] = [BigInt(total), BigInt(carriedOut), BigInt(written)];
    const had = BigInt(counts[column + 1] ?? 0);
    const per = BigInt(rateOf(column));
    pad.line(
      "answer",
      { kind: "regroupUnit", unit, count, larger, rate: per, whole, rest, had, makes: had + whole },
      () => [padText(`${withUnit(count, unit)} = ${withUnit(whole, larger)} ${withUnit(rest, unit)}`)],
    );
  }
  return fromSmallest(regrouped.map(({ written }) => BigInt(written)));
}
