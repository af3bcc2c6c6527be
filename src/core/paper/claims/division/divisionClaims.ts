import Exact from "fraction.js";
import { significantDigits } from "../../../number";
import type { Sorted } from "../../reading/glyphs";
import type { JudgingTarget } from "../../reading/judgingTarget";
import { digitOf, wholeOf, worthOfNumeral } from "../../reading/pieces";
import type { StackRow } from "../../reading/stacks";
import { type Claim, claimOf, type Fault, type Made } from "../claim";
import { decimalText, digitsWithPoint, digitWrong } from "../digits";
import { isPowerOfTen, onesLine } from "../places";
import { chainOf, chunked, type WorkedDivision } from "./divisionChain";
import { type SetOut, setOut } from "./divisionSetOut";

/** What a written division states: the digits of its quotient, each product, each remainder. None where none is set out. */
export function divisionClaim(
  rows: readonly StackRow[],
  marks: Sorted,
  asked: JudgingTarget,
  writingIn: number | undefined,
): Claim | undefined {
  const set = setOut(rows, marks, asked);
  if (set === undefined) return undefined;
  const { dividend, divisor, quotient, chain } = set;
  const writing = chain.at(-1)?.row === writingIn;
  const divisorValue = worthOfNumeral(divisor);
  const read = [dividend, divisor, ...quotient, ...chain, ...set.beside, ...(set.rest ? [set.rest] : [])];
  const claim = {
    uses: [worthOfNumeral(dividend), divisorValue],
    parts: set.beside.map(worthOfNumeral),
    top: Math.min(...read.map(({ row }) => row)),
    bottom: Math.max(...read.map(({ row }) => row)),
  };
  if (isPowerOfTen(divisorValue) && (chain.length < 2 || (chain.length === 2 && set.quotient.length === 0)))
    return undefined;
  if (divisorValue.n === 0n) return claimOf("division", read, { ...claim, state: "unread" });
  const value = worthOfNumeral(dividend).div(divisorValue);
  const ruled = marks.rules.some(({ row }) => chain.some((one, nth) => nth > 0 && one.row === row));
  const worked = set.beside.length > 0 ? chunked(set, writing, marks.last) : rowsWorked(set, ruled, writing);
  // A line that is complete leaves room for another one below it.
  const isLineBelow =
    !set.bracketed &&
    chain.length === 1 &&
    marks.last !== undefined &&
    quotient.length === 1 &&
    quotient.every((one) => worthOfNumeral(one).equals(value));
  const inChain = isLineBelow ? undefined : worked.fault;
  const inQuotient = quotientFault(set, value);
  const [only, more] = quotient;
  const text = quotient.map(({ mended }) => mended).join("");
  const last = chain.at(-1);
  const rest = set.rest ?? (worked.ended && last !== undefined ? last : undefined);
  const makes: Made | undefined =
    only === undefined || more !== undefined
      ? chunksOf(set, worked.taken)
      : {
          value: worthOfNumeral(only),
          text:
            asked.withRest && rest !== undefined && wholeOf(rest) > 0n ? `${text} r ${rest.mended}` : text,
          row: only.row,
          ...(asked.withRest && rest !== undefined ? { rest: worthOfNumeral(rest) } : {}),
        };
  // A row that is too much, or leaves too much, comes from the digit of the quotient, where that is wrong too.
  const isDigits = inChain?.kind === "tooLarge" || inChain?.kind === "tooSmall";
  const fault = isDigits && inQuotient ? inQuotient : firstOf(inQuotient, inChain, worked.faultAt);
  if (fault !== undefined)
    return claimOf("division", read, {
      ...claim,
      fault,
      makes,
      follows: inQuotient !== undefined && inChain === undefined,
    });
  const done = makes !== undefined && isDone(makes.value, makes.rest, value, divisorValue, asked);
  return claimOf("division", read, { ...claim, makes, state: done ? "right" : "unfinished" });
}

/** The rows under a dividend, read as products and what they leave where rules are drawn between them, else as what is left; the other way only where that says much more. */
function rowsWorked(set: SetOut, ruled: boolean, writing: boolean): WorkedDivision {
  const usual = chainOf(set, ruled, writing);
  if (usual.fault === undefined) return usual;
  const other = chainOf(set, !ruled, writing);
  if (!ruled && other.fault !== undefined && isTooMuchLeft(set)) return other;
  const isOther =
    (usual.held === 0 && other.held >= 2) || (set.chain.length === 1 && other.fault === undefined);
  return isOther ? other : usual;
}

/** Whether the first row can't be what is left, with nothing brought down beside it: it is as much as the divisor or more. */
function isTooMuchLeft({ dividend, divisor, chain: [first] }: SetOut): boolean {
  const by = wholeOf(divisor);
  if (first === undefined || wholeOf(first) < by) return false;
  const end = dividend.digits.findIndex(
    (_, nth) =>
      BigInt(
        dividend.digits
          .slice(0, nth + 1)
          .map(digitOf)
          .join(""),
      ) >= by,
  );
  return end >= 0 && first.to <= (dividend.digits[end]?.col ?? 0) + 1.01;
}

/** Whether a quotient is all of it: exactly, with what is left over, or rounded as it is asked. */
function isDone(
  is: Exact,
  rest: Exact | undefined,
  value: Exact,
  divisor: Exact,
  asked: JudgingTarget,
): boolean {
  if (is.equals(value)) return true;
  if (asked.place !== undefined) return is.sub(value).abs().compare(new Exact(1)) < 0;
  return rest !== undefined && is.add(rest.div(divisor)).equals(value);
}

function chunksOf({ beside }: SetOut, taken: Exact | undefined): Made | undefined {
  const last = beside.at(-1);
  if (last === undefined || taken === undefined) return undefined;
  return worthOfNumeral(last).equals(taken)
    ? { value: worthOfNumeral(last), text: last.mended, row: last.row }
    : undefined;
}

const firstOf = (
  quotient: (Fault & { readonly nth: number }) | undefined,
  chain: Fault | undefined,
  nth: number,
): Fault | undefined =>
  quotient === undefined ? chain : chain === undefined || quotient.nth <= nth ? quotient : chain;

/** The first digit of a quotient that differs from the true one, by its place over the dividend or by its order. */
function quotientFault(
  { quotient, dividend, divisor, over }: SetOut,
  value: Exact,
): (Fault & { readonly nth: number }) | undefined {
  const digits = quotient.flatMap((numeral) => numeral.digits);
  if (digits.length === 0) return undefined;
  const ought = longText(value);
  const point = quotient.find((one) => one.point !== undefined)?.point;
  const whole = ought.split(".")[0] ?? "";
  if (over && divisor.point === undefined) {
    const ones = onesLine(dividend);
    const wanted = (col: number): string => placeIn(ought, ones - 1 - col);
    let nth = 0;
    const sorted = [...digits].sort((a, b) => a.col - b.col);
    let before: number | undefined;
    for (const sign of sorted) {
      if (before !== undefined && sign.col - before > 1.01)
        return { kind: "gap", at: { col: before + 1, row: sign.row }, written: "", nth };
      const is = digitOf(sign);
      const should = wanted(sign.col);
      if (is !== should) {
        const kind = Number(is) < Number(should) ? "tooSmall" : "tooLarge";
        return { ...digitWrong(sign, ones - 1 - sign.col), kind, nth };
      }
      if (is !== "0" || nth > 0) nth += 1;
      before = sign.col;
    }
    if (point !== undefined && point !== ones)
      return { kind: "point", at: { col: point, row: sorted[0]?.row ?? 0 }, written: ".", nth };
    return undefined;
  }
  const should = ought.replace(".", "").replace(/^0+(?=.)/, "");
  const is = digits
    .map(digitOf)
    .join("")
    .replace(/^0+(?=.)/, "");
  const skipped = digits.length - is.length;
  for (let nth = 0; nth < is.length; nth++) {
    const sign = digits[nth + skipped];
    if (
      sign !== undefined &&
      should[nth] === "0" &&
      is[nth] !== "0" &&
      significantDigits(should.slice(nth)).startsWith(is.slice(nth))
    )
      return { ...digitWrong(sign, whole.length - 1 - nth), kind: "gap", nth };
    if (sign !== undefined && should[nth] !== undefined && is[nth] !== should[nth]) {
      const kind = Number(is[nth]) < Number(should[nth]) ? "tooSmall" : "tooLarge";
      return { ...digitWrong(sign, whole.length - 1 - nth), kind, nth };
    }
  }
  const only = quotient[0];
  if (point !== undefined && only !== undefined && quotient.length === 1) {
    const before = only.mended.split(".")[0]?.replace(/^0+(?=.)/, "") ?? "";
    if (before !== whole)
      return { kind: "point", at: { col: point, row: only.row }, written: ".", nth: is.length };
  }
  return undefined;
}

/** The places a quotient is worked to here, where it does not end. */
const LONG = 14;

/** A quotient with as many places as anybody works. */
const longText = (value: Exact): string =>
  decimalText(value) ?? digitsWithPoint((value.n * 10n ** BigInt(LONG)) / value.d, LONG);

const placeIn = (text: string, place: number): string => {
  const [whole = "", fraction = ""] = text.split(".");
  return (place >= 0 ? whole.at(-1 - place) : fraction[-1 - place]) ?? "0";
};
