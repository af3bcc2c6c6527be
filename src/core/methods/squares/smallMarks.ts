import type { Mark } from "../../board";
import type { HouseRules } from "../../house";

/** Where a carry may stand: over the next column, in the row above the numbers, or under the rule. */
export interface CarrySquare {
  readonly col: number;
  readonly above: number;
  readonly rule: number;
}

/** A carry where the house writes it, if it does; none of nothing. */
export function carryMarks(
  { col, above, rule }: CarrySquare,
  carried: number | bigint,
  { carryPlace }: HouseRules,
): readonly Mark[] {
  if (BigInt(carried) <= 0n) return [];
  const text = String(carried);
  switch (carryPlace) {
    case "above":
      return [{ kind: "small", col, row: above, position: "low", text }];
    case "below":
      return [{ kind: "small", col, row: rule, position: "high", text }];
    case "unwritten":
      return [];
  }
}

/** A number that may be struck out: where its middle is, the squares its digits stand in, and its row. */
interface StruckSquare {
  readonly middle: number;
  readonly digits: readonly number[];
  readonly row: number;
}

/** How often something came before, by its number: 0 the first time. */
export function timesBefore(): (key: number) => number {
  const times = new Map<number, number>();
  return (key) => {
    const before = times.get(key) ?? 0;
    times.set(key, before + 1);
    return before;
  };
}

/**
 * Strikes a number out and writes its new value small above it, for the nth time, from 0: first in the lower half of
 * the square above, then in the upper half, then in the square above that, each striking the one before.
 */
export function rewriteMarks(
  { middle, digits, row }: StruckSquare,
  nth: number,
  value: number | bigint,
): readonly Mark[] {
  const squareOf = (time: number) =>
    ({ row: row - 1 - Math.floor(time / 2), position: time % 2 === 0 ? "low" : "high" }) as const;
  const before = squareOf(nth - 1);
  const strikes: readonly Mark[] =
    nth === 0
      ? digits.map((col): Mark => ({ kind: "strike", col, row, target: "square" }))
      : [{ kind: "strike", col: middle, row: before.row, target: before.position }];
  return [...strikes, { kind: "small", col: middle, ...squareOf(nth), text: String(value) }];
}
