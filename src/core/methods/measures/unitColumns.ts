import type { Mark } from "../../board";
import type { HouseRules } from "../../house";
import { asFraction, isWhole } from "../../number";
import { type Answer, type MeasureProblem, signOf, writeAnswer } from "../../problem";
import { type Measure, type UnitId, unitOf } from "../../quantity";
import type { Method, Refusal, WorkingBy } from "../method";
import { newPad, type Pad, PLAIN_LAYOUT, text } from "../pad";
import type { Step } from "../step";
import {
  countMarks,
  countsBy,
  countsWhole,
  headMarks,
  type MeasureWhy,
  measureOf,
  middleOf,
  rate,
  rowMarks,
  type UnitSetting,
  unitSetting,
  unitsUsed,
  worthIn,
} from "./unitSetting";

/** The decisions in columns of units. Rates are how many of one unit make one of the next. */
export interface UnitHabits {
  /** What is kept of a total, and how many of the next unit it gives. */
  keeps(total: bigint, rate: bigint): bigint;
  gives(total: bigint, rate: bigint): bigint;
  /** Whether a unit has too little on top, what it has once one of the next was exchanged, and what is left. */
  fallsShort(top: bigint, bottom: bigint): boolean;
  receives(top: bigint, rate: bigint): bigint;
  leaves(top: bigint, bottom: bigint): bigint;
}

export const SOUND_UNITS: UnitHabits = {
  keeps: (total, per) => total % per,
  gives: (total, per) => total / per,
  fallsShort: (top, bottom) => top < bottom,
  receives: (top, per) => top + per,
  leaves: (top, bottom) => top - bottom,
};

/** Unit under unit; what is too much of one is regrouped into the next, and one of the next decomposed where there is too little. */
export const unitColumns: Method<MeasureWhy, MeasureProblem> = {
  id: "unit-columns",
  refuses,
  work: (problem, house) => workUnitColumns(problem, house, SOUND_UNITS),
};

function refuses(problem: MeasureProblem): Refusal | undefined {
  const { op, operands, wanted } = problem;
  if (op === "rewrite") return { kind: "otherOperation", worksOn: ["add", "subtract", "multiply", "divide"] };
  const measures = operands.filter((operand): operand is Measure => operand.kind === "measure");
  if (op === "divide" && measures.length === 2) return { kind: "measureByMeasure" };
  if (!operands.every((operand) => (operand.kind === "measure" ? countsWhole(operand) : isWhole(operand))))
    return { kind: "wholeCounts" };
  if (wanted.kind === "inUnits") return { kind: "otherForm" };
  const units = unitsUsed(problem);
  const ordered = measures.every((measure) => inOrder(measure, units));
  return (op === "subtract" || op === "divide") && !ordered ? { kind: "unitsInOrder" } : undefined;
}

/** Whether no unit but the largest that is used has as many as make one of the next. */
const inOrder = (measure: Measure, units: readonly UnitId[]): boolean =>
  countsBy(measure, units).every((count, index) => {
    const [larger, unit] = [units[index - 1], units[index]];
    return larger === undefined || unit === undefined || count < rate(larger, unit);
  });

const isMeasure = (operand: MeasureProblem["operands"][number]): operand is Measure =>
  operand.kind === "measure";

/** Columns of units with any habits; only sound ones are sure to reach the right answer. */
export function workUnitColumns(
  problem: MeasureProblem,
  house: HouseRules,
  habits: UnitHabits,
): WorkingBy<MeasureWhy> {
  switch (problem.op) {
    case "add":
    case "multiply":
      return workTotals(problem, house, habits);
    case "subtract":
      return workDifference(problem, house, habits);
    case "divide":
      return workShares(problem, house);
    case "rewrite":
      throw new Error("workUnitColumns: there is nothing to reckon");
  }
}

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
  habits: UnitHabits,
): readonly Total[] {
  const totals: Total[] = [];
  let carried = 0n;
  for (let index = units.length - 1; index >= 0; index--) {
    const unit = units[index] ?? "m";
    const larger = units[index - 1];
    const per = larger === undefined ? 0n : rate(larger, unit);
    const total = totalAt(index) + carried;
    const regroups = goes && larger !== undefined && total >= per;
    totals.push({
      unit,
      index,
      total,
      written: regroups ? habits.keeps(total, per) : total,
      carriedIn: carried,
      carriedOut: regroups ? habits.gives(total, per) : 0n,
      larger,
      rate: per,
    });
    carried = regroups ? habits.gives(total, per) : 0n;
  }
  return totals;
}

function workTotals(problem: MeasureProblem, house: HouseRules, habits: UnitHabits): WorkingBy<MeasureWhy> {
  const units = unitsUsed(problem);
  const measures = problem.operands.filter(isMeasure);
  const factor = problem.operands.find((operand) => operand.kind === "decimal");
  const times = factor?.kind === "decimal" ? asFraction(factor).numerator : 1n;
  const rows = measures.map((measure) => countsBy(measure, units));
  const totalAt = (index: number): bigint => rows.reduce((sum, row) => sum + (row[index] ?? 0n), 0n) * times;
  const goes = house.unitRegrouping === "asYouGo";
  const totals = totalsOf(units, totalAt, goes, habits);
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
                seat: "low",
                text: String(carriedOut),
              },
            ]
          : [];
      return {
        stage: "work",
        reason:
          problem.op === "add"
            ? { kind: "unitTotal", ...common, parts }
            : { kind: "unitProduct", ...common, count: parts[0] ?? 0n, times },
        marks: [...countMarks(setting, index, kept, ruleRow), ...carry],
        focus: [],
      };
    }),
  ];
  const pad = newPad<MeasureWhy>(ruleRow + 2);
  pad.take(steps);
  const counts = goes ? written : regroupedAtEnd(pad, units, written, habits);
  return ended(problem, "unit-columns", house, pad, measureOf(units, counts));
}

/** Too many of a unit regrouped into the next, from the smallest unit up, each on a line of its own. */
function regroupedAtEnd(
  pad: Pad<MeasureWhy>,
  units: readonly UnitId[],
  totals: readonly bigint[],
  habits: UnitHabits,
): readonly bigint[] {
  const counts = [...totals];
  for (let index = units.length - 1; index > 0; index--) {
    const [unit = "m", larger = "m"] = [units[index], units[index - 1]];
    const count = counts[index] ?? 0n;
    const per = rate(larger, unit);
    if (count < per) continue;
    const [whole, rest, had] = [habits.gives(count, per), habits.keeps(count, per), counts[index - 1] ?? 0n];
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

const withUnit = (count: bigint, unit: UnitId): string => `${count} ${unitOf(unit).symbol}`;

/** The heads of the columns, and every measure in them. */
function setOutRows(
  setting: UnitSetting,
  measures: readonly Measure[],
  rows: readonly (readonly bigint[])[],
): readonly Step<MeasureWhy>[] {
  return [
    {
      stage: "setOut",
      reason: { kind: "unitHeads", units: setting.units },
      marks: headMarks(setting, -2),
      focus: [],
    },
    ...measures.map(
      (measure, index): Step<MeasureWhy> => ({
        stage: "setOut",
        reason: { kind: "writeUnitRow", measure, first: index === 0 },
        marks: rowMarks(setting, rows[index] ?? [], index),
        focus: [],
      }),
    ),
  ];
}

/** The sign, the multiplier where there is one, and the rule above a row. */
function rule(setting: UnitSetting, sign: string, row: number, times: bigint | undefined): Step<MeasureWhy> {
  const line: Mark = { kind: "rule", row, from: setting.from, to: setting.to, strokes: 1 };
  const col = setting.from;
  const multiplier: readonly Mark[] =
    times === undefined ? [] : countMarks(setting, setting.units.length - 1, times, row - 1);
  return {
    stage: "setOut",
    reason: { kind: "unitRule", sign, times },
    marks: [{ kind: "glyph", col, row: row - 1, text: sign, look: "written" }, ...multiplier, line],
    focus: [],
  };
}

function workDifference(
  problem: MeasureProblem,
  house: HouseRules,
  habits: UnitHabits,
): WorkingBy<MeasureWhy> {
  const units = unitsUsed(problem);
  const smallest = units.at(-1) ?? "m";
  const [first, second] = problem.operands.filter(isMeasure);
  if (first === undefined || second === undefined) throw new Error("workDifference: two measures are needed");
  const [a, b] = [worthIn(first, smallest), worthIn(second, smallest)];
  const below = a.numerator * b.denominator < b.numerator * a.denominator;
  const [larger, smaller] = below ? [second, first] : [first, second];
  const swapped: readonly Step<MeasureWhy>[] = below
    ? [{ stage: "setOut", reason: { kind: "swapMeasures", larger, smaller }, marks: [], focus: [] }]
    : [];
  const given = [countsBy(larger, units), countsBy(smaller, units)];
  const [top = [], bottom = []] = given;
  const { steps, counts } = differences(units, top, bottom, habits);
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
  return ended(problem, "unit-columns", house, pad, answer);
}

type DifferenceReason = Extract<MeasureWhy, { kind: "unitExchange" | "unitDifference" }>;

/** Each unit's difference, smallest first; where there is too little, one of the next unit that has any is decomposed. */
function differences(
  units: readonly UnitId[],
  top: readonly bigint[],
  bottom: readonly bigint[],
  habits: UnitHabits,
): { readonly steps: readonly DifferenceReason[]; readonly counts: readonly bigint[] } {
  const standing = [...top];
  const counts = units.map(() => 0n);
  const steps: DifferenceReason[] = [];
  for (let index = units.length - 1; index >= 0; index--) {
    const unit = units[index] ?? "m";
    const taken = bottom[index] ?? 0n;
    while (habits.fallsShort(standing[index] ?? 0n, taken) && index > 0) {
      let lender = index - 1;
      while (lender > 0 && (standing[lender] ?? 0n) === 0n) lender--;
      const there = standing[index] ?? 0n;
      const changes = [];
      for (let at = lender; at <= index; at++) {
        const before = standing[at] ?? 0n;
        const per = at === lender ? 0n : rate(units[at - 1] ?? "m", units[at] ?? "m");
        const filled = at === lender ? before : habits.receives(before, per);
        const after = at === index ? filled : filled - 1n;
        standing[at] = after;
        changes.push({ unit: units[at] ?? "m", before, after });
      }
      steps.push({
        kind: "unitExchange",
        needy: unit,
        top: there,
        bottom: taken,
        changes,
        rate: rate(units[index - 1] ?? "m", unit),
      });
    }
    const here = standing[index] ?? 0n;
    const written = habits.leaves(here, taken);
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
    const seatOf = (time: number) =>
      ({ row: -1 - Math.floor(time / 2), seat: time % 2 === 0 ? "low" : "high" }) as const;
    const strikes: readonly Mark[] =
      times === 0
        ? Array.from({ length: digits }, (_, at) => ({
            kind: "strike",
            col: right - 1 - at,
            row: 0,
            target: "square",
          }))
        : [{ kind: "strike", col, row: seatOf(times - 1).row, target: seatOf(times - 1).seat }];
    return [...strikes, { kind: "small", col, ...seatOf(times), text: String(after) }];
  });
  return { stage: "work", reason, marks, focus: [] };
}

/** Shared out from the largest unit on; what is left of one becomes so many of the next. */
function workShares(problem: MeasureProblem, house: HouseRules): WorkingBy<MeasureWhy> {
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
  pad.line("setOut", { kind: "writeMeasures", problem }, [text(`${line} ${sign} ${divisor}`)]);
  let carried = 0n;
  const shares: bigint[] = [];
  for (const [index, unit] of units.entries()) {
    const had = counts[index] ?? 0n;
    const larger = units[index - 1];
    if (larger !== undefined && carried > 0n) {
      const per = rate(larger, unit);
      const makes = carried * per;
      const why: MeasureWhy = {
        kind: "restToSmaller",
        unit: larger,
        rest: carried,
        smaller: unit,
        rate: per,
        makes,
        had,
        total: makes + had,
      };
      const sum = had > 0n ? ` + ${withUnit(had, unit)}` : "";
      pad.line("work", why, [text(`${withUnit(carried, larger)}${sum} = ${withUnit(makes + had, unit)}`)]);
    }
    const count = had + (larger === undefined ? 0n : carried * rate(larger, unit));
    const each = count / divisor;
    const rest = count % divisor;
    pad.line("work", { kind: "unitShare", unit, count, divisor, each, rest }, [
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
  return ended(
    problem,
    "unit-columns",
    house,
    pad,
    carried === 0n ? each : { kind: "measureLeft", each, left },
  );
}

function ended(
  problem: MeasureProblem,
  method: "unit-columns",
  house: HouseRules,
  pad: Pad<MeasureWhy>,
  answer: Answer,
): WorkingBy<MeasureWhy> {
  pad.line("answer", { kind: "nameAnswer", answer }, [
    text(`= ${writeAnswer(answer, { ...house, grouping: "none" })}`),
  ]);
  return { problem, method, house, layout: PLAIN_LAYOUT, steps: pad.steps, answer };
}
