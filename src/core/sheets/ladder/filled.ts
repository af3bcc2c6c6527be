import type { RandomSource } from "../../randomSource";

const MARK = /@\d|%\d+|#[#.]*/g;

/** A line of a notch with its digits filled in. */
export function filled(line: string, chances: RandomSource): string {
  const same = new Map<string, string>();
  return line.replace(MARK, (mark, at: number) => {
    if (mark.startsWith("@")) {
      const digit = same.get(mark) ?? String(1 + chances.below(9));
      same.set(mark, digit);
      return digit;
    }
    if (mark.startsWith("%")) return String(1 + chances.below(Number(mark.slice(1)) - 1));
    // Behind a point, or behind another digit, a zero may stand first.
    const before = line[at - 1] ?? "";
    const inside = /[\d.]/.test(before) || /@\d$/.test(line.slice(0, at));
    return digitsFor(mark, inside, chances);
  });
}

/** The digits of a mark: none in front of a number is a zero, and none that ends a decimal, or a number that is written in part. */
function digitsFor(mark: string, inside: boolean, chances: RandomSource): string {
  const endsWell = inside || mark.includes(".");
  return [...mark]
    .map((sign, nth) => {
      if (sign !== "#") return sign;
      const first = nth === 0 && !inside;
      const last = endsWell && nth === mark.length - 1;
      return String(first || last ? 1 + chances.below(9) : chances.below(10));
    })
    .join("");
}
