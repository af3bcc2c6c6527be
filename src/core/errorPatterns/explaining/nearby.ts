import type { Decimal } from "../../number";
import type { Answer } from "../../problem";

/** How the digits of an answer differ from those of the right one, where they differ in one thing alone. */
export type Nearness = "oneDigit" | "onePlace" | "oneMoreOrLess" | "swapped";

/**
 * How near a wrong answer lies to the right one. Errors that nobody knows are no random numbers: most come of a working
 * that is right but for one thing, and end a digit or a place away.
 */
export function nearness(right: Answer, given: Answer): Nearness | undefined {
  const [one, other] = [writtenDigits(right), writtenDigits(given)];
  if (one === undefined || other === undefined || one.kind !== other.kind) return undefined;
  if (one.digits === other.digits) return "onePlace";
  if (withoutZeros(one.digits) === withoutZeros(other.digits)) return "onePlace";
  if (one.digits.length === other.digits.length) {
    const off = [...one.digits].flatMap((digit, at) => (digit === other.digits[at] ? [] : [at]));
    const [first, second, more] = off;
    if (first !== undefined && second === undefined) return "oneDigit";
    const swaps =
      first !== undefined &&
      second === first + 1 &&
      more === undefined &&
      one.digits[first] === other.digits[second] &&
      one.digits[second] === other.digits[first];
    return swaps ? "swapped" : undefined;
  }
  const [long, short] = one.digits.length > other.digits.length ? [one, other] : [other, one];
  if (long.digits.length - short.digits.length !== 1) return undefined;
  const isOneMore = [...long.digits].some(
    (_, at) => long.digits.slice(0, at) + long.digits.slice(at + 1) === short.digits,
  );
  return isOneMore ? "oneMoreOrLess" : undefined;
}

/** Digits without the zeros at their ends. */
function withoutZeros(digits: string): string {
  let [from, to] = [0, digits.length];
  while (digits[from] === "0") from++;
  while (to > from && digits[to - 1] === "0") to--;
  return digits.slice(from, to);
}

interface Digits {
  readonly kind: Answer["kind"];
  readonly digits: string;
}

const ofDecimal = ({ whole, fraction }: Decimal): string => `${whole.replace(/^0+(?=.)/, "")}${fraction}`;

/** The digits that an answer is written with, one after the other; none of one that has none. */
function writtenDigits(answer: Answer): Digits | undefined {
  const { kind } = answer;
  switch (kind) {
    case "decimal":
      return { kind, digits: ofDecimal(answer) };
    case "rounded":
      return { kind: "decimal", digits: ofDecimal(answer.numeral) };
    case "amount":
      return { kind, digits: `${answer.numeral.whole}${answer.numeral.fraction.padEnd(2, "0")}` };
    case "fraction":
      return { kind, digits: `${answer.numerator}/${answer.denominator}` };
    case "mixed":
      return { kind, digits: `${answer.whole} ${answer.numerator}/${answer.denominator}` };
    case "measure":
      return {
        kind,
        digits: answer.parts.map(({ unit, count }) => `${ofDecimal(count)} ${unit}`).join(" "),
      };
    case "remainder":
      return { kind, digits: `${ofDecimal(answer.quotient)} r ${ofDecimal(answer.remainder)}` };
    default:
      return undefined;
  }
}

/** How many answers lie so near to one of so many digits, about. */
export function answersSoNear(nearness: Nearness, digits: number): number {
  switch (nearness) {
    case "oneDigit":
      return 9 * digits;
    case "onePlace":
      return 4;
    case "oneMoreOrLess":
      return 3 * digits;
    case "swapped":
      return digits;
  }
}
