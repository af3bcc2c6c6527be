import { writeAnswer } from "@/core/problem";
import { PRINT_WORDS } from "@/core/wording";
import { type Composing, composing } from "./composing";
import { codeItems, withFeet } from "./headAndFoot";
import { keyPages } from "./keyPages";
import { line, type MeasureText, type PageItem, type PrintPage, printedText } from "./page";
import type { Printing, SheetToPrint } from "./printing";
import { asks, sizesOf } from "./sheetSizes";
import { onSquares } from "./squaredSheet";
import { storyLines } from "./storyPages";
import { CAP, formula, hasFractions } from "./typeset";

/** A sheet laid out on its pages, then its key on pages of its own; all of it in points, to be painted by whoever can. */
export function sheetPages(
  sheet: SheetToPrint,
  printing: Printing,
  measure: MeasureText,
): readonly PrintPage[] {
  const problems = printing.keyAlone
    ? []
    : withFeet(problemPages(sheet, printing, measure), sheet.title, sheet.code, measure);
  const key = printing.key === "none" ? [] : keyPages(sheet, printing, measure);
  return [...problems, ...withFeet(key, PRINT_WORDS.key(sheet.title), sheet.code, measure)];
}

function problemPages(sheet: SheetToPrint, printing: Printing, measure: MeasureText): readonly PrintPage[] {
  const paper = composing(printing);
  head(paper, sheet, printing, measure);
  if (printing.layout === "lines" && sheet.stories?.some((story) => story !== undefined))
    storyLines(paper, sheet, printing, measure, sizesOf(printing).problem, asks);
  else if (printing.layout === "lines") inLines(paper, sheet, printing, measure);
  else onSquares(paper, sheet, printing, measure);
  if (printing.tearOff) tearOff(paper, sheet, printing, measure);
  return paper.pages();
}

/** Title, name and date, and the code at the right. */
function head(paper: Composing, sheet: SheetToPrint, printing: Printing, measure: MeasureText): void {
  const sizes = sizesOf(printing);
  const { left, width } = paper;
  const code = sheet.code === undefined ? undefined : codeItems(sheet.code, left + width, paper.y, measure);
  if (code !== undefined) paper.put(code.items);
  paper.put([printedText(left, paper.y + sizes.title * CAP, sizes.title, sheet.title, { bold: true })]);
  paper.down(sizes.title * 1.5);
  if (printing.nameAndDate) {
    const room = width - (code?.width ?? 0) - 14;
    const baseline = paper.y + sizes.small * 1.6;
    const blank = (words: string, from: number, to: number): readonly PageItem[] => {
      const begins = from + measure(words, sizes.small, false) + 6;
      return [
        printedText(from, baseline, sizes.small, words, { ink: "soft" }),
        line(begins, baseline + 2, to, baseline + 2, { ink: "soft", weight: 0.7 }),
      ];
    };
    const middle = left + room * 0.64;
    paper.put([
      ...blank(PRINT_WORDS.name, left, middle - 14),
      ...blank(PRINT_WORDS.date, middle, left + room),
    ]);
    paper.down(sizes.small * 1.6 + 8);
  }
  paper.down(Math.max(16, (code?.bottom ?? 0) + 10 - paper.y));
}

/** Problems in lines, down one column after the other. */
function inLines(paper: Composing, sheet: SheetToPrint, printing: Printing, measure: MeasureText): void {
  const { problem: size } = sizesOf(printing);
  const { columns } = printing;
  const gap = 24;
  const width = (paper.width - (columns - 1) * gap) / columns;
  const height = size * (sheet.workings.some((one) => hasFractions(asks(one))) ? 2.9 : 2.2);
  const numbers = measure("00", size * 0.8, true) + 10;
  let done = 0;
  while (done < sheet.workings.length) {
    const rows = Math.max(1, Math.floor(paper.room / height));
    const left = sheet.workings.length - done;
    const down = Math.min(rows, Math.ceil(left / columns));
    const here = sheet.workings.slice(done, done + down * columns);
    for (const [nth, working] of here.entries()) {
      const x = paper.left + Math.floor(nth / down) * (width + gap);
      const baseline = paper.y + (nth % down) * height + size * 1.3;
      const asked = formula(x + numbers, baseline, size, asks(working), measure);
      const from = x + numbers + asked.width + 8;
      paper.put([
        printedText(x, baseline, size * 0.8, String(done + nth + 1), { bold: true, ink: "plumb" }),
        ...asked.items,
        ...(x + width - from > 24
          ? [line(from, baseline + 3, x + width, baseline + 3, { ink: "soft" })]
          : []),
      ]);
    }
    done += here.length;
    paper.down(down * height);
    if (done < sheet.workings.length) paper.nextPage();
  }
}

/** The answers at the foot of the last page, to be cut off. */
function tearOff(paper: Composing, sheet: SheetToPrint, printing: Printing, measure: MeasureText): void {
  const { small } = sizesOf(printing);
  const answers = sheet.workings.map(
    ({ answer, house }, nth) => sheet.stories?.[nth]?.whole ?? writeAnswer(answer, house),
  );
  const cells = answers.map((answer, nth) => `${nth + 1}:  ${answer}`);
  const wide = Math.max(...cells.map((cell) => measure(cell, small, false))) + 18;
  const columns = Math.max(1, Math.min(6, Math.floor(paper.width / wide)));
  const rows = Math.ceil(cells.length / columns);
  const lineHeight = small * (answers.some(hasFractions) ? 2.3 : 1.6);
  const height = 22 + small * 1.6 + rows * lineHeight;
  if (height > paper.room) paper.nextPage();
  paper.down(Math.max(0, paper.room - height));
  const { left, width } = paper;
  const words = PRINT_WORDS.cutHere;
  const begins = left + width - measure(words, 8, false);
  paper.put([
    line(left, paper.y, begins - 8, paper.y, { ink: "soft", dashed: true, weight: 0.8 }),
    printedText(begins, paper.y + 2.6, 8, words, { ink: "soft" }),
    printedText(left, paper.y + 20, small, PRINT_WORDS.answers, { bold: true }),
  ]);
  paper.down(22);
  for (const [nth, cell] of cells.entries()) {
    const x = left + Math.floor(nth / rows) * (width / columns);
    const baseline = paper.y + small * 1.6 + (nth % rows) * lineHeight;
    paper.put(formula(x, baseline, small, cell, measure).items);
  }
  paper.down(small * 1.6 + rows * lineHeight);
}
