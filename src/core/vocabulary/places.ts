/** The names of the groups of three digits, from the ones upwards. Short scale. */
export const GROUP_NAMES = (
  "_ thousand million billion trillion quadrillion quintillion sextillion septillion octillion nonillion " +
  "decillion undecillion duodecillion tredecillion quattuordecillion quindecillion sexdecillion " +
  "septendecillion octodecillion novemdecillion vigintillion"
)
  .split(" ")
  .map((name) => name.replace("_", ""));

const PREFIXES = ["", "ten-", "hundred-"];

/** The name of a place so many left of the ones, "ten", "hundred", or, below zero, right of them, "tenth"; of the ones, the name that is given. Places without a name are powers of ten. */
export function placeName(place: number, onesName: string): string {
  if (place === 0) return onesName;
  const size = Math.abs(place);
  if (size === 1) return place < 0 ? "tenth" : "ten";
  if (size === 2) return place < 0 ? "hundredth" : "hundred";
  const group = GROUP_NAMES[Math.floor(size / 3)];
  if (group === undefined) return `10^${place}`;
  const name = `${PREFIXES[size % 3]}${group}`;
  return place < 0 ? `${name}th` : name;
}

/** What the ones are called when a place is typed. */
export const ONES_TYPED = ["one", "unit", "whole"] as const;
