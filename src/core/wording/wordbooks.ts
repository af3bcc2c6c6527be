import { CHAIN_BOOK } from "./chains/chainBook";
import type { Wordbook } from "./contract/wordbook";
import { FRACTION_BOOK } from "./fractions/fractionBook";
import { MEASURE_BOOK } from "./measures/measureBook";
import { MENTAL_BOOK } from "./mental/mentalBook";
import { MONEY_BOOK } from "./money/moneyBook";
import { PRODUCT_BOOK } from "./productBook";
import { QUANTITY_BOOK } from "./quantities/quantityBook";
import { SIGNED_BOOK } from "./signed/signedBook";
import { SUM_BOOK } from "./sumBook";

/** Every book there is. */
export const EVERY_BOOK: readonly Wordbook[] = [
  SUM_BOOK,
  PRODUCT_BOOK,
  FRACTION_BOOK,
  SIGNED_BOOK,
  MONEY_BOOK,
  MEASURE_BOOK,
  QUANTITY_BOOK,
  CHAIN_BOOK,
  MENTAL_BOOK,
];
