import { countedIn, type Decimal, isWhole } from "../../number";
import type { Asks, MeasureProblem } from "../../problem";
import { isMetric, type Measure, type UnitId, unitOf, writeMeasure } from "../../quantity";
import { lastOf, type OneOrMore, type Two } from "../../tuples";
import { type Method, otherOperation, refused, taken } from "../contract/method";
import type { WorkContext } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { nameStep } from "../squares/answer";
import { padText } from "../squares/pad";
import { startMeasures } from "./backAndForth";
import {
  countsBy,
  countsWhole,
  type MeasureWhy,
  measureOf,
  measuresIn,
  problemOfEach,
  rate,
  unitsUsed,
} from "./unitSetting";

/** The decision about padding: how many digits a smaller unit takes after the point. */
export interface PaddingDecisions {
  digits(rate: bigint, count: bigint): number;
}

export const SOUND_PADDING: PaddingDecisions = { digits: (per) => String(per).length - 1 };

/** Metric measures as decimals of their largest unit, each smaller one padded to its full width: 6 mL is 0.006 L. */
export const paddedColumns: Method<
  "padded-columns",
  MeasureWhy,
  MeasureProblem,
  PaddingDecisions,
  "metricOnly" | "otherForm" | "wholeCounts" | "unitsInOrder"
> = {
  id: "padded-columns",
  sample: "3 L 45 mL + 2 L 6 mL",
  bench: {
    small: "<1-9> L <0-998> mL + <1-9> L <0-98> mL",
    usual: "<1-9> L <0-998> mL + <1-9> L <0-98> mL",
    largest: "9999 km 999 m + 999 km 99 m + 12 km 7 m",
  },
  sound: SOUND_PADDING,
  takes: (problem) => {
    const { op, form } = problem;
    if (op === "divide" || op === "rewrite") return otherOperation("add", "subtract", "multiply");
    const units = unitsUsed(problem);
    if (units.length < 2 || units.some((unit) => !isMetric(unitOf(unit).scale))) return refused("metricOnly");
    if (form.kind === "inUnits") return refused("otherForm");
    const operands: readonly (Measure | Decimal)[] = problem.operands;
    const whole = operands.every((operand) =>
      operand.kind === "measure" ? countsWhole(operand) : isWhole(operand),
    );
    if (!whole) return refused("wholeCounts");
    return measuresIn(problem).every((measure) => padsUp(measure, units))
      ? taken(problem, workPadded)
      : refused("unitsInOrder");
  },
};

/** Whether every smaller unit fits the digits it has after the point. */
const padsUp = (measure: Measure, units: OneOrMore<UnitId>): boolean =>
  stepsDown(units).every(([larger, smaller], index) => {
    const count = countsBy(measure, units)[index + 1] ?? 0n;
    return count < rate(larger, smaller);
  });

/** Each unit with the next smaller one. */
const stepsDown = ([first, ...smaller]: OneOrMore<UnitId>): readonly Two<UnitId>[] => {
  let larger = first;
  return smaller.map((unit) => {
    const step = [larger, unit] as const;
    larger = unit;
    return step;
  });
};

type Padded = Asks<MeasureProblem, "add" | "subtract" | "multiply">;

/** Padded columns with any decision of padding; only the sound one is sure to reach the right answer. */
function workPadded<Inner>(
  problem: Padded,
  { house, decisions, solve }: WorkContext<PaddingDecisions, Inner>,
): MethodResult<MeasureWhy | Inner> {
  const units = unitsUsed(problem);
  const [unit, ...smaller] = units;
  const pad = startMeasures<Inner>(problem, house);
  const plain = { ...house, grouping: "none" } as const;
  const asDecimal = (operand: Measure | Decimal): Decimal => {
    if (operand.kind === "decimal") return operand;
    const { decimal, digits } = padded(operand, units, decisions);
    const as: Measure = { kind: "measure", negative: false, parts: [{ count: decimal, unit }] };
    pad.line("setOut", { kind: "padUnit", measure: operand, unit, digits, decimal }, () => [
      padText(`${writeMeasure(operand, plain)} = ${writeMeasure(as, plain)}`),
    ]);
    return decimal;
  };
  const asked = problemOfEach(problem, asDecimal);
  pad.mark("work", { kind: "oneUnitProblem", unit, problem: asked, numberOnly: false });
  const working = solve(asked, { ...house, trailingZeros: "kept" });
  pad.aside(working);
  const { answer } = working;
  if (answer.kind !== "decimal") throw new Error(`workPadded: ${answer.kind} is no decimal`);
  const measure = unpadded(answer, units);
  const as: Measure = { kind: "measure", negative: false, parts: [{ count: answer, unit }] };
  if (smaller.length > 0) {
    pad.line("answer", { kind: "unpadUnit", decimal: answer, unit, measure }, () => [
      padText(`${writeMeasure(as, plain)} = ${writeMeasure(measure, plain)}`),
    ]);
  }
  pad.take(() => [nameStep(measure, undefined)]);
  return { answer: measure, onPaper: pad.onPaper };
}

/** A measure as a decimal of its largest unit: each smaller count written with all its digits. */
function padded(
  measure: Measure,
  units: OneOrMore<UnitId>,
  decisions: PaddingDecisions,
): { readonly decimal: Decimal; readonly digits: number } {
  const [whole = 0n, ...rest] = countsBy(measure, units);
  let decimals = "";
  let most = 0;
  for (const [index, step] of stepsDown(units).entries()) {
    const count = rest[index] ?? 0n;
    const digits = decisions.digits(rate(...step), count);
    decimals += String(count).padStart(digits, "0");
    most = Math.max(most, digits);
  }
  return {
    decimal: {
      kind: "decimal",
      negative: false,
      whole: String(whole),
      fraction: decimals,
      point: decimals !== "",
    },
    digits: most,
  };
}

/** A decimal of the largest unit as so many of each. */
function unpadded(decimal: Decimal, units: OneOrMore<UnitId>): Measure {
  const [first, smallest] = [units[0], lastOf(units)];
  const places = String(rate(first, smallest)).length - 1;
  const shown = decimal.fraction.slice(0, places).padEnd(places, "0");
  let left = countedIn({ ...decimal, fraction: shown, negative: false }, places);
  const counts = units.map((unit) => {
    const per = unit === smallest ? 1n : rate(unit, smallest);
    const count = left / per;
    left %= per;
    return count;
  });
  return measureOf(units, counts, decimal.negative);
}
