import { withoutEndZeros, zerosAtEnd } from "../../number";
import { digitOf, type WrittenNumeral, wholeOf } from "../reading/pieces";
import type { Fault } from "./claim";
import { digitWrong } from "./digits";
import { tenTo } from "./places";

/** A row under a product, as its numbers stand in it. */
export type ProductRow = readonly WrittenNumeral[];

/** What a row is worth as its digits stand left of an edge. */
export const alignedValue = (row: ProductRow, edge: number): bigint =>
  row.reduce((sum, numeral) => sum + wholeOf(numeral) * tenTo(edge - numeral.to), 0n);

/** The rows a product may fall into, in the usual order, and all others that are sound. */
export function partialsOf(a: bigint, b: bigint) {
  const parts = (number: bigint): readonly bigint[] =>
    [...String(number)]
      .reverse()
      .flatMap((digit, place) => (digit === "0" ? [] : [BigInt(digit) * 10n ** BigInt(place)]));
  const ordered = parts(b).map((part) => a * part);
  const others = parts(a).map((part) => b * part);
  const cells = parts(a).flatMap((one) => parts(b).map((two) => one * two));
  return { ordered, others, cells };
}

/** The rows that may still come: in the usual order, those of the other factor, those of single digits. */
type Pools = readonly [bigint[], bigint[], bigint[]];

/** Takes a row out of those that are still to come; a row of another kind rules out the kinds that it is none of. */
export function take(pools: Pools, value: bigint): void {
  for (const pool of pools) {
    const at = pool.indexOf(value);
    if (at >= 0) pool.splice(at, 1);
    else pool.splice(0, pool.length);
  }
}

type Match =
  | { readonly kind: "right"; readonly value: bigint }
  | { readonly kind: "begun" }
  | { readonly kind: "wrong"; readonly fault: Fault };

/** What a row is: one of those that may come, a part of one while it is written, or wrong at a digit. */
export function matched(row: ProductRow, is: bigint, pools: Pools, last: boolean, writing: boolean): Match {
  if (is === 0n) return { kind: "right", value: 0n };
  const any = pools.flat();
  const open = pools.find((pool) => pool.length > 0) ?? [];
  if (any.includes(is)) return { kind: "right", value: is };
  // While a row is written, from whichever end, it may become any that holds these digits.
  if (writing && any.some((one) => String(one).includes(withoutEndZeros(rowText(row)))))
    return { kind: "begun" };
  const digits = bare(is);
  const shifted = open.find((one) => bare(one) === digits);
  const spot = row[0];
  if (shifted !== undefined && spot !== undefined) {
    const last = row.at(-1)?.digits.at(-1);
    return {
      kind: "wrong",
      fault: { kind: "shifted", at: { col: last?.col ?? spot.from, row: spot.row }, written: spot.mended },
    };
  }
  // Written from the right, a row that is not done yet ends as one of them.
  if (last && any.some((one) => String(one).endsWith(rowText(row)) || endsLike(one, is)))
    return { kind: "begun" };
  const [ought] = [...open].sort((one, two) => likeness(two, is) - likeness(one, is));
  return { kind: "wrong", fault: firstOff(row, ought ?? is) };
}

const bare = (value: bigint): string => withoutEndZeros(String(value));
export const rowText = (row: ProductRow): string => row.map(({ mended }) => mended).join("");

/** Whether a number ends in the digits of another that count something. */
function endsLike(whole: bigint, end: bigint): boolean {
  const [one, other] = [String(whole), String(end)];
  return one.length > other.length && one.endsWith(other);
}

/** How many digits two numbers have in common, place by place. */
function likeness(one: bigint, other: bigint): number {
  const [a, b] = [String(one), String(other)];
  let alike = a.length === b.length ? 1 : 0;
  for (let nth = 1; nth <= Math.min(a.length, b.length); nth++)
    if (a.at(-nth) === b.at(-nth) && (a.at(-nth) !== "0" || nth > 1)) alike += 1;
  return alike;
}

/** The first digit of a row from the right that differs from a number, as the row stands to it. */
function firstOff(row: ProductRow, ought: bigint): Fault {
  const digits = row.flatMap((numeral) => numeral.digits);
  const text = digits.map(digitOf).join("");
  const wanted = String(ought);
  // Zeros at the end may be left out, the row being moved instead.
  const ends = zerosAtEnd(wanted) - zerosAtEnd(text);
  const should = ends > 0 ? wanted.slice(0, -ends) : wanted;
  for (let nth = 1; nth <= text.length; nth++) {
    const sign = digits.at(-nth);
    if (sign !== undefined && text.at(-nth) !== (should.at(-nth) ?? "")) return digitWrong(sign);
  }
  const first = digits[0];
  return first === undefined ? { kind: "digit", at: { col: 0, row: 0 }, written: text } : digitWrong(first);
}
