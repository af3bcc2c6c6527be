/** A decimal that goes on: as pupils write it, with three points, a bar, dots or a word after it. */
const GOES_ON = /^([−-]?\d{0,40}[.,]\d{1,40})(?:…|\.{2,6}| recurring| repeating| rec\.?)$/iu;
/** A bar over digits, or a dot over the first and the last of them. */
const MARKED = /^([−-]?\d{0,40}[.,])((?:\d[\u0304\u0305\u0307]?){1,40})$/u;

/**
 * The ways in which a decimal that goes on may be meant, with its repetend in brackets, the likeliest first; none of
 * another text. A repetend that is shown twice is meant; else the last digit, or all of them.
 */
export function recurringWritten(text: string): readonly string[] {
  const goesOn = GOES_ON.exec(text)?.[1];
  if (goesOn !== undefined) {
    const at = Math.max(goesOn.indexOf("."), goesOn.indexOf(",")) + 1;
    const [before, digits] = [goesOn.slice(0, at), goesOn.slice(at)];
    const twice = shownTwice(digits);
    const last = `${before}${digits.slice(0, -1)}(${digits.slice(-1)})`;
    return [...new Set([...(twice === undefined ? [] : [before + twice]), last, `${before}(${digits})`])];
  }
  const [, before, digits] = MARKED.exec(text.normalize("NFD")) ?? [];
  if (before === undefined || digits === undefined || !/[\u0304\u0305\u0307]/u.test(digits)) return [];
  const signs = [...digits.matchAll(/\d([\u0304\u0305\u0307])?/gu)];
  const first = signs.findIndex(([, mark]) => mark !== undefined);
  if (signs.at(-1)?.[1] === undefined) return [];
  const plain = signs.map(([sign]) => sign.charAt(0)).join("");
  return [`${before}${plain.slice(0, first)}(${plain.slice(first)})`];
}

/** Digits that end in the same ones twice or more, the shortest of them in brackets; the last may be there in part, and rounded up. */
function shownTwice(digits: string): string | undefined {
  for (let length = 1; length * 2 <= digits.length; length++)
    for (let from = 0; from + length * 2 <= digits.length; from++) {
      const repetend = digits.slice(from, from + length);
      const rest = digits.slice(from);
      if (repetend.repeat(Math.ceil(rest.length / length)).startsWith(rest))
        return `${digits.slice(0, from)}(${repetend})`;
    }
  return undefined;
}
