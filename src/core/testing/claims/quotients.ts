import type { Decimal } from "../../number";
import { wide } from "../answers";
import { ratio, right, same, size } from "../ratio";
import type { ClaimsTable } from "./claimsTable";
import { isDigit } from "./counts";
import { power, total } from "./values";

/** Claims about dividing: each "how many times", each line under it, and what is made of the rest. */
export const QUOTIENT_CLAIMS = {
  scaleBoth: (reason) => [
    wide(reason.dividend).times(power(reason.power)).equals(wide(reason.newDividend)),
    wide(reason.divisor).times(power(reason.power)).equals(reason.newDivisor.toString()),
  ],
  takePart: (reason) => [reason.part.toString().length === reason.digits || reason.part < reason.divisor],
  howMany: (reason) => {
    const times = BigInt(reason.digit) * reason.divisor;
    return [isDigit(reason.digit), times <= reason.part, reason.part < times + reason.divisor];
  },
  multiplyBack: (reason) => [reason.product === BigInt(reason.digit) * reason.divisor],
  subtractBack: (reason) => [
    reason.part - reason.product === reason.rest,
    reason.rest >= 0n,
    reason.rest < reason.divisor,
  ],
  bringDown: (reason) => [reason.part === reason.rest * 10n + BigInt(reason.digit), isDigit(reason.digit)],
  shareInHead: (reason) => [
    reason.part === BigInt(reason.digit) * reason.divisor + reason.rest,
    isDigit(reason.digit),
    reason.rest >= 0n && reason.rest < reason.divisor,
  ],
  takeChunk: (reason) => [wide(reason.times).times(reason.divisor.toString()).equals(wide(reason.product))],
  chunkLeaves: (reason) => [
    wide(reason.before).minus(wide(reason.product)).equals(wide(reason.rest)),
    !wide(reason.rest).isNegative(),
  ],
  addChunks: (reason) => [total(reason.times).equals(wide(reason.quotient))],
  chunksComeAgain: (reason) => {
    const digits = (numeral: Decimal): string =>
      wide(numeral)
        .toFixed()
        .replace(/[.]|^0+|0+$/g, "")
        .replace(/^0+|0+$/g, "");
    return [digits(reason.rest) === digits(reason.before), !wide(reason.rest).equals(wide(reason.before))];
  },
  remainderLeft: (reason) => [wide(reason.remainder).times(power(reason.power)).equals(wide(reason.scaled))],
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
  readQuotient: "states no arithmetic",
} satisfies Partial<ClaimsTable>;
