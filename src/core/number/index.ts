export {
  compareDecimals,
  countedIn,
  cutTo,
  type Decimal,
  digitAt,
  digitsOf,
  fromCount,
  highestPlace,
  leadingPlace,
  lowestPlace,
  magnitude,
  movedBy,
  powerOfTen,
  roundTo,
  withoutBarePoint,
  withoutTrailingZeros,
} from "./decimal";
export { decimalSign, type Notation, otherSign, writeDecimal } from "./notation";
export { MOST_DIGITS_A_SIDE, ONES, type Place, placesFrom, TENTHS } from "./place";
export { GROUP_NAMES, placeName } from "./placeNames";
