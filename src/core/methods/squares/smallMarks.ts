import type { Mark } from "../../board";
import type { HouseRules } from "../../house";

/** Where a carry may stand: over the next column, in the row above the numbers, or under the rule. */
interface CarrySquare {
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

/**
 * Strikes numbers out and writes their new values small above them, each higher than the one before: first in the
 * lower half of the square above, then in the upper half, then in the square above that.
 */
export function rewriting(): (at: StruckSquare, value: number | bigint) => readonly Mark[] {
  const times = new Map<number, number>();
  return ({ middle, digits, row }, value) => {
    const nth = times.get(middle) ?? 0;
    times.set(middle, nth + 1);
    const squareOf = (time: number) =>
      ({ row: row - 1 - Math.floor(time / 2), position: time % 2 === 0 ? "low" : "high" }) as const;
    const before = squareOf(nth - 1);
    const strikes: readonly Mark[] =
      nth === 0
        ? digits.map((col): Mark => ({ kind: "strike", col, row, target: "square" }))
        : [{ kind: "strike", col: middle, row: before.row, target: before.position }];
    return [...strikes, { kind: "small", col: middle, ...squareOf(nth), text: String(value) }];
  };
}
