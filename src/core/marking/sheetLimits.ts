/** What a marking sheet can carry: as many as the product opens without a wait. */
export const MOST_ROWS = 200;
export const MOST_LEARNERS = 60;

/** How many answers go to the server at once, at most: so many that no other request waits long for them. A larger paste goes in several parts. */
export const MOST_ANSWERS_AT_ONCE = 200;

/** The longest answer, note and name that are kept, in characters. */
export const LONGEST_ANSWER = 200;
export const LONGEST_NOTE = 400;
export const LONGEST_NAME = 40;

/** Characters that can't be seen, which would make two names that look alike. */
const INVISIBLE = /[\p{Cc}\p{Cf}\p{Co}\p{Cn}\u{115f}\u{1160}\u{3164}\u{ffa0}\u{2800}]/gu;

/** A name as it is kept: composed, without what can't be seen, single spaces, none at its ends. */
export const cleanName = (typed: string): string =>
  typed.normalize("NFC").replace(/\s+/gu, " ").replace(INVISIBLE, "").trim();

/** The longest guess that is kept, in characters: room for the longest number with its sign and spaces. */
export const LONGEST_GUESS = 60;
