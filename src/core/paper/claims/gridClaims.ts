import Exact from "fraction.js";
import { bareDigits } from "../../number";
import type { Sign, Sorted } from "../reading/glyphs";
import { type JudgingTarget, valueFrom } from "../reading/judgingTarget";
import { digitOf, isHandIn, type WrittenNumeral, worthOfNumeral } from "../reading/pieces";
import type { StackRow } from "../reading/stacks";
import { type Claim, claimOf, type Fault } from "./claim";
import { decimalText, digitFault, digitsWithPoint, digitWrong, firstWrong } from "./digits";

/**
 * What a lattice states: each square the product of the digits over it and beside it, each diagonal the sum of
 * what lies in it. None where no lattice is drawn.
 */
export function latticeClaim(
  rows: readonly StackRow[],
  marks: Sorted,
  asked: JudgingTarget,
): Claim | undefined {
  const cells = marks.diagonals.filter(({ size }) => size === 1);
  if (cells.length === 0) return undefined;
  const [left, right] = [Math.min(...cells.map(({ col }) => col)), Math.max(...cells.map(({ col }) => col))];
  const [top, bottom] = [Math.min(...cells.map(({ row }) => row)), Math.max(...cells.map(({ row }) => row))];
  const digits = rows.flatMap(({ numerals }) => numerals.flatMap((numeral) => numeral.digits));
  const at = (col: number, row: number): Sign | undefined =>
    digits.find((one) => one.col === col && one.row === row);
  const read = rows.flatMap(({ numerals }) =>
    numerals.filter(
      ({ row, to, from }) => row >= top - 1 && row <= bottom + 1 && to >= left - 2 && from <= right + 2,
    ),
  );
  const cols = Array.from({ length: right - left + 1 }, (_, nth) => left + nth);
  const lines = Array.from({ length: bottom - top + 1 }, (_, nth) => top + nth);
  const over = cols.map((col) => countOf(at(col, top - 1)));
  const side = lines.map((row) => countOf(at(right + 1, row)));
  const small = (col: number, row: number, position: "tens" | "ones"): string | undefined =>
    marks.smalls.find((one) => one.col === col && one.row === row && one.position === position)?.text;
  const claim = { top: top - 1, bottom: bottom + 1, left };
  let unfinished = over.includes(undefined) || side.includes(undefined);
  let fault: Fault | undefined;
  let whole = 0n;
  for (const [j, row] of lines.entries())
    for (const [i, col] of cols.entries()) {
      const [a, b] = [over[i], side[j]];
      const [tens, ones] = [small(col, row, "tens"), small(col, row, "ones")];
      if (a === undefined || b === undefined || ones === undefined) {
        // A square with one digit in its first half holds ones, if that is all there is to hold.
        const only =
          tens !== undefined && a !== undefined && b !== undefined && a * b < 10 && Number(tens) === a * b;
        if (!only) unfinished = true;
        if (only) whole += BigInt(a * b) * 10n ** BigInt(right - col + bottom - row);
        continue;
      }
      const is = Number(tens ?? "0") * 10 + Number(ones);
      if (is !== a * b && tens === undefined && isHandAt({ col, row }, marks.last)) unfinished = true;
      else if (is !== a * b) {
        const ought = String(a * b).padStart(2, "0");
        const spot = Number(ones) !== Number(ought[1]) ? ones : (tens ?? "");
        fault ??= { kind: "digit", at: { col, row }, written: spot };
      }
      whole += BigInt(is) * 10n ** BigInt(right - col + bottom - row);
    }
  const reading = [
    ...lines.map((row) => ({ sign: at(left - 1, row), at: { col: left - 1, row } })),
    ...cols.map((col) => ({ sign: at(col, bottom + 1), at: { col, row: bottom + 1 } })),
  ];
  const wanted = String(whole).padStart(reading.length, "0");
  const edges = [cols.map((col) => at(col, top - 1)), lines.map((row) => at(right + 1, row))];
  const factors = edges.map((signs) => factorOf(marks, signs));
  if (fault !== undefined || !unfinished) {
    const off = reading
      .map((one, nth) => ({ ...one, ought: wanted[nth] ?? "0" }))
      .reverse()
      .find(({ sign, ought }) => sign !== undefined && digitOf(sign) !== ought);
    if (fault !== undefined)
      return claimOf("grid", read, {
        ...claim,
        fault,
        follows: off === undefined && reading.some(({ sign }) => sign !== undefined),
      });
    if (off?.sign !== undefined) return claimOf("grid", read, { ...claim, fault: digitWrong(off.sign) });
  }
  const uses = factors.flatMap((one) => (one === undefined ? [] : [one.value]));
  const written = reading.map(({ sign }) => sign && digitOf(sign));
  const first = written.findIndex((one) => one !== undefined && one !== "0");
  // Zeros in front need not be written.
  const isRead = written.every(
    (one, nth) => one !== undefined || (wanted.slice(0, nth + 1).match(/^0+$/) ?? []).length > 0,
  );
  if (unfinished || !isRead || first < 0)
    return claimOf("grid", read, { ...claim, uses, state: "unfinished" });
  const places = factors.reduce((sum, one) => sum + (one?.places ?? 0), 0);
  const value = new Exact(whole, 10n ** BigInt(places));
  const copied = marks.last === undefined ? factorCopiedWrongly(edges, asked) : undefined;
  return claimOf("grid", read, {
    ...claim,
    uses,
    ...(copied === undefined ? {} : { fault: copied, follows: true }),
    makes: { value, text: digitsWithPoint(whole, places), row: bottom + 1 },
  });
}

/** The first digit at an edge of a lattice that differs from the factor it was copied from, where the other factor is the problem's. */
function factorCopiedWrongly(
  edges: readonly (readonly (Sign | undefined)[])[],
  { op, numbers }: JudgingTarget,
): Fault | undefined {
  if (op !== "multiply") return undefined;
  const left = numbers.map(({ text }) => bareDigits(text.replace(".", "")));
  const strange = edges.filter((signs) => {
    const at = left.indexOf(bareDigits(signs.map((sign) => sign?.text ?? "").join("")));
    if (at >= 0) left.splice(at, 1);
    return at < 0;
  });
  const [signs, more] = strange;
  const [ought, other] = left;
  if (signs === undefined || more !== undefined || ought === undefined || other !== undefined)
    return undefined;
  const off =
    signs.length === ought.length ? signs.find((sign, nth) => sign?.text !== ought[nth]) : undefined;
  return off && { kind: "copied", at: { col: off.col, row: off.row }, written: off.text };
}

const isHandAt = (
  { col, row }: { readonly col: number; readonly row: number },
  last: Sorted["last"],
): boolean => last?.kind === "small" && last.col === col && last.row === row;

const countOf = (sign: Sign | undefined): number | undefined =>
  sign === undefined ? undefined : Number(digitOf(sign));

/** A factor along a lattice, with its point if it has one between its digits. */
function factorOf(
  { points }: Sorted,
  signs: readonly (Sign | undefined)[],
): { readonly value: Exact; readonly places: number } | undefined {
  if (signs.some((sign) => sign === undefined)) return undefined;
  const digits = signs.flatMap((sign) => sign ?? []);
  const text = digits.map(({ text: one }) => one).join("");
  const [first, last] = [digits[0], digits.at(-1)];
  if (first === undefined || last === undefined) return undefined;
  const point =
    first.row === last.row
      ? points.find((one) => one.row === first.row && one.line > first.col && one.line <= last.col)
      : undefined;
  const places = point === undefined ? 0 : last.col + 1 - point.line;
  return { value: new Exact(BigInt(text), 10n ** BigInt(places)), places };
}

/**
 * What an area states: numbers along the top that make one factor, numbers down the side that make the other, and
 * in each field the product of both. None where no such numbers stand on the paper.
 */
export function areaClaim(rows: readonly StackRow[], marks: Sorted, asked: JudgingTarget): Claim | undefined {
  if (asked.op !== "multiply" || marks.diagonals.length > 0) return undefined;
  const factors = asked.numbers.map(valueFrom);
  const isFactor = (sum: Exact): boolean => factors.some((one) => one.equals(sum));
  let strange: Claim | undefined;
  const product = factors.reduce((all, one) => all.mul(one), new Exact(1));
  for (const [nth, head] of rows.entries()) {
    const along = head.numerals;
    if (along.length < 1) continue;
    const lower = rows.slice(nth + 1).filter(({ numerals }) => numerals.length > 0);
    const leftmost = Math.min(...along.map(({ from }) => from));
    for (let deep = 1; deep <= Math.min(4, lower.length); deep++) {
      const sides = lower.slice(0, deep).map(({ numerals }) => numerals[0]);
      if (sides.some((one) => one === undefined || one.to > leftmost + 0.01)) break;
      const down = sides.flatMap((one) => one ?? []);
      if (along.length === 1 && down.length === 1) continue;
      const [top, side] = [isFactor(total(along)), isFactor(total(down))];
      const rest = lower.slice(0, deep);
      if (top && side && total(along).mul(total(down)).equals(product))
        return fields(along, down, rest, marks);
      if (marks.last === undefined && top !== side)
        strange ??= areaCopiedWrongly(along, down, rest, marks, factors);
    }
  }
  return strange;
}

/** An area that is done with one factor copied wrongly, whose fields are all right by its edges: the part that differs. */
function areaCopiedWrongly(
  along: readonly WrittenNumeral[],
  down: readonly WrittenNumeral[],
  rows: readonly StackRow[],
  marks: Sorted,
  factors: readonly Exact[],
): Claim | undefined {
  const claim = fields(along, down, rows, marks);
  if (claim.state !== "right") return undefined;
  const isFactor = (sum: Exact): boolean => factors.some((one) => one.equals(sum));
  const [edge, other] = isFactor(total(along)) ? [down, along] : [along, down];
  const at = factors.findIndex((one) => one.equals(total(other)));
  const ought = factors.find((_, nth) => nth !== at);
  const off = ought?.sub(total(edge));
  if (off === undefined) return undefined;
  const isAsLong = (one: WrittenNumeral): boolean =>
    decimalText(worthOfNumeral(one).add(off))?.length === one.mended.length;
  const wrong = [...edge].reverse().find(isAsLong) ?? edge.at(-1);
  return (
    wrong && {
      ...claim,
      state: "wrong",
      follows: true,
      fault: { kind: "copied", at: { col: wrong.from, row: wrong.row }, written: wrong.mended },
    }
  );
}

/** Whether digits are the first or the last of a number, from whichever end it is written. */
const isBegun = (is: string, ought: string): boolean => ought.startsWith(is) || ought.endsWith(is);

const total = (numerals: readonly WrittenNumeral[]): Exact =>
  numerals.reduce((sum, one) => sum.add(worthOfNumeral(one)), new Exact(0));

function fields(
  along: readonly WrittenNumeral[],
  down: readonly WrittenNumeral[],
  rows: readonly StackRow[],
  { last }: Sorted,
): Claim {
  const cells = rows.flatMap((row, nth) =>
    row.numerals.slice(1).map((numeral) => ({ numeral, side: down[nth] })),
  );
  const read = [...along, ...down, ...cells.map(({ numeral }) => numeral)];
  const claim = {
    uses: [total(along), total(down)],
    parts: cells.map(({ numeral }) => worthOfNumeral(numeral)),
    top: along[0]?.row ?? 0,
    bottom: down.at(-1)?.row ?? 0,
  };
  let count = 0;
  for (const { numeral, side } of cells) {
    const middle = (numeral.from + numeral.to) / 2;
    const head = [...along].sort(
      (a, b) => Math.abs((a.from + a.to) / 2 - middle) - Math.abs((b.from + b.to) / 2 - middle),
    )[0];
    if (head === undefined || side === undefined) continue;
    const ought = worthOfNumeral(head).mul(worthOfNumeral(side));
    if (worthOfNumeral(numeral).equals(ought)) count += 1;
    else if (!(isHandIn(numeral, last) && isBegun(numeral.mended, decimalText(ought) ?? "")))
      return claimOf("grid", read, {
        ...claim,
        fault: digitFault(numeral, ought) ?? firstWrong(numeral),
      });
  }
  return claimOf("grid", read, {
    ...claim,
    state: count === along.length * down.length ? "right" : "unfinished",
  });
}
