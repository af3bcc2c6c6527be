import type { HouseRules } from "../../house";
import { countedIn, type Decimal, isWhole } from "../../number";
import { AS_IT_COMES, type DecimalProblem, type MeasureProblem } from "../../problem";
import { isMetric, type Measure, type UnitId, unitOf, writeMeasure } from "../../quantity";
import { because, type Method, type Refusal, type Solve, type Worked } from "../contract/method";
import { nameStep } from "../squares/answer";
import { text } from "../squares/pad";
import { startMeasures } from "./backAndForth";
import { countsBy, countsWhole, type MeasureWhy, measureOf, rate, unitsUsed } from "./unitSetting";

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
  refuses,
  work: workPadded,
};

function refuses(
  problem: MeasureProblem,
): Refusal<"metricOnly" | "otherForm" | "wholeCounts" | "unitsInOrder"> | undefined {
  const { op, operands, form } = problem;
  if (op !== "add" && op !== "subtract" && op !== "multiply")
    return { kind: "otherOperation", worksOn: ["add", "subtract", "multiply"] };
  const units = unitsUsed(problem);
  if (units.length < 2 || units.some((unit) => !isMetric(unitOf(unit).scale))) return because("metricOnly");
  if (form.kind === "inUnits") return because("otherForm");
  const whole = operands.every((operand) =>
    operand.kind === "measure" ? countsWhole(operand) : isWhole(operand),
  );
  if (!whole) return because("wholeCounts");
  const measures = operands.filter((operand): operand is Measure => operand.kind === "measure");
  return measures.every((measure) => padsUp(measure, units)) ? undefined : because("unitsInOrder");
}

/** Whether every smaller unit fits the digits it has after the point. */
const padsUp = (measure: Measure, units: readonly UnitId[]): boolean =>
  countsBy(measure, units).every(
    (count, index) => index === 0 || count < rate(units[index - 1] ?? "m", units[index] ?? "m"),
  );

/** Padded columns with any decision of padding; only the sound one is sure to reach the right answer. */
export function workPadded<Inner>(
  problem: MeasureProblem,
  house: HouseRules,
  decisions: PaddingDecisions,
  solve: Solve<Inner>,
): Worked<MeasureWhy | Inner> {
  const units = unitsUsed(problem);
  const [unit = "m", ...smaller] = units;
  const pad = startMeasures<Inner>(problem, house);
  const plain = { ...house, grouping: "none" } as const;
  const operands = problem.operands.map((operand): Decimal => {
    if (operand.kind === "decimal") return operand;
    const { decimal, digits } = padded(operand, units, decisions);
    const as: Measure = { kind: "measure", negative: false, parts: [{ count: decimal, unit }] };
    pad.line("setOut", { kind: "padUnit", measure: operand, unit, digits, decimal }, () => [
      text(`${writeMeasure(operand, plain)} = ${writeMeasure(as, plain)}`),
    ]);
    return decimal;
  });
  const op = problem.op === "add" || problem.op === "subtract" ? problem.op : "multiply";
  const asked: DecimalProblem = { kind: "decimals", op, operands, form: AS_IT_COMES };
  pad.mark("work", { kind: "oneUnitProblem", unit, problem: asked, numberOnly: false });
  const working = solve(asked, { ...house, trailingZeros: "kept" });
  pad.aside(working);
  const { answer } = working;
  if (answer.kind !== "decimal") throw new Error(`workPadded: ${answer.kind} is no decimal`);
  const measure = unpadded(answer, units);
  const as: Measure = { kind: "measure", negative: false, parts: [{ count: answer, unit }] };
  if (smaller.length > 0) {
    pad.line("answer", { kind: "unpadUnit", decimal: answer, unit, measure }, () => [
      text(`${writeMeasure(as, plain)} = ${writeMeasure(measure, plain)}`),
    ]);
  }
  pad.take(() => [nameStep(measure, undefined)]);
  return { answer: measure, onPaper: pad.onPaper };
}

/** A measure as a decimal of its largest unit: each smaller count written with all its digits. */
function padded(
  measure: Measure,
  units: readonly UnitId[],
  decisions: PaddingDecisions,
): { readonly decimal: Decimal; readonly digits: number } {
  const [whole = 0n, ...rest] = countsBy(measure, units);
  let decimals = "";
  let most = 0;
  for (const [index, count] of rest.entries()) {
    const digits = decisions.digits(rate(units[index] ?? "m", units[index + 1] ?? "m"), count);
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
function unpadded(decimal: Decimal, units: readonly UnitId[]): Measure {
  const [first = "m"] = units;
  const smallest = units.at(-1) ?? first;
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
