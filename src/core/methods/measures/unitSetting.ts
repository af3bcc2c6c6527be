import type { Mark } from "../../board";
import { asFraction, type Decimal, type Fraction, fraction, wholeNumeral } from "../../number";
import {
  AS_IT_COMES,
  type Asks,
  type DecimalProblem,
  type MeasureProblem,
  thingAndTimes,
} from "../../problem";
import {
  type Measure,
  type MeasurePart,
  rateBetween,
  smallerUnits,
  UNITS,
  type UnitId,
  unitOf,
} from "../../quantity";
import { isOneOrMore, lastOf, mapTwo, mapTwoOrMore, type OneOrMore } from "../../tuples";
import type { AnswerReason } from "../squares/answer";
import { lettering, squaresOf } from "../squares/pad";
import type { MeasureReason } from "./measureReason";

export type MeasureWhy = MeasureReason | AnswerReason;

/**
 * The units that a problem's measures are in, and those its answer is wanted in; the largest first. Where a
 * measure does not come out even in them when it is shared out, smaller units are used too: as many as it
 * takes, or only the next one where none does.
 */
export function unitsUsed(problem: MeasureProblem): OneOrMore<UnitId> {
  const units = unitsNamed(problem);
  if (problem.op !== "divide" || problem.form.kind === "inUnits") return units;
  const [measure, by] = problem.operands;
  if (by.kind !== "decimal") return units;
  const last = lastOf(units);
  const comesOut = (unit: UnitId): boolean => {
    const count = measureInUnit(measure, unit);
    return count.numerator % (asFraction(by).numerator * count.denominator) === 0n;
  };
  if (comesOut(last)) return units;
  const smaller = smallerUnits(last);
  const even = smaller.findIndex(comesOut);
  return [...units, ...smaller.slice(0, even < 0 ? 1 : even + 1)];
}

function unitsNamed(problem: MeasureProblem): OneOrMore<UnitId> {
  const measures = measuresIn(problem);
  const used = new Set([
    ...measures.flatMap(({ parts }) => parts.map(({ unit }) => unit)),
    ...(problem.form.kind === "inUnits" ? problem.form.units : []),
  ]);
  const sorted = UNITS.map(({ id }) => id).filter((id) => used.has(id));
  return isOneOrMore(sorted) ? sorted : [measures[0].parts[0].unit];
}

/** The measures of a problem, without the number that one is taken or shared by. */
export function measuresIn(problem: MeasureProblem): OneOrMore<Measure> {
  if (problem.op === "multiply") return [thingAndTimes<Measure>(problem.operands).thing];
  if (problem.op !== "divide") return problem.operands;
  const [measure, by] = problem.operands;
  return by.kind === "measure" ? [measure, by] : [measure];
}

/** The problem with each measure of it as a number. */
export function problemOfEach(
  problem: Asks<MeasureProblem, "add" | "subtract" | "multiply">,
  asNumber: (operand: Measure | Decimal) => Decimal,
): DecimalProblem {
  const asked = { kind: "decimals", form: AS_IT_COMES } as const;
  if (problem.op === "add")
    return { ...asked, op: "add", operands: mapTwoOrMore(problem.operands, asNumber) };
  const operands = mapTwo<Measure | Decimal, Decimal>(problem.operands, asNumber);
  return problem.op === "subtract"
    ? { ...asked, op: "subtract", operands }
    : { ...asked, op: "multiply", operands };
}

/** How many of the smaller unit make one of the larger. They are units of one scale, of which one is a multiple of the other. */
export function rate(larger: UnitId, smaller: UnitId): bigint {
  const found = rateBetween(larger, smaller);
  if (found === undefined) throw new Error(`rate: ${larger} is no multiple of ${smaller}`);
  return found;
}

/** What stands in columns, the smallest first, from what stands in units, the largest first; and the other way round. */
export const fromSmallest = <Count>(counts: readonly Count[]): readonly Count[] => [...counts].reverse();

/** How many of a column make one of the next, numbered from the smallest unit; nothing is more than the largest can hold. */
export const ratesUp =
  (units: readonly UnitId[], decided: (per: number) => number) =>
  (column: number): number => {
    const [larger, unit] = [units[units.length - 2 - column], units[units.length - 1 - column]];
    return larger === undefined || unit === undefined
      ? Number.POSITIVE_INFINITY
      : decided(Number(rate(larger, unit)));
  };

/** The counts of a measure by unit, zero where it has none of one. */
export const countsBy = (measure: Measure, units: readonly UnitId[]): readonly bigint[] =>
  units.map((unit) => {
    const part = measure.parts.find((one) => one.unit === unit);
    return part === undefined ? 0n : asFraction(part.count).numerator / asFraction(part.count).denominator;
  });

/** Whether every count of a measure is a whole number. */
export const countsWhole = (measure: Measure): boolean =>
  measure.parts.every(({ count }) => /^0*$/.test(count.fraction));

/** The measure of some counts: units of which there are none are left out, but for the last where there is nothing else. */
export function measureOf(
  units: OneOrMore<UnitId>,
  counts: readonly (bigint | Decimal)[],
  negative = false,
): Measure {
  const parts = units.flatMap((unit, index): readonly MeasurePart[] => {
    const count = counts[index] ?? 0n;
    const numeral = typeof count === "bigint" ? wholeNumeral(count) : count;
    return asFraction(numeral).numerator === 0n ? [] : [{ unit, count: numeral }];
  });
  return isOneOrMore(parts)
    ? { kind: "measure", negative, parts }
    : { kind: "measure", negative: false, parts: [{ unit: lastOf(units), count: wholeNumeral(0n) }] };
}

/** A measure in one unit of its scale, exactly. */
export function measureInUnit(measure: Measure, unit: UnitId): Fraction {
  const { size } = unitOf(unit);
  return measure.parts.reduce<Fraction>(
    (sum, part) => {
      const count = asFraction(part.count);
      const numerator = count.numerator * unitOf(part.unit).size;
      const denominator = count.denominator * size;
      return fraction(
        sum.numerator * denominator + numerator * sum.denominator,
        sum.denominator * denominator,
      );
    },
    fraction(0n, 1n),
  );
}

/** Columns by unit: each wide enough for its name and its longest count, with a free square between. */
export interface UnitSetting {
  readonly units: readonly UnitId[];
  /** The grid line at the right edge of each unit's column. */
  readonly rights: readonly number[];
  /** The first square and the line after the last one. */
  readonly from: number;
  readonly to: number;
}

export function unitSetting(units: readonly UnitId[], rows: readonly (readonly bigint[])[]): UnitSetting {
  const rights: number[] = [];
  let col = 0;
  for (const [index, unit] of units.entries()) {
    const longest = Math.max(...rows.map((row) => String(row[index] ?? 0n).length));
    const width = Math.max(longest, squaresOf(symbolOf(unit)));
    rights.push(col + width);
    col += width + 1;
  }
  return { units, rights, from: -1, to: col - 1 };
}

/** The symbol of a unit without its spaces, one letter to a square. */
const symbolOf = (unit: UnitId): string => unitOf(unit).symbol.replaceAll(" ", "");

/** The symbols of the units over their columns. */
export const headMarks = ({ units, rights }: UnitSetting, row: number): readonly Mark[] =>
  units.flatMap((unit, index) => {
    const symbol = symbolOf(unit);
    return lettering(symbol, (rights[index] ?? 0) - squaresOf(symbol), row);
  });

/** A count in a unit's column, its last digit at the right edge. */
export function countMarks(
  { rights }: UnitSetting,
  index: number,
  count: bigint,
  row: number,
): readonly Mark[] {
  const digits = String(count);
  return lettering(digits, (rights[index] ?? 0) - digits.length, row);
}

/** Everything there is of a measure, in its columns. */
export const rowMarks = (setting: UnitSetting, counts: readonly bigint[], row: number): readonly Mark[] =>
  counts.flatMap((count, index) => countMarks(setting, index, count, row));

/** The middle of a unit's column as a square for a small number. */
export const middleOf = ({ rights }: UnitSetting, index: number, digits: number): number =>
  (rights[index] ?? 0) - (digits + 1) / 2;
