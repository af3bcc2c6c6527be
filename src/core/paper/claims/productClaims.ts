import Exact from "fraction.js";
import type { Sorted } from "../reading/glyphs";
import { type JudgingTarget, valueFrom } from "../reading/judgingTarget";
import { digitOf, type WrittenNumeral, wholeOf, worthOfNumeral } from "../reading/pieces";
import { operationIn, type Stack, type StackRow } from "../reading/stacks";
import { type Claim, claimOf, type Fault } from "./claim";
import { type Known, numberRows } from "./columnNumbers";
import { digitWrong } from "./digits";
import { isPowerOfTen } from "./places";
import { alignedValue, matched, type ProductRow, partialsOf, rowText, take } from "./productRows";

/** Two factors over a rule, and what stands under it. */
interface Factors {
  readonly top: WrittenNumeral;
  readonly bottom: WrittenNumeral;
}

/** The factors over a rule: under one another, or beside one another with a sign between them. */
function factorsOver(stack: Stack, asked: JudgingTarget, known: Known): Factors | undefined {
  // A row with several numbers is a statement of its own, unless it stands right over the rule.
  const rows = numberRows(stack.above, known).filter(
    ({ numerals, crowded }, nth, all) =>
      nth === all.length - 1 || (numerals.length === 1 && crowded === undefined),
  );
  const last = rows.at(-1);
  const [one, other, more] = last?.numerals ?? [];
  const sign = operationIn(rows);
  if (one !== undefined && other !== undefined && more === undefined && sign === "multiply")
    return { top: one, bottom: other };
  const numerals = rows.flatMap(({ numerals: [first, second] }) =>
    first && second === undefined ? [first] : [],
  );
  const [top, bottom, third] = numerals;
  if (top === undefined || bottom === undefined || third !== undefined || rows.length !== 2) return undefined;
  if (rows.some(({ crowded }) => crowded)) return undefined;
  const isAsked = [top, bottom].some((one) =>
    asked.numbers.some((number) => valueFrom(number).equals(worthOfNumeral(one))),
  );
  if (sign !== "multiply" && !(sign === undefined && asked.op === "multiply" && isAsked)) return undefined;
  return { top, bottom };
}

/** The stack that adds up the rows of a product: the one whose numbers stand under the product's rule. */
export const sumUnder = (stack: Stack, stacks: readonly Stack[]): Stack | undefined =>
  stacks.find(
    (one) =>
      one.rule.row > stack.rule.row &&
      one.above.some(({ row }) => row >= stack.rule.row && row < one.rule.row) &&
      stack.closed,
  );

/** A rule under a single row with nothing below it only underlines the answer. */
function sumOf(stack: Stack, stacks: readonly Stack[], rows: number): Stack | undefined {
  const sum = sumUnder(stack, stacks);
  return sum !== undefined && rows === 1 && numbersOnly(sum.below).length === 0 ? undefined : sum;
}

/**
 * What a product under one another states: each row the product of a factor with a digit of the other, or of two
 * digits, in any order; the total their sum. None where the rule lies under no factors.
 */
export function productClaim(
  stack: Stack,
  stacks: readonly Stack[],
  asked: JudgingTarget,
  known: Known,
  writingIn: number | undefined,
  writing: Sorted["last"],
): Claim | undefined {
  const factors = factorsOver(stack, asked, known);
  if (factors === undefined || [factors.top, factors.bottom].some((one) => isPowerOfTen(worthOfNumeral(one))))
    return undefined;
  const { top, bottom } = factors;
  const [a, b] = [wholeOf(top), wholeOf(bottom)];
  const product = a * b;
  const places = decimalsOf(top) + decimalsOf(bottom);
  const value = new Exact(product, 10n ** BigInt(places));
  // A row that is multiplied again, or taken from the product, begins another block.
  const again = stack.below.findIndex(({ words, numerals }, nth) =>
    words.some(
      ({ text, to }) =>
        /^[×·x]$/.test(text) ||
        (nth > 0 && /^[−-]$/.test(text) && to <= (numerals[0]?.from ?? 0) + 0.01) ||
        (nth === 1 && text === "+" && stack.below[0]?.numerals.some((one) => wholeOf(one) === product)),
    ),
  );
  const rows = numbersOnly(again > 0 ? stack.below.slice(0, 1) : stack.below);
  const sum = again >= 0 ? undefined : sumOf(stack, stacks, rows.length);
  const total = sum === undefined ? undefined : numbersOnly(sum.below)[0];
  const read = [top, bottom, ...rows.flat(), ...(total ?? [])];
  const claim = {
    uses: [worthOfNumeral(top), worthOfNumeral(bottom)],
    top: top.row,
    bottom: Math.max(...read.map(({ row }) => row)),
  };
  const first = rows[0];
  if (first === undefined) return claimOf("product", read, { ...claim, state: "unfinished" });
  const ends = [...rows, ...(total === undefined ? [] : [total])].flat().map(({ to }) => to);
  // While the rows are being written, the column ends where the factors do.
  const isUnder = writing !== undefined && top.row !== bottom.row;
  const edge = Math.max(...ends, ...(isUnder ? [top.to, bottom.to] : []));
  const alone = sum === undefined && rows.length === 1;
  if (alone) {
    const whole = wholeNumber(first);
    if (whole !== undefined && worthOfNumeral(whole).equals(value))
      return claimOf("product", read, { ...claim, makes: { value, text: whole.mended, row: whole.row } });
  }
  const partials = partialsOf(a, b);
  const open = [...partials.ordered];
  const [rowsToo, cells] = [[...partials.others], [...partials.cells]];
  let fault: Fault | undefined;
  let rowsSum = 0n;
  let unfinished = false;
  if (!alone || !startsAs(first, product, edge) || partials.ordered.length > 1) {
    for (const [nth, row] of rows.entries()) {
      const is = alignedValue(row, edge);
      rowsSum += is;
      const match = matched(
        row,
        is,
        [open, rowsToo, cells],
        total === undefined && nth === rows.length - 1,
        row[0]?.row === writingIn,
      );
      if (match.kind === "right" && match.value !== 0n) take([open, rowsToo, cells], match.value);
      else if (match.kind === "begun") unfinished = true;
      else if (match.kind === "wrong") {
        // Under rows that are all there the total may be begun before its rule is drawn.
        const isTotal =
          total === undefined &&
          nth === rows.length - 1 &&
          row[0]?.row === writingIn &&
          open.length === 0 &&
          isWithin(rowText(row), rowsSum - is);
        if (isTotal || isFromTheLeft(row, writing)) unfinished = true;
        else fault ??= match.fault;
      }
    }
  }
  if (alone && fault !== undefined && startsAs(first, product, edge)) fault = undefined;
  if (alone && (unfinished || (fault === undefined && partials.ordered.length > 1)))
    return claimOf("product", read, { ...claim, state: "unfinished" });
  const result = total ?? (alone ? first : undefined);
  const whole = result && wholeNumber(result);
  const makes = whole && { value: worthOfNumeral(whole), text: whole.mended, row: whole.row };
  if (result === undefined || whole === undefined)
    return claimOf("product", read, {
      ...claim,
      ...(fault === undefined ? { state: "unfinished" as const } : { fault }),
    });
  if (alone) {
    if (fault !== undefined) return claimOf("product", read, { ...claim, fault, makes });
    return claimOf("product", read, {
      ...claim,
      ...pointOf(whole, product, value, edge, asked),
      makes: wholeOf(whole) === product ? makes : undefined,
    });
  }
  const sums = alignedFault(result, rowsSum, edge);
  if (fault !== undefined)
    return claimOf("product", read, {
      ...claim,
      fault,
      follows: sums.fault === undefined && sums.complete,
      makes,
    });
  if (sums.fault !== undefined) return claimOf("product", read, { ...claim, fault: sums.fault, makes });
  if (!sums.complete || unfinished || (open.length > 0 && rowsToo.length > 0))
    return claimOf("product", read, { ...claim, state: "unfinished" });
  return claimOf("product", read, { ...claim, ...pointOf(whole, product, value, edge, asked), makes });
}

/** Whether a row is being written from the left: what it will come to is not seen before it ends. */
const isFromTheLeft = (row: ProductRow, last: Sorted["last"]): boolean =>
  last?.kind === "glyph" &&
  last.row === row[0]?.row &&
  last.col === (row.at(-1)?.to ?? 0) - 1 &&
  row.flatMap(({ digits }) => digits).length > 1;

/** Whether digits are the first or the last of a number. */
const isWithin = (digits: string, number: bigint): boolean => {
  const bare = digits.replace(".", "");
  return String(number).startsWith(bare) || String(number).endsWith(bare);
};

const numbersOnly = (rows: readonly StackRow[]): readonly ProductRow[] =>
  rows.flatMap(({ numerals }) => (numerals.length > 0 ? [numerals] : []));

const decimalsOf = ({ mended }: WrittenNumeral): number => mended.split(".")[1]?.length ?? 0;

const wholeNumber = ([only, more]: ProductRow): WrittenNumeral | undefined =>
  more === undefined ? only : undefined;

/** Whether a row may be the last digits of a number, its end at the edge. */
const startsAs = (row: ProductRow, ought: bigint, edge: number): boolean => {
  const text = rowText(row).replace(".", "");
  return row.at(-1)?.to === edge && (String(ought).endsWith(text) || text.endsWith(String(ought)));
};

/** Holds the digits of a row against a number, place by place left of the edge. */
function alignedFault(
  row: ProductRow,
  ought: bigint,
  edge: number,
): { readonly fault: Fault | undefined; readonly complete: boolean } {
  const digits = row.flatMap((numeral) => numeral.digits);
  const wanted = String(ought);
  const at = (col: number): string => wanted.at(-(edge - col)) ?? "0";
  const sorted = [...digits].sort((a, b) => b.col - a.col);
  const off = sorted.find((sign) => digitOf(sign) !== at(sign.col));
  const left = Math.min(...digits.map(({ col }) => col));
  return {
    fault: off && digitWrong(off),
    complete: edge - left >= wanted.length && digits.length >= Math.min(wanted.length, edge - left),
  };
}

/** Whether the point of a product stands where it must; still to be set, where none stands and one is needed. */
function pointOf(
  whole: WrittenNumeral,
  product: bigint,
  value: Exact,
  edge: number,
  asked: JudgingTarget,
): Pick<Claim, "state"> & { readonly fault?: Fault } {
  if (
    worthOfNumeral(whole).equals(value) ||
    (asked.value !== undefined && worthOfNumeral(whole).equals(valueFrom(asked.value)))
  )
    return { state: "right" };
  const { fault } = alignedFault([whole], product, edge);
  if (fault !== undefined) return { state: "wrong", fault };
  if (whole.point === undefined || wholeOf(whole) !== product) return { state: "unfinished" };
  return {
    state: "wrong",
    fault: { kind: "point", at: { col: whole.point, row: whole.row }, written: whole.mended },
  };
}
