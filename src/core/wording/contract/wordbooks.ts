import { CHAIN_BOOK } from "../chains/chainBook";
import { DECIMAL_BOOK } from "../decimalBook";
import { FRACTION_BOOK } from "../fractions/fractionBook";
import { MEASURE_BOOK } from "../measures/measureBook";
import { MENTAL_BOOK } from "../mental/mentalBook";
import { MONEY_BOOK } from "../money/moneyBook";
import { QUANTITY_BOOK } from "../quantities/quantityBook";
import { SIGNED_BOOK } from "../signed/signedBook";
import type { Wordbook } from "./wordbook";

/** Every book there is. */
export const EVERY_BOOK: readonly Wordbook[] = [
  DECIMAL_BOOK,
  FRACTION_BOOK,
  SIGNED_BOOK,
  MONEY_BOOK,
  MEASURE_BOOK,
  QUANTITY_BOOK,
  CHAIN_BOOK,
  MENTAL_BOOK,
];
