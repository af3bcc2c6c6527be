import Exact from "fraction.js";
import { type Asked, valueFrom } from "../asked";
import type { Sorted } from "../reading/glyphs";
import { type Numeral, wholeOf, worthOf } from "../reading/pieces";
import type { StackRow } from "../reading/stacks";
import { type Claim, claimOf, type Fault, type Made } from "./claim";
import { decimalText, digitFault } from "./lineClaims";
import { digitWrong, isPowerOfTen, tenTo } from "./places";

/** A division as it is set out: its dividend and divisor, where the quotient is written, and the rows worked below. */
interface SetOut {
  readonly dividend: Numeral;
  readonly divisor: Numeral;
  readonly quotient: readonly Numeral[];
  /** Whether the quotient's digits stand over those of the dividend. */
  readonly over: boolean;
  readonly rest: Numeral | undefined;
  readonly chain: readonly Numeral[];
  readonly beside: readonly Numeral[];
}

const near = (one: number, other: number): boolean => Math.abs(one - other) <= 1.01;

/** Finds the division on the paper: a dividend with its divisor beside an upright or a sign of division. */
function setOut(rows: readonly StackRow[], marks: Sorted, asked: Asked): SetOut | undefined {
  const [a, b] = asked.op === "divide" ? asked.numbers.map(valueFrom) : [];
  for (const { row, numerals, words } of rows) {
    const sign = words.find(({ text }) => text === "÷" || text === ":" || text === ")" || text === "|");
    const upright = marks.uprights.find(
      (one) =>
        one.row <= row &&
        row < Math.max(one.to, one.row + 1) &&
        numerals.some(({ from, to }) => near(from, one.line) || near(to, one.line)),
    );
    if (upright === undefined && asked.op !== "divide") continue;
    const line = upright?.line ?? sign?.from;
    if (line === undefined) continue;
    const brackets = words.some(({ text }) => text === "(" || text === ")");
    if (
      upright === undefined &&
      (brackets || words.some(({ text, from }) => text === "−" && from < (numerals[0]?.from ?? 0)))
    )
      continue;
    const before = numerals.filter(({ to }) => to <= line + 0.01).at(-1);
    const after = numerals.find(({ from }) => from >= line - 0.01);
    if (before === undefined || after === undefined) continue;
    const divides = sign?.text === "÷" || sign?.text === ":";
    const asks = (one: Numeral, other: Numeral): boolean =>
      worthOf(other).n !== 0n &&
      a !== undefined &&
      b !== undefined &&
      b.n !== 0n &&
      worthOf(one).div(worthOf(other)).equals(a.div(b));
    const ruledRight =
      upright !== undefined && marks.rules.some((rule) => rule.row === row + 1 && rule.from >= line - 0.01);
    // Which of the two is divided is told by what was asked, else by where the quotient has its room.
    const divided = asks(after, before)
      ? after
      : asks(before, after) || divides || ruledRight
        ? before
        : after;
    const [dividend, divisor] = divided === before ? [before, after] : [after, before];
    const onRight = divided === before && ruledRight;
    return placedOut(
      rows,
      marks,
      row,
      dividend,
      divisor,
      upright !== undefined && !divides && !onRight,
      onRight,
    );
  }
  return undefined;
}

function placedOut(
  rows: readonly StackRow[],
  marks: Sorted,
  row: number,
  dividend: Numeral,
  divisor: Numeral,
  bracketed: boolean,
  onRight: boolean,
): SetOut {
  const at = (wanted: number): StackRow | undefined => rows.find((one) => one.row === wanted);
  const here = at(row);
  const equals = here?.words.find(({ text, from }) => text === "=" && from >= dividend.to - 0.01);
  const afterEquals =
    equals === undefined ? [] : (here?.numerals.filter(({ from }) => from > equals.from) ?? []);
  const isOver = ({ from, to }: Numeral): boolean => from < dividend.to + 6 && to > dividend.from - 1;
  const above = bracketed ? together(at(row - 1)?.numerals.filter(isOver) ?? []) : [];
  const ruled = marks.rules.some(
    (rule) => rule.row === row + 1 && rule.from <= dividend.from + 0.01 && rule.to >= dividend.to - 0.01,
  );
  const beneath = onRight
    ? (at(row + 1)?.numerals.filter(({ from }) => from >= dividend.to) ?? [])
    : bracketed && above.length === 0 && ruled
      ? (at(row + 1)?.numerals ?? [])
      : [];
  const quotient = above.length > 0 ? above : afterEquals.length > 0 ? afterEquals.slice(0, 1) : beneath;
  const all = rows
    .flatMap((one) => (one.row > row ? one.numerals : []))
    .filter((one) => !quotient.includes(one));
  const wall = marks.uprights.find(
    ({ line, row: top, to }) => line >= dividend.to - 0.01 && top <= row + 1 && to > row,
  );
  const right = wall?.line ?? dividend.to + 8;
  const chain = upTo(
    all.filter(({ from, to }) => to > dividend.from - 1 && from < right && from < dividend.to + 6),
    row,
  );
  return {
    dividend,
    divisor,
    quotient,
    over: above.length > 0 || (beneath.length > 0 && !onRight),
    rest: afterEquals[1],
    chain,
    beside: all.filter(
      (one) =>
        wall !== undefined &&
        one.from >= wall.line - 0.01 &&
        one.row <= (chain.at(-1)?.row ?? row) &&
        !onRight,
    ),
  };
}

/** Numbers that stand so close that they are one, with a place left empty in it. */
function together(numerals: readonly Numeral[]): readonly Numeral[] {
  const at = numerals.findIndex((one, nth) => {
    const before = numerals[nth - 1];
    return before !== undefined && one.from - before.to > 1.01;
  });
  return at < 0 ? numerals : numerals.slice(0, at);
}

/** Rows that come one under another without a wide gap, one number each. */
function upTo(numerals: readonly Numeral[], from: number): readonly Numeral[] {
  const found: Numeral[] = [];
  let last = from;
  for (const numeral of [...numerals].sort((a, b) => a.row - b.row)) {
    if (numeral.row - last > 1) break;
    if (numeral.row === last) continue;
    found.push(numeral);
    last = numeral.row;
  }
  return found;
}

/** What a written division states: the digits of its quotient, each product, each remainder. None where none is set out. */
export function divisionClaim(
  rows: readonly StackRow[],
  marks: Sorted,
  asked: Asked,
  writingIn: number | undefined,
): Claim | undefined {
  const set = setOut(rows, marks, asked);
  if (set === undefined) return undefined;
  const { dividend, divisor, quotient } = set;
  const { chain } = set;
  const writing = chain.at(-1)?.row === writingIn;
  const divisorValue = worthOf(divisor);
  const read = [dividend, divisor, ...quotient, ...chain, ...set.beside, ...(set.rest ? [set.rest] : [])];
  const claim = {
    uses: [worthOf(dividend), divisorValue],
    top: Math.min(...read.map(({ row }) => row)),
    bottom: Math.max(...read.map(({ row }) => row)),
  };
  if (isPowerOfTen(divisorValue) && (chain.length < 2 || (chain.length === 2 && set.quotient.length === 0)))
    return undefined;
  if (divisorValue.n === 0n) return claimOf("division", read, { ...claim, state: "unread" });
  const value = worthOf(dividend).div(divisorValue);
  const ruled = marks.rules.some(({ row }) => chain.some((one, nth) => nth > 0 && one.row === row));
  // Rules between the rows are drawn under products; the other reading is taken only where it says much more.
  const [usual, other] = [chainOf(set, ruled, writing), chainOf(set, !ruled, writing)];
  const worked =
    set.beside.length > 0
      ? chunked(set, writing)
      : (usual.held === 0 && other.held >= 2) ||
          (chain.length === 1 && usual.fault !== undefined && other.fault === undefined)
        ? other
        : usual;
  const inChain = worked.fault;
  const inQuotient = quotientFault(set, value);
  const [only, more] = quotient;
  const text = quotient.map(({ mended }) => mended).join("");
  const last = chain.at(-1);
  const rest = set.rest ?? (worked.ended && last !== undefined ? last : undefined);
  const makes: Made | undefined =
    only === undefined || more !== undefined
      ? chunksOf(set, worked.taken)
      : {
          value: worthOf(only),
          text:
            asked.withRest && rest !== undefined && wholeOf(rest) > 0n ? `${text} r ${rest.mended}` : text,
          row: only.row,
          ...(asked.withRest && rest !== undefined ? { rest: worthOf(rest) } : {}),
        };
  const fault = firstOf(inQuotient, inChain, worked.faultAt);
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

/** Whether a quotient is all of it: exactly, with what is left over, or rounded as it is asked. */
function isDone(is: Exact, rest: Exact | undefined, value: Exact, divisor: Exact, asked: Asked): boolean {
  if (is.equals(value)) return true;
  if (asked.place !== undefined) return is.sub(value).abs().compare(new Exact(1)) < 0;
  return rest !== undefined && is.add(rest.div(divisor)).equals(value);
}

function chunksOf({ beside }: SetOut, taken: bigint | undefined): Made | undefined {
  const last = beside.at(-1);
  if (last === undefined || taken === undefined) return undefined;
  return worthOf(last).equals(new Exact(taken))
    ? { value: worthOf(last), text: last.mended, row: last.row }
    : undefined;
}

const firstOf = (
  quotient: (Fault & { readonly nth: number }) | undefined,
  chain: Fault | undefined,
  nth: number | undefined,
): Fault | undefined =>
  quotient === undefined ? chain : chain === undefined || quotient.nth <= (nth ?? 0) ? quotient : chain;

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
  if (over) {
    const ones = dividend.point ?? dividend.to;
    const scale = divisor.point === undefined;
    if (scale) {
      const wanted = (col: number): string => placeIn(ought, ones - 1 - col);
      let nth = 0;
      const sorted = [...digits].sort((a, b) => a.col - b.col);
      let before: number | undefined;
      for (const sign of sorted) {
        if (before !== undefined && sign.col - before > 1.01)
          return { kind: "gap", at: { col: before + 1, row: sign.row }, written: "", nth };
        const is = sign.became || sign.text;
        const should = wanted(sign.col);
        if (is !== should && should !== "?") {
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
  }
  const should = ought.replace(".", "").replace(/^0+(?=.)/, "");
  const is = digits
    .map(({ text, became }) => became || text)
    .join("")
    .replace(/^0+(?=.)/, "");
  const skipped = digits.length - is.length;
  for (let nth = 0; nth < is.length; nth++) {
    const sign = digits[nth + skipped];
    if (
      sign !== undefined &&
      should[nth] === "0" &&
      is[nth] !== "0" &&
      should.slice(nth).replace(/^0+/, "").startsWith(is.slice(nth))
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

/** A quotient with as many places as anybody works. */
function longText(value: Exact): string {
  const ends = decimalText(value);
  if (ends !== undefined) return ends;
  const places = 14;
  const scaled = (value.n * 10n ** BigInt(places)) / value.d;
  const digits = String(scaled).padStart(places + 1, "0");
  return `${digits.slice(0, -places)}.${digits.slice(-places)}`;
}

const placeIn = (text: string, place: number): string => {
  const [whole = "", fraction = ""] = text.split(".");
  return (place >= 0 ? whole.at(-1 - place) : fraction[-1 - place]) ?? "0";
};

interface Worked {
  readonly fault: Fault | undefined;
  /** Which round of the division it falls in. */
  readonly faultAt: number;
  /** How many rows hold. */
  readonly held: number;
  readonly taken: bigint | undefined;
  /** Whether the last row is what is left after the last digit. */
  readonly ended: boolean;
}

/** Works the rows under a dividend as they stand: products and what they leave, or only what is left. */
function chainOf(
  { dividend, divisor, chain, beside, quotient }: SetOut,
  products: boolean,
  writing: boolean,
): Worked {
  const by = wholeOf(divisor);
  const written = quotient
    .flatMap(({ digits }) => digits.map((digit) => BigInt(digit.became || digit.text)))
    .filter((digit) => digit > 0n);
  const edge = Math.max(dividend.to, ...chain.map(({ to }) => to));
  const zeros = tenTo(edge - dividend.to);
  let left = wholeOf(dividend) * zeros;
  let [held, round, nonzero] = [0, 0, 0];
  let taken = 0n;
  let ended = false;
  const none = (fault: Fault): Worked => ({ fault, faultAt: round, held, taken: undefined, ended: false });
  const prefix = (line: number): bigint => left / tenTo(edge - line);
  /** What may stand in a row that is not done yet: what is left, with more or fewer digits brought down. */
  const leftNow = ({ to }: Numeral): readonly bigint[] =>
    Array.from(
      { length: writing ? Math.round(edge - to) + 1 : 1 },
      (_, more) => prefix(to + more) % tenTo(String(by).length + 2),
    );
  for (let index = 0; index < chain.length; ) {
    const row = chain[index];
    if (row === undefined) break;
    ended = false;
    if (products) {
      const is = wholeOf(row);
      const there = prefix(row.to);
      const often = is / by;
      const side = beside.find((one) => one.row === row.row);
      if (is % by !== 0n || is > there) {
        const begun = writing && multiplesOf(by).some((one) => isPart(row, one, true));
        const partial = index === chain.length - 1 && (begun || isPart(row, (there / by) * by, writing));
        if (partial) return { fault: undefined, faultAt: round, held, taken: undefined, ended };
        return none(
          is % by !== 0n
            ? numberOff(row, (there / by) * by)
            : { ...digitWrong(firstDigit(row), 0), kind: "tooLarge" },
        );
      }
      if (side !== undefined && wholeOf(side) * by !== is * tenTo(dividend.to - row.to))
        return none(numberOff(row, wholeOf(side) * by));
      // A product belongs to the digit of the quotient that it was made with.
      const digit = written[nonzero];
      if (beside.length === 0 && digit !== undefined && is !== digit * by && is !== 0n) {
        const partial = index === chain.length - 1 && isPart(row, digit * by, writing);
        return partial
          ? { fault: undefined, faultAt: round, held, taken: undefined, ended }
          : none(numberOff(row, digit * by));
      }
      if (is !== 0n) nonzero += 1;
      held += 1;
      taken += often * tenTo(dividend.to - row.to);
      left -= is * tenTo(edge - row.to);
      index += 1;
      const next = chain[index];
      if (next === undefined) return { fault: undefined, faultAt: round, held, taken: undefined, ended };
      const ought = prefix(next.to);
      if (next.to < row.to && !(index === chain.length - 1)) return none(numberOff(next, ought));
      if (wholeOf(next) !== ought) {
        // Written from the right, what is left is not done yet.
        if (index === chain.length - 1 && leftNow(next).some((one) => isPart(next, one, writing)))
          return { fault: undefined, faultAt: round, held, taken: undefined, ended };
        return none(leftOff(next, row, left, edge));
      }
      held += 1;
      round += 1;
      ended = next.to === edge;
      const after = chain[index + 1];
      const tail = prefix(row.to);
      if (tail >= by && after !== undefined && after.to > row.to && beside.length === 0)
        return none({ ...digitWrong(firstDigit(next), 0), kind: "tooSmall" });
      index += 1;
    } else {
      const ought = prefix(row.to);
      const digitsLeft = edge - row.to;
      // What is left of the number up to here, with the next digit beside it.
      const before = left / tenTo(digitsLeft + 1);
      const bring = ought % 10n;
      const rest = (before % by) * 10n + bring;
      const bareRest = ought % by;
      const is = wholeOf(row);
      if (is === rest || is === bareRest) held += 1;
      else if (
        index === chain.length - 1 &&
        [rest, bareRest, ...(writing ? leftNow(row) : [])].some((one) => isPart(row, one, writing))
      )
        return { fault: undefined, faultAt: round, held, taken: undefined, ended };
      else return none(numberOff(row, is < by ? bareRest : rest));
      round += 1;
      ended = row.to === edge && is === bareRest;
      index += 1;
    }
  }
  return { fault: undefined, faultAt: round, held, taken, ended };
}

/** Chunks taken away by their values, each as often as stands beside it. */
function chunked({ dividend, divisor, chain, beside }: SetOut, writing: boolean): Worked {
  const by = worthOf(divisor);
  let left = worthOf(dividend);
  let taken = new Exact(0);
  let held = 0;
  const ended = (fault: Fault | undefined): Worked => ({
    fault,
    faultAt: held,
    held,
    taken: taken.d === 1n ? taken.n : undefined,
    ended: false,
  });
  for (let index = 0; index < chain.length; index += 2) {
    const [row, next] = [chain[index], chain[index + 1]];
    if (row === undefined) break;
    const side = beside.find((one) => one.row === row.row);
    const often = side === undefined ? worthOf(row).div(by) : worthOf(side);
    if (!worthOf(row).equals(often.mul(by))) return ended(valueOff(row, often.mul(by)));
    left = left.sub(worthOf(row));
    taken = taken.add(often);
    held += 1;
    if (next === undefined) break;
    if (!worthOf(next).equals(left))
      return ended(
        index + 2 >= chain.length && isPart(next, left.n, writing) ? undefined : valueOff(next, left),
      );
    held += 1;
  }
  return ended(undefined);
}

/** The first digit from the right of a number that differs from a value. */
const valueOff = (row: Numeral, ought: Exact): Fault =>
  digitFault(row, ought) ?? digitWrong(firstDigit(row), 0);

const firstDigit = (row: Numeral) => row.digits[0] ?? { col: row.from, row: row.row, text: row.mended };

const multiplesOf = (by: bigint): readonly bigint[] =>
  Array.from({ length: 9 }, (_, nth) => BigInt(nth + 1) * by);

/** Whether a row holds the last digits of a number, or any of them while it is being written, from whichever end. */
const isPart = (row: Numeral, ought: bigint, writing: boolean): boolean => {
  const wanted = String(ought);
  return (
    wanted.length > row.mended.length && (writing ? wanted.includes(row.mended) : wanted.endsWith(row.mended))
  );
};

/** The first digit of what is left that differs: first of what was taken away, then of what was brought down. */
function leftOff(next: Numeral, row: Numeral, left: bigint, edge: number): Fault {
  const digits = [...next.digits].sort((a, b) => b.col - a.col);
  const wanted = (col: number): string => String((left / tenTo(edge - 1 - col)) % 10n);
  const inColumns = digits.filter(({ col }) => col < row.to);
  const brought = digits.filter(({ col }) => col >= row.to);
  const off = [...inColumns, ...brought].find(({ col, text, became }) => (became || text) !== wanted(col));
  return digitWrong(off ?? firstDigit(next), 0);
}

function numberOff(row: Numeral, ought: bigint): Fault {
  const should = String(ought);
  const digits = [...row.digits].sort((a, b) => b.col - a.col);
  const off = digits.find(({ text, became }, nth) => (became || text) !== should.at(-1 - nth));
  return digitWrong(off ?? firstDigit(row), 0);
}
