import type { Mark } from "../../board";
import { type Decimal, digitAt, highestPlace, lowestPlace, type Place, placesFrom } from "../../number";

/** The square of a place where the point stands, or would, on a grid line: ones just left of it, tenths just right. */
export const digitCol = (line: number, place: Place): number => line - place - 1;

/** A numeral as it is written, its point on a grid line. */
export function numeralMarks(numeral: Decimal, line: number, row: number): readonly Mark[] {
  const digits = placesFrom(lowestPlace(numeral), highestPlace(numeral)).flatMap((place): readonly Mark[] => {
    const digit = digitAt(numeral, place);
    return digit === undefined
      ? []
      : [{ kind: "glyph", col: digitCol(line, place), row, text: String(digit), look: "written" }];
  });
  return numeral.point ? [...digits, { kind: "point", line, row, look: "written" }] : digits;
}

/** A line of text, one character a square from a column on; a decimal sign (`.`) goes on the grid line before the next square. */
export function textMarks(text: string, from: number, row: number): readonly Mark[] {
  let col = from;
  return [...text].flatMap((character): readonly Mark[] => {
    if (character === ".") return [{ kind: "point", line: col, row, look: "written" }];
    const here = col++;
    return character === " " ? [] : [{ kind: "glyph", col: here, row, text: character, look: "written" }];
  });
}

/** How many squares a line of text takes: its decimal signs take none. */
export const textWidth = (text: string): number => text.replaceAll(".", "").length;
