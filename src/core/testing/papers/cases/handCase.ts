import type { Hand } from "../hands/hand";
import type { Square } from "../sheet";

/** A paper as it is written, stroke by stroke: every state of a right one can still become right. */
export interface HandCase {
  readonly problem: string;
  readonly way: string;
  readonly units: readonly string[];
}

export interface RightHand extends HandCase {
  readonly write: (sheet: Hand) => void;
  readonly answer: string;
}

/** One with an error: it gives the squares that name it, and is first told there. */
export interface WrongHand extends HandCase {
  readonly write: (sheet: Hand) => Square | readonly Square[];
}

export const right = (
  problem: string,
  way: string,
  answer: string,
  write: (sheet: Hand) => void,
  units: readonly string[] = [],
): RightHand => ({ problem, way, answer, write, units });

export const wrong = (
  problem: string,
  way: string,
  write: (sheet: Hand) => Square | readonly Square[],
  units: readonly string[] = [],
): WrongHand => ({ problem, way, write, units });

export const last = (squares: readonly Square[]): Square => squares.at(-1) ?? { col: -1, row: -1 };

/** Lines of fractions: `7/8+1/6=21/24` with real bars, each line two rows high. */
export function fractionLine(
  sheet: Hand,
  text: string,
  row: number,
  from = 0,
): readonly (readonly Square[])[] {
  let col = from;
  const written: (readonly Square[])[] = [];
  for (const part of text.match(/\d+\/\d+|\d+|[^\d]/g) ?? []) {
    const [over = "", under] = part.split("/");
    if (under !== undefined && over !== "") {
      const { top, bottom, end } = sheet.stroked(over, under, col, row, false);
      written.push([...top, ...bottom]);
      col = end;
    } else {
      written.push(sheet.line(part, col, row));
      col += part.length;
    }
  }
  return written;
}
