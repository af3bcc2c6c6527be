import Exact from "fraction.js";
import type { Sorted } from "../../reading/glyphs";
import { digitOf, isHandIn, type WrittenNumeral, wholeOf, worthOfNumeral } from "../../reading/pieces";
import type { Fault } from "../claim";
import { decimalText, digitFault, digitWrong, firstWrong, wholeFault } from "../digits";
import { tenTo } from "../places";
import type { SetOut } from "./divisionSetOut";

/** What the rows under a dividend say, worked as they stand. */
export interface WorkedDivision {
  readonly fault: Fault | undefined;
  /** Which round of the division it falls in. */
  readonly faultAt: number;
  /** How many rows hold. */
  readonly held: number;
  /** How often chunks were taken together; none where no chunks are. */
  readonly taken?: Exact;
  /** Whether the last row is what is left after the last digit. */
  readonly ended: boolean;
}

/** Works the rows under a dividend as they stand: products and what they leave, or only what is left. */
export function chainOf(
  { dividend, divisor, chain, quotient }: SetOut,
  products: boolean,
  writing: boolean,
): WorkedDivision {
  const by = wholeOf(divisor);
  const written = quotient
    .flatMap(({ digits }) => digits.map((digit) => BigInt(digitOf(digit))))
    .filter((digit) => digit > 0n);
  const edge = Math.max(dividend.to, ...chain.map(({ to }) => to));
  const zeros = tenTo(edge - dividend.to);
  let left = wholeOf(dividend) * zeros;
  let [held, round, nonzero] = [0, 0, 0];
  let ended = false;
  const none = (fault: Fault): WorkedDivision => ({ fault, faultAt: round, held, ended: false });
  const prefix = (line: number): bigint => left / tenTo(edge - line);
  /** What may stand in a row that is not done yet: what is left, with more or fewer digits brought down. */
  const leftNow = ({ to }: WrittenNumeral): readonly bigint[] =>
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
      if (is % by !== 0n || is > there) {
        const begun = writing && multiplesOf(by).some((one) => isPart(row, one, true));
        const partial = index === chain.length - 1 && (begun || isPart(row, (there / by) * by, writing));
        if (partial) return { fault: undefined, faultAt: round, held, ended };
        return none(
          is % by !== 0n ? wholeFault(row, (there / by) * by) : { ...firstWrong(row), kind: "tooLarge" },
        );
      }
      // A product belongs to the digit of the quotient that it was made with.
      const digit = written[nonzero];
      if (digit !== undefined && is !== digit * by && is !== 0n) {
        const partial = index === chain.length - 1 && isPart(row, digit * by, writing);
        return partial
          ? { fault: undefined, faultAt: round, held, ended }
          : none(wholeFault(row, digit * by));
      }
      if (is !== 0n) nonzero += 1;
      held += 1;
      left -= is * tenTo(edge - row.to);
      index += 1;
      const next = chain[index];
      if (next === undefined) return { fault: undefined, faultAt: round, held, ended };
      const ought = prefix(next.to);
      if (next.to < row.to && !(index === chain.length - 1)) return none(wholeFault(next, ought));
      if (wholeOf(next) !== ought) {
        // Written from the right, what is left is not done yet.
        if (index === chain.length - 1 && leftNow(next).some((one) => isPart(next, one, writing)))
          return { fault: undefined, faultAt: round, held, ended };
        return none(leftOff(next, row, left, edge));
      }
      held += 1;
      round += 1;
      ended = next.to === edge;
      const after = chain[index + 1];
      const tail = prefix(row.to);
      if (tail >= by && after !== undefined && after.to > row.to)
        return none({ ...firstWrong(next), kind: "tooSmall" });
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
      // Written from the left, its last digit is still to come.
      const goesOn =
        digitsLeft > 0
          ? [((left / tenTo(digitsLeft)) % by) * 10n + ((left / tenTo(digitsLeft - 1)) % 10n)]
          : [];
      const begun = writing ? [...leftNow(row), ...goesOn] : [];
      if (is === rest || is === bareRest) held += 1;
      else if (
        index === chain.length - 1 &&
        [rest, bareRest, ...begun].some((one) => isPart(row, one, writing))
      )
        return { fault: undefined, faultAt: round, held, ended };
      else return none(wholeFault(row, is < by ? bareRest : rest));
      round += 1;
      ended = row.to === edge && is === bareRest;
      index += 1;
    }
  }
  return { fault: undefined, faultAt: round, held, ended };
}

/** Chunks taken away by their values, each as often as stands beside it. */
export function chunked(
  { dividend, divisor, chain, beside }: SetOut,
  writing: boolean,
  last: Sorted["last"],
): WorkedDivision {
  const by = worthOfNumeral(divisor);
  let left = worthOfNumeral(dividend);
  let taken = new Exact(0);
  let held = 0;
  const ended = (fault: Fault | undefined): WorkedDivision => ({
    fault,
    faultAt: held,
    held,
    taken,
    ended: false,
  });
  for (let index = 0; index < chain.length; index += 2) {
    const [row, next] = [chain[index], chain[index + 1]];
    if (row === undefined) break;
    const side = beside.find((one) => one.row === row.row);
    const often = side === undefined ? worthOfNumeral(row).div(by) : worthOfNumeral(side);
    const chunk = often.mul(by);
    if (!worthOfNumeral(row).equals(chunk)) {
      const often = decimalText(worthOfNumeral(row).div(by)) ?? "";
      const isBegun =
        (side !== undefined && isHandIn(side, last) && often.startsWith(side.mended)) ||
        (isHandIn(row, last) && (decimalText(chunk) ?? "").startsWith(row.mended));
      return ended(isBegun ? undefined : valueOff(row, chunk));
    }
    left = left.sub(worthOfNumeral(row));
    taken = taken.add(often);
    held += 1;
    if (next === undefined) break;
    if (!worthOfNumeral(next).equals(left))
      return ended(
        index + 2 >= chain.length && isPart(next, left.n, writing) ? undefined : valueOff(next, left),
      );
    held += 1;
  }
  return ended(undefined);
}

/** The first digit from the right of a number that differs from a value. */
const valueOff = (row: WrittenNumeral, ought: Exact): Fault => digitFault(row, ought) ?? firstWrong(row);

const multiplesOf = (by: bigint): readonly bigint[] =>
  Array.from({ length: 9 }, (_, nth) => BigInt(nth + 1) * by);

/** Whether a row holds the last digits of a number, or any of them while it is being written, from whichever end. */
const isPart = (row: WrittenNumeral, ought: bigint, writing: boolean): boolean => {
  const wanted = String(ought);
  return (
    wanted.length > row.mended.length && (writing ? wanted.includes(row.mended) : wanted.endsWith(row.mended))
  );
};

/** The first digit of what is left that differs: first of what was taken away, then of what was brought down. */
function leftOff(next: WrittenNumeral, row: WrittenNumeral, left: bigint, edge: number): Fault {
  const digits = [...next.digits].sort((a, b) => b.col - a.col);
  const wanted = (col: number): string => String((left / tenTo(edge - 1 - col)) % 10n);
  const inColumns = digits.filter(({ col }) => col < row.to);
  const brought = digits.filter(({ col }) => col >= row.to);
  const off = [...inColumns, ...brought].find((sign) => digitOf(sign) !== wanted(sign.col));
  return off === undefined ? firstWrong(next) : digitWrong(off);
}
