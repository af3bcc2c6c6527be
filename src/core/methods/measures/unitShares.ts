import { asFraction } from "../../number";
import { type MeasureProblem, signOf } from "../../problem";
import type { Measure } from "../../quantity";
import { lastOf } from "../../tuples";
import { ANSWER_WORDS } from "../../vocabulary";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { newPad, padText } from "../squares/pad";
import type { UnitDecisions } from "./unitDecisions";
import { finishUnitRows, withUnit } from "./unitRows";
import { countsBy, type MeasureWhy, measureOf, rate, unitsUsed } from "./unitSetting";

/** A measure to be shared into so many parts. */
export interface Shares {
  readonly problem: MeasureProblem;
  readonly measure: Measure;
  readonly divisor: bigint;
}

/** Shared out from the largest unit on; what is left of one becomes so many of the next. */
export function workShares(
  { measure, divisor, problem }: Shares,
  { house, decisions }: WorkRules<UnitDecisions>,
): MethodResult<MeasureWhy> {
  const units = unitsUsed(problem);
  const counts = countsBy(measure, units);
  const pad = newPad<MeasureWhy>();
  const sign = signOf("divide", house);
  const line = measure.parts.map(({ count, unit }) => withUnit(asFraction(count).numerator, unit)).join(" ");
  pad.line("setOut", { kind: "writeMeasures", problem }, () => [padText(`${line} ${sign} ${divisor}`)]);
  let carried = 0n;
  const shares: bigint[] = [];
  for (const [index, unit] of units.entries()) {
    const had = counts[index] ?? 0n;
    const larger = units[index - 1];
    const brought = carried;
    if (larger !== undefined && brought > 0n) {
      const per = BigInt(decisions.rate(Number(rate(larger, unit))));
      const makes = brought * per;
      const why: MeasureWhy = {
        kind: "restToSmaller",
        unit: larger,
        rest: brought,
        smaller: unit,
        rate: per,
        makes,
        had,
        total: makes + had,
      };
      const sum = had > 0n ? ` + ${withUnit(had, unit)}` : "";
      pad.line("work", why, () => [
        padText(`${withUnit(brought, larger)}${sum} = ${withUnit(makes + had, unit)}`),
      ]);
    }
    const count =
      had + (larger === undefined ? 0n : brought * BigInt(decisions.rate(Number(rate(larger, unit)))));
    const each = count / divisor;
    const rest = count % divisor;
    pad.line("work", { kind: "unitShare", unit, count, divisor, each, rest }, () => [
      padText(
        `${withUnit(count, unit)} ${sign} ${divisor} = ${withUnit(each, unit)}${rest > 0n ? ANSWER_WORDS.remainder + withUnit(rest, unit) : ""}`,
      ),
    ]);
    shares.push(each);
    carried = rest;
  }
  const each = measureOf(units, shares);
  const left = measureOf([lastOf(units)], [carried]);
  return finishUnitRows(carried === 0n ? each : { kind: "measureLeft", each, left }, { house, pad });
}
