import type { Mark } from "../../board";
import type { HouseRules } from "../../house";
import { asFraction } from "../../number";
import { type MeasureProblem, signOf } from "../../problem";
import type { UnitId } from "../../quantity";
import type { Worked } from "../contract/method";
import type { Step } from "../contract/step";
import { newPad, type Pad, text } from "../squares/pad";
import type { UnitDecisions } from "./unitDecisions";
import { ended, isMeasure, rule, setOutRows, withUnit } from "./unitRows";
import {
  countMarks,
  countsBy,
  type MeasureWhy,
  measureOf,
  middleOf,
  rate,
  unitSetting,
  unitsUsed,
} from "./unitSetting";

/** One unit's column of a sum or product. */
interface Total {
  readonly unit: UnitId;
  readonly index: number;
  readonly total: bigint;
  readonly written: bigint;
  readonly carriedIn: bigint;
  readonly carriedOut: bigint;
  readonly larger: UnitId | undefined;
  readonly rate: bigint;
}

/** The totals of all units, smallest first; regrouped at once where `goes`, else left as they are. */
function totalsOf(
  units: readonly UnitId[],
  totalAt: (index: number) => bigint,
  goes: boolean,
  decisions: UnitDecisions,
): readonly Total[] {
  const totals: Total[] = [];
  let carried = 0n;
  for (let index = units.length - 1; index >= 0; index--) {
    const unit = units[index] ?? "m";
    const larger = units[index - 1];
    const per = larger === undefined ? 0n : decisions.rate(rate(larger, unit));
    const total = totalAt(index) + carried;
    const regroups = goes && larger !== undefined && total >= per;
    totals.push({
      unit,
      index,
      total,
      written: regroups ? decisions.keeps(total, per) : total,
      carriedIn: carried,
      carriedOut: regroups ? decisions.gives(total, per) : 0n,
      larger,
      rate: per,
    });
    carried = regroups ? decisions.gives(total, per) : 0n;
  }
  return totals;
}

export function workTotals(
  problem: MeasureProblem,
  house: HouseRules,
  decisions: UnitDecisions,
): Worked<MeasureWhy> {
  const units = unitsUsed(problem);
  const measures = problem.operands.filter(isMeasure);
  const factor = problem.operands.find((operand) => operand.kind === "decimal");
  const times = factor?.kind === "decimal" ? asFraction(factor).numerator : 1n;
  const rows = measures.map((measure) => countsBy(measure, units));
  const totalAt = (index: number): bigint =>
    rows.reduce((sum, row) => sum + (row[index] ?? 0n), 0n) * decisions.times(times, index);
  const goes = house.unitRegrouping === "asYouGo";
  const totals = totalsOf(units, totalAt, goes, decisions);
  const written = units.map((_, index) => totals.find((total) => total.index === index)?.written ?? 0n);
  const multiplier = units.map((_, index) => (index === units.length - 1 ? times : 0n));
  const setting = unitSetting(units, [...rows, written, multiplier]);
  const ruleRow = factor === undefined ? rows.length : 2;
  const sign = problem.op === "add" ? "+" : signOf("multiply", house);
  const steps: Step<MeasureWhy>[] = [
    ...setOutRows(setting, measures, rows),
    rule(setting, sign, ruleRow, factor === undefined ? undefined : times),
    ...totals.map((total): Step<MeasureWhy> => {
      const { unit, index, written: kept, carriedIn, carriedOut, larger } = total;
      const common = {
        unit,
        carriedIn,
        total: total.total,
        written: kept,
        carriedOut,
        larger,
        rate: total.rate,
      };
      const parts = rows.map((row) => row[index] ?? 0n);
      const carry: readonly Mark[] =
        carriedOut > 0n && house.carryPlace !== "unwritten"
          ? [
              {
                kind: "small",
                col: middleOf(setting, index - 1, String(rows[0]?.[index - 1] ?? 0n).length),
                row: -1,
                position: "low",
                text: String(carriedOut),
              },
            ]
          : [];
      return {
        stage: "work",
        reason:
          problem.op === "add"
            ? { kind: "unitTotal", ...common, parts }
            : { kind: "unitProduct", ...common, count: parts[0] ?? 0n, times: decisions.times(times, index) },
        marks: [...countMarks(setting, index, kept, ruleRow), ...carry],
        focus: [],
      };
    }),
  ];
  const pad = newPad<MeasureWhy>(ruleRow + 2);
  pad.take(steps);
  const counts = goes ? written : regroupedAtEnd(pad, units, written, decisions);
  return ended(house, pad, measureOf(units, counts));
}

/** Too many of a unit regrouped into the next, from the smallest unit up, each on a line of its own. */
function regroupedAtEnd(
  pad: Pad<MeasureWhy>,
  units: readonly UnitId[],
  totals: readonly bigint[],
  decisions: UnitDecisions,
): readonly bigint[] {
  const counts = [...totals];
  for (let index = units.length - 1; index > 0; index--) {
    const [unit = "m", larger = "m"] = [units[index], units[index - 1]];
    const count = counts[index] ?? 0n;
    const per = decisions.rate(rate(larger, unit));
    if (count < per) continue;
    const [whole, rest, had] = [
      decisions.gives(count, per),
      decisions.keeps(count, per),
      counts[index - 1] ?? 0n,
    ];
    const makes = had + whole;
    const why: MeasureWhy = { kind: "regroupUnit", unit, count, larger, rate: per, whole, rest, had, makes };
    pad.line("answer", why, [
      text(`${withUnit(count, unit)} = ${withUnit(whole, larger)} ${withUnit(rest, unit)}`),
    ]);
    counts[index] = rest;
    counts[index - 1] = makes;
  }
  return counts;
}
