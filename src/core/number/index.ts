export { factByHeart } from "./byHeart";
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
export { endsAsDecimal } from "./endsAsDecimal";
export {
  asFraction,
  commonFactor,
  commonMultiple,
  compareNumerals,
  type Fraction,
  fraction,
  isWhole,
  isZero,
  type Mixed,
  type Numeral,
  opposite,
  primeFactors,
  signedNumerator,
  simplest,
  unsigned,
  wholeNumeral,
} from "./fraction";
export { decimalSign, type Notation, otherSign, writeDecimal } from "./notation";
export { number, numeralParts, type Part, partsText, sign, words } from "./parts";
export { MOST_DIGITS_A_SIDE, ONES, type Place, placesFrom, TENTHS } from "./place";
export { writeNumeral } from "./writeNumeral";
export { bareDigits, significantDigits, withoutEndZeros, withoutLeadingZeros, zerosAtEnd } from "./zeros";
