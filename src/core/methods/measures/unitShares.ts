import type { HouseRules } from "../../house";
import { asFraction } from "../../number";
import { type MeasureProblem, signOf } from "../../problem";
import type { Worked } from "../contract/method";
import { newPad, text } from "../squares/pad";
import type { UnitDecisions } from "./unitDecisions";
import { ended, isMeasure, withUnit } from "./unitRows";
import { countsBy, type MeasureWhy, measureOf, rate, unitsUsed } from "./unitSetting";

/** Shared out from the largest unit on; what is left of one becomes so many of the next. */
export function workShares(
  problem: MeasureProblem,
  house: HouseRules,
  decisions: UnitDecisions,
): Worked<MeasureWhy> {
  const units = unitsUsed(problem);
  const [measure] = problem.operands.filter(isMeasure);
  const by = problem.operands[1];
  if (measure === undefined || by?.kind !== "decimal")
    throw new Error("workShares: a measure and a number are needed");
  const divisor = asFraction(by).numerator;
  const counts = countsBy(measure, units);
  const pad = newPad<MeasureWhy>();
  const sign = signOf("divide", house);
  const line = measure.parts.map(({ count, unit }) => withUnit(asFraction(count).numerator, unit)).join(" ");
  pad.line("setOut", { kind: "writeMeasures", problem }, () => [text(`${line} ${sign} ${divisor}`)]);
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
        text(`${withUnit(brought, larger)}${sum} = ${withUnit(makes + had, unit)}`),
      ]);
    }
    const count =
      had + (larger === undefined ? 0n : brought * BigInt(decisions.rate(Number(rate(larger, unit)))));
    const each = count / divisor;
    const rest = count % divisor;
    pad.line("work", { kind: "unitShare", unit, count, divisor, each, rest }, () => [
      text(
        `${withUnit(count, unit)} ${sign} ${divisor} = ${withUnit(each, unit)}${rest > 0n ? ` r ${withUnit(rest, unit)}` : ""}`,
      ),
    ]);
    shares.push(each);
    carried = rest;
  }
  const each = measureOf(units, shares);
  const last = units.at(-1) ?? "m";
  const left = measureOf([last], [carried]);
  return ended(house, pad, carried === 0n ? each : { kind: "measureLeft", each, left });
}
