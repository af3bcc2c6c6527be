/** The power of ten a digit counts: 0 for ones, 1 for tens, −1 for tenths. */
export type Place = number;

export const ONES: Place = 0;
export const TENTHS: Place = -1;

/** The most digits that are read on each side of the point. */
export const MOST_DIGITS_A_SIDE = 15;

/** Every place from `lowest` up to `highest`, smallest first, as the work goes. */
export function placesFrom(lowest: Place, highest: Place): readonly Place[] {
  return Array.from({ length: highest - lowest + 1 }, (_, index) => lowest + index);
}
