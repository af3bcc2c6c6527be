/** What stands on printed paper beside problems and workings. */
export const PRINT_WORDS = {
  name: "Name",
  date: "Date",
  answers: "Answers",
  answer: "Answer",
  key: (title: string): string => `Key: ${title}`,
  page: (page: number, of: number): string => `${page} of ${of}`,
  cutHere: "Cut here before you hand it out",
} as const;

/** Why a sheet can't be printed: its letters lack some signs. */
export const NO_LETTERS = (signs: readonly string[]): string =>
  `The printed letters have no ${signs.slice(0, 6).join(" ")}. Take it out of the name or the problems.`;
