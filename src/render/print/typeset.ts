import { line, type MeasureText, type PageItem, type PrintInk, printedText } from "./page";

/** Height of a digit of the printed letters, in parts of their size. */
export const CAP = 0.725;

/** The bar of a fraction lies at half of a digit's height. */
const AXIS = CAP / 2;
const SMALL = 0.74;
const CLEAR = 0.12;
const SIDE = 0.08;

/** No fraction of a problem has longer numbers. */
const FRACTION = /(\d{1,9}\/\d{1,9})/;

interface Look {
  readonly bold?: boolean;
  readonly ink?: PrintInk;
}

/** Whether a formula has fractions, which need more room above and below. */
export const hasFractions = (formula: string): boolean => FRACTION.test(formula);

/** A formula on one line, its fractions over and under a bar; with how wide it came. */
export function formula(
  x: number,
  baseline: number,
  size: number,
  written: string,
  measure: MeasureText,
  { bold = false, ink = "ink" }: Look = {},
): { readonly items: readonly PageItem[]; readonly width: number } {
  const items: PageItem[] = [];
  let at = x;
  for (const part of written.split(FRACTION)) {
    if (part === "") continue;
    const [numerator, denominator] = part.split("/");
    if (!FRACTION.test(part) || numerator === undefined || denominator === undefined) {
      items.push(printedText(at, baseline, size, part, { bold, ink }));
      at += measure(part, size, bold);
      continue;
    }
    const small = size * SMALL;
    const [over, under] = [measure(numerator, small, bold), measure(denominator, small, bold)];
    const width = Math.max(over, under) + 2 * SIDE * size;
    const axis = baseline - AXIS * size;
    items.push(
      printedText(at + (width - over) / 2, axis - CLEAR * size, small, numerator, { bold, ink }),
      // Whoever copies the text, or reads it by a program, gets the fraction as it is written in one line.
      {
        kind: "text",
        x: at + width / 2,
        baseline: axis,
        size: 1,
        printedText: "/",
        bold: false,
        ink,
        look: "unseen",
      },
      printedText(at + (width - under) / 2, axis + CLEAR * size + CAP * small, small, denominator, {
        bold,
        ink,
      }),
      line(at, axis, at + width, axis, { ink, weight: size * 0.05 }),
    );
    at += width;
  }
  return { items, width: at - x };
}

/** Words broken into lines that are no wider than some width. */
export function wrapped(words: string, size: number, width: number, measure: MeasureText): readonly string[] {
  const lines: string[] = [];
  let now = "";
  for (const word of words.split(" ")) {
    const longer = now === "" ? word : `${now} ${word}`;
    if (now !== "" && measure(longer, size, false) > width) {
      lines.push(now);
      now = word;
    } else now = longer;
  }
  return now === "" ? lines : [...lines, now];
}
