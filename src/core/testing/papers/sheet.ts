import type { Mark } from "../../board";

export interface Square {
  readonly col: number;
  readonly row: number;
}

/** A paper as one person wrote it. */
export interface WrittenPaper {
  readonly kind: string;
  /** The way it was written, in a word or two. */
  readonly way: string;
  readonly problem: string;
  readonly marks: readonly Mark[];
  /** What it comes to, bare. */
  readonly answer: string;
  /** Where the one error is; none on a right paper. Any of these squares names it. */
  readonly wrong?: readonly Square[];
  readonly units?: readonly string[];
}

/** A throw of dice that can be repeated. */
export interface Dice {
  /** A whole number from one to another, both among them. */
  among(from: number, to: number): number;
  pick<T>(of: readonly [T, ...(readonly T[])]): T;
  chance(of: number): boolean;
}

export function diceFrom(seed: number): Dice {
  let state = (seed * 2_654_435_761 + 12_345) >>> 0;
  const next = (): number => {
    state = (Math.imul(state ^ (state >>> 15), 2_246_822_519) + 3_266_489_917) >>> 0;
    return ((state ^ (state >>> 13)) >>> 0) / 4_294_967_296;
  };
  const among = (from: number, to: number): number => from + Math.floor(next() * (to - from + 1));
  return {
    among,
    pick: (of) => of[among(0, of.length - 1)] ?? of[0],
    chance: (of) => next() < of,
  };
}

/** A hand that writes on a sheet: numbers by where they end, signs, rules, small digits. */
export class Sheet {
  readonly marks: Mark[] = [];

  /** Writes a number with its last digit left of a grid line, its point on its line; gives the squares of its digits, from the left. */
  number(text: string, row: number, right: number): readonly Square[] {
    const digits = text.replace(".", "");
    const places = text.split(".")[1]?.length;
    if (places !== undefined) this.marks.push({ kind: "point", line: right - places, row, look: "written" });
    return [...digits].map((digit, nth) => this.sign(digit, right - digits.length + nth, row));
  }

  sign(text: string, col: number, row: number): Square {
    this.marks.push({ kind: "glyph", col, row, text, look: "written" });
    return { col, row };
  }

  rule(row: number, from: number, to: number): void {
    this.marks.push({ kind: "rule", row, from, to, strokes: 1 });
  }

  small(text: string, { col, row }: Square, position: "low" | "tens" | "ones" = "low"): void {
    this.marks.push({ kind: "small", col, row, position, text });
  }

  strike({ col, row }: Square): void {
    this.marks.push({ kind: "strike", col, row, target: "square" });
  }

  upright(line: number, row: number, to = row + 1): void {
    this.marks.push({ kind: "upright", line, row, to, look: "straight" });
  }

  /** Writes a line from a square on: a sign a square, a point between two; spaces are left empty. Gives each sign's square. */
  line(text: string, col: number, row: number): readonly Square[] {
    const squares: Square[] = [];
    let at = col;
    for (const sign of text) {
      if (sign === ".") this.marks.push({ kind: "point", line: at, row, look: "written" });
      else {
        if (sign !== " ") squares.push(this.sign(sign, at, row));
        at += 1;
      }
    }
    return squares;
  }

  /** Writes a fraction with its bar, and gives the squares of both its numbers; and the grid line after it. */
  fraction(over: string, under: string, col: number, row: number) {
    const width = Math.max(over.length, under.length);
    const top = this.line(over, col + Math.floor((width - over.length) / 2), row);
    this.rule(row + 1, col, col + width);
    const bottom = this.line(under, col + Math.floor((width - under.length) / 2), row + 1);
    return { top, bottom, end: col + width };
  }
}

/** A whole number of pieces of ten as a decimal with so many places. */
export function decimal(pieces: bigint, places: number): string {
  if (places === 0) return String(pieces);
  const digits = String(pieces).padStart(places + 1, "0");
  return `${digits.slice(0, -places)}.${digits.slice(-places)}`;
}

/** Another digit than one, never zero in front. */
export function otherDigit(dice: Dice, digit: string, least = 0): string {
  const off = dice.among(1, 9);
  const other = (Number(digit) + off) % 10;
  return other < least || other === Number(digit) ? otherDigit(dice, digit, least) : String(other);
}

/** A text with the sign at a place changed. */
export const changed = (text: string, at: number, by: string): string =>
  text.slice(0, at) + by + text.slice(at + 1);

/** The places of the digits in a text. */
export const digitPlaces = (text: string): readonly number[] =>
  [...text].flatMap((sign, at) => (/\d/.test(sign) ? [at] : []));
