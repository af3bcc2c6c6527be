import type { Numeral } from "./fraction";
import type { Notation } from "./notation";
import { numeralParts, partsText } from "./parts";

/** A number in one line: `20.40`, `2/3`, `2 1/3`, with its sign as `−` and nothing of it left out. */
export const writeNumeral = (numeral: Numeral, notation: Notation): string =>
  partsText(numeralParts(numeral, notation));
