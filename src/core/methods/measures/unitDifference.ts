import type { Mark } from "../../board";
import type { HouseRules } from "../../house";
import type { MeasureProblem } from "../../problem";
import type { UnitId } from "../../quantity";
import type { Worked } from "../contract/method";
import type { Step } from "../contract/step";
import { Stuck } from "../contract/stuck";
import { newPad } from "../squares/pad";
import type { UnitDecisions } from "./unitDecisions";
import { ended, isMeasure, rule, setOutRows } from "./unitRows";
import {
  countMarks,
  countsBy,
  type MeasureWhy,
  measureOf,
  middleOf,
  rate,
  type UnitSetting,
  unitSetting,
  unitsUsed,
  valueIn,
} from "./unitSetting";

export function workDifference(
  problem: MeasureProblem,
  house: HouseRules,
  decisions: UnitDecisions,
): Worked<MeasureWhy> {
  const units = unitsUsed(problem);
  const smallest = units.at(-1) ?? "m";
  const [first, second] = problem.operands.filter(isMeasure);
  if (first === undefined || second === undefined) throw new Error("workDifference: two measures are needed");
  const [a, b] = [valueIn(first, smallest), valueIn(second, smallest)];
  const below = a.numerator * b.denominator < b.numerator * a.denominator;
  const [larger, smaller] = below ? [second, first] : [first, second];
  const swapped: readonly Step<MeasureWhy>[] = below
    ? [{ stage: "setOut", reason: { kind: "swapMeasures", larger, smaller }, marks: [], focus: [] }]
    : [];
  const given = [countsBy(larger, units), countsBy(smaller, units)];
  const [top = [], bottom = []] = given;
  const { steps, counts } = differences(units, top, bottom, decisions);
  const setting = unitSetting(units, [...given, counts]);
  const rewrites = new Map<number, number>();
  const drawn = steps.map((step) => drawDifference(step, setting, units, top, rewrites));
  const pad = newPad<MeasureWhy>(4);
  pad.take([
    ...swapped,
    ...setOutRows(setting, [larger, smaller], given),
    rule(setting, "−", 2, undefined),
    ...drawn,
  ]);
  const answer = measureOf(units, counts, below);
  if (below) pad.mark("answer", { kind: "signMeasure", answer }, []);
  return ended(house, pad, answer);
}

/** More exchanges than a difference of four units can need. */
const MOST_EXCHANGES = 40;

type DifferenceReason = Extract<MeasureWhy, { kind: "unitExchange" | "unitDifference" }>;

/** Each unit's difference, smallest first; where there is too little, one of the next unit that has any is decomposed. */
function differences(
  units: readonly UnitId[],
  top: readonly bigint[],
  bottom: readonly bigint[],
  decisions: UnitDecisions,
): { readonly steps: readonly DifferenceReason[]; readonly counts: readonly bigint[] } {
  const standing = [...top];
  const counts = units.map(() => 0n);
  const steps: DifferenceReason[] = [];
  for (let index = units.length - 1; index >= 0; index--) {
    const unit = units[index] ?? "m";
    const taken = bottom[index] ?? 0n;
    while (decisions.fallsShort(standing[index] ?? 0n, taken)) {
      if (index === 0 || steps.length > MOST_EXCHANGES)
        throw new Stuck("differences: nothing is left to exchange");
      let lender = index - 1;
      while (lender > 0 && (standing[lender] ?? 0n) === 0n) lender--;
      const there = standing[index] ?? 0n;
      const changes = [];
      for (let at = lender; at <= index; at++) {
        const before = standing[at] ?? 0n;
        const per = at === lender ? 0n : decisions.rate(rate(units[at - 1] ?? "m", units[at] ?? "m"));
        const filled = at === lender ? before : decisions.receives(before, per);
        const after = at === index ? filled : decisions.lends(filled);
        standing[at] = after;
        changes.push({ unit: units[at] ?? "m", before, after });
      }
      steps.push({
        kind: "unitExchange",
        needy: unit,
        top: there,
        bottom: taken,
        changes,
        rate: decisions.rate(rate(units[index - 1] ?? "m", unit)),
      });
    }
    const here = standing[index] ?? 0n;
    const written = decisions.leaves(here, taken);
    if (written < 0n) throw new Stuck("differences: less than nothing is left");
    counts[index] = written;
    steps.push({ kind: "unitDifference", unit, top: here, bottom: taken, written });
  }
  return { steps, counts };
}

/** The marks of a difference or an exchange: what changes is struck and written small above. */
function drawDifference(
  reason: DifferenceReason,
  setting: UnitSetting,
  units: readonly UnitId[],
  top: readonly bigint[],
  rewrites: Map<number, number>,
): Step<MeasureWhy> {
  if (reason.kind === "unitDifference") {
    const index = units.indexOf(reason.unit);
    return { stage: "work", reason, marks: countMarks(setting, index, reason.written, 2), focus: [] };
  }
  const marks = reason.changes.flatMap(({ unit, after }): readonly Mark[] => {
    const index = units.indexOf(unit);
    const times = rewrites.get(index) ?? 0;
    rewrites.set(index, times + 1);
    const digits = String(top[index] ?? 0n).length;
    const right = setting.rights[index] ?? 0;
    const col = middleOf(setting, index, digits);
    const positionOf = (time: number) =>
      ({ row: -1 - Math.floor(time / 2), position: time % 2 === 0 ? "low" : "high" }) as const;
    const strikes: readonly Mark[] =
      times === 0
        ? Array.from({ length: digits }, (_, at) => ({
            kind: "strike",
            col: right - 1 - at,
            row: 0,
            target: "square",
          }))
        : [{ kind: "strike", col, row: positionOf(times - 1).row, target: positionOf(times - 1).position }];
    return [...strikes, { kind: "small", col, ...positionOf(times), text: String(after) }];
  });
  return { stage: "work", reason, marks, focus: [] };
}
