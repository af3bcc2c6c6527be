import {
  asFraction,
  type Decimal,
  endsAsDecimal,
  type Fraction,
  fraction,
  simplest,
  unsigned,
  withoutTrailingZeros,
} from "../../number";
import type { Answer, Asks, DecimalProblem, MeasureProblem } from "../../problem";
import type { Measure, UnitId } from "../../quantity";
import { lastOf, mapTwo, type OneOrMore, type Two } from "../../tuples";
import { type Method, otherOperation, taken } from "../contract/method";
import type { OnPad, WorkContext } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import {
  backInUnits,
  finishBackAndForth,
  intoSmallest,
  type MeasurePad,
  type RateDecisions,
  SOUND_RATES,
  startMeasures,
  unitsOfAnswer,
} from "./backAndForth";
import { type MeasureWhy, measureOf, problemOfEach, rate, unitsUsed } from "./unitSetting";

/** Everything in the smallest unit, computed as one number, and back. */
export const smallestUnit: Method<"smallest-unit", MeasureWhy, MeasureProblem, RateDecisions> = {
  id: "smallest-unit",
  sample: "3 × 2 ft 7 in",
  bench: {
    small: "<2-10> × <1-9> ft <0-11> in",
    usual: "<2-10> × <1-9> ft <0-11> in",
    largest: "<12-91> wk 5 d 23 h 59 min ÷ 17 min",
  },
  sound: SOUND_RATES,
  takes: (problem) =>
    problem.op === "rewrite"
      ? otherOperation("add", "subtract", "multiply", "divide")
      : taken(problem, workSmallestUnit),
};

/** The smallest unit with any decisions about rates; only sound ones are sure to reach the right answer. */
function workSmallestUnit<Inner>(
  problem: Exclude<MeasureProblem, { op: "rewrite" }>,
  { house, decisions, solve }: WorkContext<RateDecisions, Inner>,
): MethodResult<MeasureWhy | Inner> {
  const units = unitsUsed(problem);
  const smallest = lastOf(units);
  const pad = startMeasures<Inner>(problem, house);
  const count = (operand: Measure | Decimal): Decimal =>
    operand.kind === "decimal" ? operand : intoSmallest(operand, units, { house, decisions, pad });
  if (problem.op === "divide")
    return workQuotient(problem, mapTwo(problem.operands, count), units, { house, decisions, pad, solve });
  const asked = problemOfEach(problem, count);
  pad.mark("work", { kind: "oneUnitProblem", unit: smallest, problem: asked, numberOnly: false });
  const working = solve(asked, { ...house, trailingZeros: "dropped" });
  pad.aside(working);
  const { answer } = working;
  if (answer.kind !== "decimal") throw new Error(`workSmallestUnit: ${answer.kind} is no count`);
  const result = backInUnits(unsigned(answer), unitsOfAnswer(problem, units), smallest, {
    house,
    decisions,
    pad,
    solve,
  });
  const signed: Answer = result.kind === "measure" ? { ...result, negative: answer.negative } : result;
  if (answer.negative && signed.kind === "measure")
    pad.mark("answer", { kind: "signMeasure", answer: signed });
  return finishBackAndForth(signed, { house, pad });
}

/** A count of the smallest unit as a whole number, and what is left over. */
function workQuotient<Inner>(
  problem: Asks<MeasureProblem, "divide">,
  operands: Two<Decimal>,
  units: OneOrMore<UnitId>,
  { house, decisions, pad, solve }: WorkContext<RateDecisions, Inner> & OnPad<MeasurePad<Inner>>,
): MethodResult<MeasureWhy | Inner> {
  const smallest = lastOf(units);
  const byMeasure = problem.operands[1].kind === "measure";
  // Decimals of the smallest unit are made whole, both alike; what is left over is in it again.
  const exact = simplest(quotientOf(operands));
  const whole = operands.every((operand) => withoutTrailingZeros(operand).fraction === "");
  const form: DecimalProblem["form"] =
    exact.denominator === 1n || (endsAsDecimal(exact) && !byMeasure && !whole)
      ? { kind: "exactly" }
      : { kind: "withRemainder" };
  const asked: DecimalProblem = {
    kind: "decimals",
    op: "divide",
    operands: mapTwo(operands, withoutTrailingZeros),
    form,
  };
  pad.mark("work", { kind: "oneUnitProblem", unit: smallest, problem: asked, numberOnly: byMeasure });
  const working = solve(asked, { ...house, trailingZeros: "dropped" });
  pad.aside(working);
  const { answer } = working;
  if (answer.kind === "decimal") {
    if (byMeasure) return finishBackAndForth(answer, { house, pad });
    return finishBackAndForth(
      backInUnits(answer, unitsOfAnswer(problem, units), smallest, { house, decisions, pad, solve }),
      { house, pad },
    );
  }
  if (answer.kind !== "remainder")
    throw new Error(`workQuotient: ${answer.kind} is no quotient with a remainder`);
  const left: Measure = measureOf([smallest], [answer.remainder]);
  if (byMeasure)
    return finishBackAndForth({ kind: "timesLeft", times: answer.quotient, left }, { house, pad });
  const wantedUnits = unitsOfAnswer(problem, units);
  if (problem.form.kind === "inUnits" && rateOrOne(lastOf(wantedUnits), smallest) > 1n) {
    // The answer is wanted in larger units than the rest is in: it stays a quotient with its rest.
    const each = measureOf([smallest], [answer.quotient]);
    return finishBackAndForth({ kind: "measureLeft", each, left }, { house, pad });
  }
  const each = backInUnits(answer.quotient, wantedUnits, smallest, { house, decisions, pad, solve });
  if (each.kind !== "measure") throw new Error("workQuotient: a measure is needed");
  return finishBackAndForth({ kind: "measureLeft", each, left }, { house, pad });
}

const rateOrOne = (larger: UnitId, smaller: UnitId): bigint =>
  larger === smaller ? 1n : rate(larger, smaller);

function quotientOf([dividend, divisor]: Two<Decimal>): Fraction {
  const [a, b] = [asFraction(dividend), asFraction(divisor)];
  return fraction(a.numerator * b.denominator, a.denominator * b.numerator);
}
