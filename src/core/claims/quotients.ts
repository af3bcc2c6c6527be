import { bareDigits, type Decimal } from "../number";
import type { ClaimsTable } from "./claimsTable";
import { isOneDigit } from "./counts";
import { below, minus, power, ratio, right, same, size, times, valueOfQuantity } from "./ratio";
import { total } from "./values";

/** Claims about dividing: each "how many times", each line under it, and what is made of the rest. */
export const QUOTIENT_CLAIMS = {
  scaleBoth: (reason) => [
    same(times(valueOfQuantity(reason.dividend), power(reason.power)), valueOfQuantity(reason.newDividend)),
    same(times(valueOfQuantity(reason.divisor), power(reason.power)), ratio(reason.newDivisor)),
  ],
  takePart: (reason) => [reason.part.toString().length === reason.digits || reason.part < reason.divisor],
  howMany: (reason) => {
    const taken = BigInt(reason.digit) * reason.divisor;
    return [isOneDigit(reason.digit), taken <= reason.part, reason.part < taken + reason.divisor];
  },
  multiplyBack: (reason) => [reason.product === BigInt(reason.digit) * reason.divisor],
  subtractBack: (reason) => [
    reason.part - reason.product === reason.rest,
    reason.rest >= 0n,
    reason.rest < reason.divisor,
  ],
  bringDown: (reason) => [reason.part === reason.rest * 10n + BigInt(reason.digit), isOneDigit(reason.digit)],
  shareInHead: (reason) => [
    reason.part === BigInt(reason.digit) * reason.divisor + reason.rest,
    isOneDigit(reason.digit),
    reason.rest >= 0n && reason.rest < reason.divisor,
  ],
  takeChunk: (reason) => [
    same(times(valueOfQuantity(reason.times), ratio(reason.divisor)), valueOfQuantity(reason.product)),
  ],
  chunkLeaves: (reason) => [
    same(
      minus(valueOfQuantity(reason.before), valueOfQuantity(reason.product)),
      valueOfQuantity(reason.rest),
    ),
    !below(valueOfQuantity(reason.rest), ratio(0)),
  ],
  addChunks: (reason) => [same(total(reason.times), valueOfQuantity(reason.quotient))],
  chunksComeAgain: (reason) => {
    const digits = ({ whole, fraction }: Decimal): string => bareDigits(`${whole}${fraction}`);
    return [
      digits(reason.rest) === digits(reason.before),
      !same(valueOfQuantity(reason.rest), valueOfQuantity(reason.before)),
    ];
  },
  remainderLeft: (reason) => [
    same(times(valueOfQuantity(reason.remainder), power(reason.power)), valueOfQuantity(reason.scaled)),
  ],
  simplifyPart: (reason) => [
    reason.newNumerator * reason.by === reason.numerator,
    reason.newDenominator * reason.by === reason.denominator,
  ],
  remainderShared: (reason) => [reason.numerator > 0n, reason.numerator < reason.denominator],
  repetendFound: (reason, { problem }) => {
    const { whole, fixed, repetend } = reason;
    const once = BigInt(`${whole}${fixed}` || 0);
    const nines = 10n ** BigInt(repetend.length) - 1n;
    const shifted = 10n ** BigInt(fixed.length);
    const value = ratio(once * nines + BigInt(repetend || 0), shifted * nines);
    return [repetend.length > 0, problem.op !== "divide" || same(size(right(problem)), value)];
  },
  goesOnTooLong: (reason) => {
    const { fixed, repetend } = reason.expansion;
    return [fixed >= 0, repetend === undefined || fixed + repetend > reason.places];
  },
  readQuotient: "noArithmetic",
} satisfies Partial<ClaimsTable>;
