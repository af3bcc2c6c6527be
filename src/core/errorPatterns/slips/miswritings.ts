import { type Decimal, type Numeral, opposite } from "../../number";
import type { Answer, Problem } from "../../problem";
import type { Quantity } from "../../quantity";
import { mapOneOrMore } from "../../tuples";
import { fromTexts, isAfterPoint, isZeroQuantity, replaced, textsOf } from "../contract/quantityTexts";

const isQuantity = (answer: Answer): answer is Quantity & Answer =>
  answer.kind === "decimal" ||
  answer.kind === "fraction" ||
  answer.kind === "mixed" ||
  answer.kind === "amount" ||
  answer.kind === "measure";

/** The answer that digits are written of: a rounded one as its number. */
const written = (answer: Answer): Quantity | undefined => {
  if (answer.kind === "rounded") return answer.numeral;
  if (answer.kind === "roundedAmount") return answer.amount;
  return isQuantity(answer) ? answer : undefined;
};

/** The answer with one place of it, or one number in it, one too large or too small. */
export function offByOne(right: Answer): readonly Answer[] {
  if (right.kind === "remainder") {
    const { quotient, remainder } = right;
    return [
      ...shifted(quotient).map((other): Answer => ({ ...right, quotient: other })),
      ...shifted(remainder).map((other): Answer => ({ ...right, remainder: other })),
    ];
  }
  const quantity = written(right);
  if (quantity === undefined) return [];
  switch (quantity.kind) {
    case "decimal":
      return shifted(quantity);
    case "amount":
      return shifted(quantity.numeral).map((numeral) => ({ ...quantity, numeral }));
    case "fraction":
    case "mixed": {
      const texts = textsOf(quantity);
      return texts.flatMap((text, part) =>
        [1n, -1n].flatMap((by) => {
          const other = BigInt(text) + by;
          const made = other < 0n ? undefined : fromTexts(quantity, replaced(texts, part, String(other)));
          return made !== undefined && isQuantity(made) ? [made] : [];
        }),
      );
    }
    case "measure":
      return quantity.parts.flatMap((part, index) =>
        shifted(part.count).map((count) => ({
          ...quantity,
          parts: mapOneOrMore(quantity.parts, (one, at) => (at === index ? { ...part, count } : one)),
        })),
      );
  }
}

/** A numeral with one more or one less of each of its places. */
function shifted(numeral: Decimal): readonly Decimal[] {
  const { whole, fraction } = numeral;
  const count = BigInt(whole + fraction || "0");
  const places = Array.from({ length: Math.max(1, whole.length + fraction.length) }, (_, index) => index);
  return places.flatMap((place) =>
    [1n, -1n].flatMap((by) => {
      const other = count + by * 10n ** BigInt(place);
      // A first digit that is gone altogether was left out: no fact is missed by that.
      const gone =
        by < 0n && place > 0 && place === String(count).length - 1 && String(count).startsWith("1");
      if (other < 0n || gone) return [];
      const digits = String(other).padStart(fraction.length + 1, "0");
      const at = digits.length - fraction.length;
      return [{ ...numeral, whole: digits.slice(0, at), fraction: digits.slice(at) }];
    }),
  );
}

/** An answer written with one digit otherwise. */
interface DigitWritten {
  readonly answer: Answer;
  readonly digit: string;
}

/** The quantities that an answer is written with, each with the answer that another one in its place makes. */
function writtenIn(
  answer: Answer,
): readonly { readonly quantity: Quantity; answerWith(other: Quantity): Answer | undefined }[] {
  if (answer.kind === "remainder") {
    const { quotient, remainder } = answer;
    return [
      {
        quantity: quotient,
        answerWith: (other) => (other.kind === "decimal" ? { ...answer, quotient: other } : undefined),
      },
      {
        quantity: remainder,
        answerWith: (other) => (other.kind === "decimal" ? { ...answer, remainder: other } : undefined),
      },
    ];
  }
  const quantity = written(answer);
  return quantity === undefined
    ? []
    : [{ quantity, answerWith: (other) => (isQuantity(other) ? other : undefined) }];
}

/** The answer with each of its digits in turn written as something else. */
const rewritten = (
  right: Answer,
  becomes: (digit: string) => readonly string[],
): readonly (DigitWritten & { readonly as: string })[] =>
  writtenIn(right).flatMap(({ quantity, answerWith }) =>
    textsOf(quantity).flatMap((text, part, texts) =>
      [...text].flatMap((digit, index) =>
        becomes(digit).flatMap((as) => {
          const other = text.slice(0, index) + as + text.slice(index + 1);
          const whole = !isAfterPoint(quantity, part);
          if (other === text || (whole && (other === "" || (other.length > 1 && other.startsWith("0")))))
            return [];
          const made = fromTexts(quantity, replaced(texts, part, other));
          const answer = made === undefined ? undefined : answerWith(made);
          return answer === undefined ? [] : [{ answer, digit, as }];
        }),
      ),
    ),
  );

/** The answer with one digit left out. */
export const digitLeftOut = (right: Answer): readonly DigitWritten[] => rewritten(right, () => [""]);

/** The answer with one digit written twice. */
export const digitTwice = (right: Answer): readonly DigitWritten[] =>
  rewritten(right, (digit) => [digit + digit]);

/** The keys beside each digit: along the row 1 2 … 9 0, and on the block of nine with 0 below 1 and 2. */
const BESIDE: Readonly<Record<string, string>> = {
  "0": "912",
  "1": "240",
  "2": "1350",
  "3": "246",
  "4": "3517",
  "5": "4628",
  "6": "5739",
  "7": "684",
  "8": "795",
  "9": "806",
};

/** The answer with one digit typed with a key beside its own. */
export const nearKey = (right: Answer): readonly (DigitWritten & { readonly as: string })[] =>
  rewritten(right, (digit) => [...(BESIDE[digit] ?? "")]);

/**
 * The answer with two neighbouring digits in the wrong order, its point where it was. A zero that
 * would come to stand in front (40.5 as 04.5) is noticed by whoever writes it, so it is left out.
 */
export function digitsSwapped(
  right: Answer,
): readonly { readonly answer: Answer; readonly digits: string }[] {
  const quantity = written(right);
  const numeral = quantity?.kind === "amount" ? quantity.numeral : quantity;
  if (quantity === undefined || numeral?.kind !== "decimal") return [];
  const digits = numeral.whole + numeral.fraction;
  return Array.from({ length: Math.max(0, digits.length - 1) }, (_, index) => index).flatMap((index) => {
    const [first, second] = [digits[index], digits[index + 1]];
    if (first === undefined || second === undefined || first === second) return [];
    const other = digits.slice(0, index) + second + first + digits.slice(index + 2);
    const at = numeral.whole.length;
    if (at > 1 && other.startsWith("0")) return [];
    const swapped = { ...numeral, whole: other.slice(0, at), fraction: other.slice(at) };
    const answer = quantity.kind === "amount" ? { ...quantity, numeral: swapped } : swapped;
    return [{ answer, digits: first + second }];
  });
}

/** The right size on the wrong side of zero, where signs play a part. */
export function signLost(problem: Problem, right: Answer): readonly Answer[] {
  const quantity = written(right);
  if (quantity === undefined) return [];
  const signs = problem.kind === "signed" || negativeIn(quantity);
  if (!signs || isZeroQuantity(quantity)) return [];
  return quantity.kind === "amount"
    ? [{ ...quantity, numeral: opposite(quantity.numeral) }]
    : quantity.kind === "measure"
      ? [{ ...quantity, negative: !quantity.negative }]
      : [opposite<Numeral>(quantity)];
}

const negativeIn = (quantity: Quantity): boolean =>
  quantity.kind === "amount" ? quantity.numeral.negative : quantity.negative;
