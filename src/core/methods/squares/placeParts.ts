import {
  type Decimal,
  digitAt,
  fromCount,
  highestPlace,
  lowestPlace,
  type Place,
  placesFrom,
} from "../../number";

/** So many of one place as a numeral: 4 tenths is 0.4, 3 tens is 30. */
export const partOf = (count: number, place: Place): Decimal =>
  place >= 0 ? fromCount(BigInt(count) * 10n ** BigInt(place), 0) : fromCount(BigInt(count), -place);

/** A part of a numeral: one of its digits with its true value. */
export interface PlacePart {
  readonly place: Place;
  readonly digit: number;
  readonly numeral: Decimal;
}

/** A numeral pulled apart into the true values of its digits, largest first; zeros left out, but for a numeral that is nothing else. */
export function placeParts(numeral: Decimal): readonly PlacePart[] {
  const parts = [...placesFrom(lowestPlace(numeral), highestPlace(numeral))].reverse().flatMap((place) => {
    const digit = digitAt(numeral, place) ?? 0;
    return digit === 0 ? [] : [{ place, digit, numeral: partOf(digit, place) }];
  });
  return parts.length > 0 ? parts : [{ place: 0, digit: 0, numeral: partOf(0, 0) }];
}

/** A numeral as a line for squared paper, its point as `.` whatever the house writes. */
export const numeralLine = ({ whole, fraction }: Decimal): string => whole + (fraction && `.${fraction}`);
