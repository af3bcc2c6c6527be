import Exact from "fraction.js";
import { type WrittenNumeral, worthOfNumeral } from "../../reading/pieces";
import type { StackRow } from "../../reading/stacks";
import { type Claim, claimOf, isSameExact } from "../claim";
import { onesOf } from "../columnNumbers";
import { decimalText } from "../digits";
import { onesLine } from "../places";

export type ColumnOp = "add" | "subtract";

/** What is known of a column before what stands under its rule is looked at. */
export type Begun = Pick<Claim, "uses" | "top" | "bottom">;

/** Rows of parts under the rule: each the sum or difference of one place; the first that is none of them. */
export function partsStated(
  parts: readonly Exact[],
  numerals: readonly WrittenNumeral[],
  below: readonly StackRow[],
  claim: Begun,
): Claim {
  const read = [...numerals, ...below.flatMap((row) => row.numerals)];
  const ones = onesOf(numerals);
  for (const row of below)
    for (const part of row.numerals)
      if (!isPart(part, parts, ones))
        return claimOf("column", read, {
          ...claim,
          bottom: row.row,
          fault: { kind: "digit", at: { col: part.digits[0]?.col ?? 0, row: row.row }, written: part.mended },
        });
  return claimOf("column", read, {
    ...claim,
    bottom: below.at(-1)?.row ?? claim.bottom,
    parts: below.flatMap((row) => row.numerals.map((part) => worthInPlace(part, ones))),
  });
}

/** What the digits of each place come to: the parts that a column is worked in. */
export function partSums(
  op: ColumnOp,
  numerals: readonly WrittenNumeral[],
  values: readonly Exact[],
): readonly Exact[] {
  const places = new Set(
    numerals.flatMap((numeral) => numeral.digits.map(({ col }) => onesLine(numeral) - 1 - col)),
  );
  return [...places].map((place) =>
    values
      .map((value) => partAt(value, place))
      .reduce(
        (total, part, index) => (op === "add" || index === 0 ? total.add(part) : total.sub(part)),
        new Exact(0),
      ),
  );
}

/** What a part is worth where it stands, its zeros written or not. */
const worthInPlace = (part: WrittenNumeral, ones: number): Exact =>
  part.point === undefined && part.to < ones
    ? worthOfNumeral(part).mul(10n ** BigInt(Math.round(ones - part.to)))
    : worthOfNumeral(part);

export const isPart = (numeral: WrittenNumeral, parts: readonly Exact[], ones: number): boolean =>
  parts.some(
    (part) =>
      isSameExact(part.abs(), worthInPlace(numeral, ones)) ||
      isSameExact(part.abs(), worthOfNumeral(numeral)),
  );

/** Whether rows are parts, the last of them perhaps only its first digits. */
export function arePartsBegun(below: readonly StackRow[], parts: readonly Exact[], ones: number): boolean {
  return below.every(({ numerals: [one, more] }, nth) => {
    if (one === undefined || more !== undefined) return false;
    if (nth < below.length - 1) return isPart(one, parts, ones);
    return parts.some((part) => {
      const text = decimalText(part.abs()) ?? "";
      return text.startsWith(one.mended) && one.from === ones - (text.split(".")[0]?.length ?? 0);
    });
  });
}

/** What the digit of a value at a place is worth. */
function partAt({ n, d }: Exact, place: number): Exact {
  const size = place >= 0 ? new Exact(10n ** BigInt(place)) : new Exact(1n, 10n ** BigInt(-place));
  const digit = (n * size.d) / (d * size.n);
  return size.mul(digit % 10n);
}
