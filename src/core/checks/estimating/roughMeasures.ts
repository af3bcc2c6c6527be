import { asFraction, type Decimal, type Fraction, fraction, unsigned, wholeNumeral } from "../../number";
import { AS_IT_COMES, exactAnswer, isMeasure, type MeasureProblem, measuresOf } from "../../problem";
import { type Measure, UNITS, type UnitId, unitOf } from "../../quantity";
import { easyNumber } from "./easyNumbers";
import type { Estimate } from "./roughAnswer";

/** A measure rounded to its largest unit, or where it has none of that, to the next. */
function roughMeasure(measure: Measure, unit: UnitId): Measure {
  const value = valueIn(measure, unit);
  return oneUnit(value === 0n ? 1n : value, unit);
}

const oneUnit = (count: bigint, unit: UnitId): Measure => ({
  kind: "measure",
  negative: count < 0n,
  parts: [{ count: unsigned(wholeNumeral(count)), unit }],
});

/** How many of a unit a measure is worth, rounded. */
function valueIn(measure: Measure, unit: UnitId): bigint {
  const { numerator, denominator } = measure.parts.reduce<Fraction>(
    (sum, part) => {
      const count = asFraction(part.count);
      const more = count.numerator * unitOf(part.unit).size;
      return fraction(
        sum.numerator * count.denominator + more * sum.denominator,
        sum.denominator * count.denominator,
      );
    },
    fraction(0n, 1n),
  );
  const size = denominator * unitOf(unit).size;
  return (2n * numerator + size) / (2n * size);
}

/** The estimate of an operation on measures, in the largest unit that all of them have. */
export function roughMeasures(problem: MeasureProblem): Estimate | undefined {
  const { op } = problem;
  const operands: readonly (Measure | Decimal)[] = problem.operands;
  if (op === "rewrite") return undefined;
  const measures = operands.filter(isMeasure);
  const units = UNITS.map(({ id }) => id).filter((id) =>
    measures.some(({ parts }) => parts.some(({ unit }) => unit === id)),
  );
  // The largest unit of which none of them has less than half.
  const unit = units.find((id) => measures.every((measure) => valueIn(measure, id) > 0n)) ?? units.at(-1);
  if (unit === undefined) return undefined;
  const rounded = operands.map((operand) =>
    operand.kind === "measure" ? roughMeasure(operand, unit) : operand,
  );
  const easy = measuresOf(op, rounded, AS_IT_COMES);
  if (easy === undefined) return undefined;
  const exact = exactAnswer(easy);
  if (op === "divide" && measures.length === 2)
    return { rounding: "largestUnit", rounded: easy, result: easyNumber(exact) };
  const value = exact.div(unitOf(unit).size);
  const count = (2n * value.n + value.d) / (2n * value.d);
  const result = oneUnit(value.s * count, unit);
  return { rounding: "largestUnit", rounded: easy, result };
}
