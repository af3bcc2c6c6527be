/**
 * What begins like a formula gets an apostrophe in CSV, so that no spreadsheet computes it; so does what begins with
 * apostrophes before that, so that taking one off again gives back just what was there.
 */
export const FORMULA = /^'*[=+\-@\t\r]/;

/** A field of a file as it was before it was made safe for spreadsheets. */
export const plainField = (field: string | undefined): string => {
  const text = (field ?? "").trim();
  return text.startsWith("'") && FORMULA.test(text) ? text.slice(1) : text;
};
