export {
  compareDecimals,
  countedIn,
  type Decimal,
  digitAt,
  fromCount,
  highestPlace,
  leadingPlace,
  lowestPlace,
  magnitude,
  roundTo,
  withoutTrailingZeros,
} from "./decimal";
export { decimalSign, type Notation, otherSign, writeDecimal } from "./notation";
export { MOST_DIGITS_A_SIDE, ONES, type Place, placesFrom, TENTHS } from "./place";
