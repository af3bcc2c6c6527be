import {
  asFraction,
  type Decimal,
  fromCount,
  isZero,
  leadingPlace,
  ONES,
  roundTo,
  wholeNumeral,
  withoutTrailingZeros,
} from "../../number";
import { AS_IT_COMES, exactAnswer, fractionOf, type MoneyProblem, moneyProblem } from "../../problem";
import { type Amount, amountOf, inMajor, MINOR_PLACES } from "../../quantity";
import { easyNumber, roughAmount } from "./easyNumbers";
import type { Estimate } from "./roughAnswer";

/** The estimate of an operation on money; none of what is handed over. */
export function roughMoney(problem: MoneyProblem): Estimate | undefined {
  const { op, currency } = problem;
  const operands: readonly (Amount | Decimal)[] = problem.operands;
  if (op === "enough" || op === "pay") return undefined;
  if (op === "divide") return roughShare(problem);
  const rounded = operands.map((operand) => (operand.kind === "amount" ? roughAmount(operand) : operand));
  const easy = moneyProblem(op, rounded, { currency, without: [] }, AS_IT_COMES);
  if (easy === undefined) return undefined;
  const value = easyNumber(exactAnswer(easy));
  if (value.kind === "decimal") {
    // Tenths of money are written with both their places.
    const places = value.fraction.length === 1 ? `${value.fraction}0` : value.fraction;
    return {
      rounding: "wholeMoney",
      rounded: easy,
      result: amountOf(currency, { ...value, fraction: places }),
    };
  }
  const { numerator } = asFraction(value);
  const halves = wholeNumeral(numerator);
  const scaled: Decimal = { ...halves, fraction: "50", whole: String(numerator / 2n), point: true };
  return { rounding: "wholeMoney", rounded: easy, result: amountOf(currency, scaled) };
}

/** An amount divided: taken as that multiple of the divisor, in its first digit, which lies nearest, so that nothing is left over: $20 ÷ 3 as $21 ÷ 3. */
function roughShare(problem: Extract<MoneyProblem, { op: "divide" }>): Estimate | undefined {
  const { currency } = problem;
  const [amount, by] = problem.operands;
  const divisor = by.kind === "amount" ? roughAmount(by) : by;
  if (isZero(by.kind === "amount" ? inMajor(by) : by)) return undefined;
  const { s, n, d } = fractionOf(amount).div(fractionOf(divisor));
  const nearest = wholeNumeral((s * (2n * n + d)) / (2n * d));
  const times = withoutTrailingZeros(roundTo(nearest, leadingPlace(nearest) ?? ONES));
  if (isZero(times)) return undefined;
  const multiple = fractionOf(times)
    .mul(fractionOf(divisor))
    .mul(10n ** BigInt(MINOR_PLACES));
  if (multiple.d !== 1n) return undefined;
  const taken = amountOf(currency, withoutTrailingZeros(fromCount(multiple.n, MINOR_PLACES)));
  const rounded = moneyProblem("divide", [taken, divisor], { currency, without: [] }, AS_IT_COMES);
  if (rounded === undefined) return undefined;
  return { rounding: "multiple", rounded, result: by.kind === "amount" ? times : amountOf(currency, times) };
}
