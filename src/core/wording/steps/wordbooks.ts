import { CHAIN_BOOK } from "./chainWords";
import { DECIMAL_BOOK } from "./decimals/decimalStepWords";
import { FRACTION_BOOK } from "./fractionWords";
import { MEASURE_BOOK } from "./measureWords";
import { MONEY_BOOK } from "./moneyWords";
import { SIGNED_BOOK } from "./signedWords";
import type { Wordbook } from "./wordbook";

/** Every book there is. */
export const EVERY_BOOK: readonly Wordbook[] = [
  DECIMAL_BOOK,
  FRACTION_BOOK,
  SIGNED_BOOK,
  MONEY_BOOK,
  MEASURE_BOOK,
  CHAIN_BOOK,
];
