import { ONES, type Place } from "../../number";

/** Multiplying a row of digits by one digit, smallest first, with what each product carries to the next. */

/** One digit multiplied: what came in, what it made with that, what was written and what went on. */
export interface DigitProduct {
  readonly column: number;
  readonly digit: number;
  readonly by: number;
  readonly carriedIn: number;
  readonly total: number;
  /** One digit; of the last column all that is left to write, which may be two. */
  readonly written: number;
  readonly carriedOut: number;
  readonly last: boolean;
}

/** The decisions at a digit: what it makes with what was carried, what is written of that and what is carried. */
export interface ProductDecisions {
  makes(digit: number, by: number, carriedIn: number): number;
  writes(total: number): number;
  carries(total: number): number;
}

export const SOUND_PRODUCTS: ProductDecisions = {
  makes: (digit, by, carriedIn) => digit * by + carriedIn,
  writes: (total) => total % 10,
  carries: (total) => Math.floor(total / 10),
};

/** The digits, smallest first, each multiplied by `by`. */
export function multiplyByDigit(
  digits: readonly number[],
  by: number,
  decisions: ProductDecisions,
): readonly DigitProduct[] {
  let carried = 0;
  return digits.map((digit, column) => {
    const total = decisions.makes(digit, by, carried);
    const last = column === digits.length - 1;
    const written = last ? total : decisions.writes(total);
    const carriedOut = last ? 0 : decisions.carries(total);
    const product = { column, digit, by, carriedIn: carried, total, written, carriedOut, last };
    carried = carriedOut;
    return product;
  });
}

/** The digits of a number, smallest first. */
export const digitsUp = (digits: string): readonly number[] => [...digits].reverse().map(Number);

/** What the written digits make as a row, smallest first. */
export const writtenRow = (products: readonly DigitProduct[]): readonly number[] =>
  products.flatMap(({ written }) => digitsUp(String(written)));

/** A row of digits, smallest first, without the zeros in front that nobody writes: those left of the ones. */
export function withoutFrontZeros(digits: readonly number[], lowest: Place): readonly number[] {
  let length = digits.length;
  while (length > 1 && digits[length - 1] === 0 && lowest + length - 1 > ONES) length--;
  return digits.slice(0, length);
}
