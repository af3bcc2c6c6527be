/** Why a problem has no twin. */
export const NO_TWIN =
  "No other numbers give a problem with the same features and the same size of work. Try one with larger numbers.";

/** Why no sheet was drawn: there is no such skill. */
export const NO_SKILL = (id: string): string =>
  `There is no skill “${id.slice(0, 60)}”. The list of skills has all of them.`;

/** Why no sheet was drawn: nothing meets what is wished for in this house. */
export const NOTHING_DRAWN = "Nothing can be drawn for this skill under these house rules.";
