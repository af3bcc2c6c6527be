/** The most problems on a sheet that is drawn at once, and on one that is kept. */
export const MOST_ON_SHEET = 1000;
export const MOST_KEPT_ROWS = 200;

/** The longest name of a sheet that is kept. */
export const LONGEST_SHEET_NAME = 120;
