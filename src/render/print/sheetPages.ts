import { writeAnswer, writeProblem } from "@/core/problem";
import { PRINT_WORDS } from "@/core/wording";
import { type Composing, composing } from "./composing";
import { codeItems, withFeet } from "./headAndFoot";
import { keyPages } from "./keyPages";
import { line, type MeasureText, mm, type PageItem, type PrintPage, printedText } from "./page";
import type { PrintedStory, Printing, SheetToPrint } from "./printing";
import { givenPages, grid, marksOn, plumbLines, type WrittenPage } from "./squares";
import { putAnswerLine, putStory, storyHeight, storyLines } from "./storyPages";
import { CAP, formula, hasFractions } from "./typeset";

/** Sides of a square, in points; smaller only where a working would not fit on the paper. */
const SQUARE = mm(7);
const LARGE_SQUARE = mm(9);
/** The most blocks side by side. */
const MOST_ACROSS = 4;

/** Sizes of letters by whether larger type is wanted. */
const sizesOf = ({ large }: Pick<Printing, "large">) =>
  large ? { title: 21, problem: 19, small: 13 } : { title: 17, problem: 14, small: 10.5 };

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

/** How a problem asks: with a sign of equality where its answer is a number that it is equal to. */
const asks = ({ problem, house }: SheetToPrint["workings"][number]): string => {
  const isCalculation = ["add", "subtract", "multiply", "divide", "terms", "chain"].includes(problem.op);
  return `${writeProblem(problem, house)}${isCalculation ? " =" : ""}`;
};

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

/** The squares a block needs: the widest of its pages with one free square at each side, and all of them below each other. */
interface Block {
  readonly nth: number;
  readonly asked: string;
  readonly pages: readonly WrittenPage[];
  readonly columns: number;
  readonly rows: number;
}

const blockOf = (working: SheetToPrint["workings"][number], nth: number, printing: Printing): Block => {
  const pages = givenPages(working, printing.given);
  const widths = pages.map(({ extent }) => extent.right - extent.left);
  const heights = pages.map(({ extent }) => extent.bottom - extent.top + 1);
  return {
    nth,
    asked: asks(working),
    pages,
    columns: Math.max(6, ...widths) + 2,
    rows:
      Math.max(
        4,
        heights.reduce((sum, one) => sum + one, 0),
      ) + 1,
  };
};

/** Every problem over squared paper of its own, as many side by side as fit, all on one row equally large. */
function onSquares(paper: Composing, sheet: SheetToPrint, printing: Printing, measure: MeasureText): void {
  const { problem: size } = sizesOf(printing);
  const usual = printing.large ? LARGE_SQUARE : SQUARE;
  const blocks = sheet.workings.map((working, nth) => blockOf(working, nth, printing));
  const label = size * (blocks.some(({ asked }) => hasFractions(asked)) ? 2.3 : 1.7);
  let done = 0;
  while (done < blocks.length) {
    const story = sheet.stories?.[done];
    const block = blocks[done];
    if (story !== undefined && block !== undefined) {
      putStoryBlock(paper, block, story, usual, sheet, printing, measure);
      done += 1;
      continue;
    }
    const next = sheet.stories?.findIndex((one, nth) => nth > done && one !== undefined) ?? -1;
    const { across, columns, unit } = shelf(
      blocks.slice(done, next < 0 ? blocks.length : next),
      paper.width,
      usual,
      (asked) => formula(0, 0, size, asked, measure).width + size * 2,
    );
    const here = blocks.slice(done, done + across);
    const rows = Math.max(...here.map((block) => block.rows));
    const square = Math.min(unit, (paper.height - label) / rows);
    const height = label + rows * square;
    if (height > paper.room) paper.nextPage();
    const gap = across > 1 ? (paper.width - across * columns * square) / (across - 1) : 0;
    for (const [at, block] of here.entries())
      putBlock(paper, block, paper.left + at * (columns * square + gap), {
        label,
        size,
        columns,
        rows,
        unit: square,
        measure,
        decimalMark: sheet.house.decimalMark,
      });
    paper.down(height + 16);
    done += across;
  }
}

/** How many of the next blocks stand side by side, and on how many squares each: as many as have room for what each needs. */
function shelf(
  blocks: readonly Block[],
  width: number,
  unit: number,
  widthOf: (asked: string) => number,
): { readonly across: number; readonly columns: number; readonly unit: number } {
  const all = Math.floor(width / unit);
  for (let across = MOST_ACROSS; across > 1; across--) {
    const columns = Math.floor((all - (across - 1)) / across);
    const fits = blocks
      .slice(0, across)
      .every((block) => block.columns <= columns && widthOf(block.asked) <= columns * unit);
    if (fits) return { across: Math.min(across, blocks.length), columns, unit };
  }
  const [first] = blocks;
  const columns = Math.max(all, first?.columns ?? 0);
  return { across: 1, columns, unit: columns > all ? width / columns : unit };
}

/** A story over squared paper of its own, which shows nothing of what is to be worked unless that is given. */
function putStoryBlock(
  paper: Composing,
  block: Block,
  story: PrintedStory,
  usual: number,
  sheet: SheetToPrint,
  printing: Printing,
  measure: MeasureText,
): void {
  const { problem: size } = sizesOf(printing);
  const { rows } = block;
  const told = storyHeight(story, size, paper.width, printing, measure);
  const columns = Math.max(block.columns, Math.floor(paper.width / usual));
  const square = Math.min(usual, paper.width / columns, (paper.height - told - size * 2) / rows);
  if (told + rows * square + size * 2 > paper.room) paper.nextPage();
  putStory(paper, block.nth, story, size, printing, measure);
  putBlock(paper, { ...block, asked: "" }, paper.left, {
    label: 0,
    size,
    columns,
    rows,
    unit: square,
    measure,
    decimalMark: sheet.house.decimalMark,
  });
  paper.down(rows * square + 6);
  putAnswerLine(paper, size, measure);
  paper.down(12);
}

interface Squares {
  readonly label: number;
  readonly size: number;
  readonly columns: number;
  readonly rows: number;
  readonly unit: number;
  readonly measure: MeasureText;
  readonly decimalMark: "point" | "comma";
}

function putBlock(
  paper: Composing,
  { nth, asked, pages }: Block,
  x: number,
  { label, size, columns, rows, unit, measure, decimalMark }: Squares,
): void {
  const baseline = paper.y + label - size * (hasFractions(asked) ? 0.95 : 0.55);
  const number = `${nth + 1}`;
  const y = paper.y + label;
  paper.put([
    ...(asked === ""
      ? []
      : [
          printedText(x, baseline, size * 0.8, number, { bold: true, ink: "plumb" }),
          ...formula(x + measure(number, size * 0.8, true) + 9, baseline, size, asked, measure).items,
        ]),
    ...grid(x, y, columns, rows, unit),
  ]);
  let top = 1;
  for (const { layout, marks, extent } of pages) {
    const before = Math.floor((columns - (extent.right - extent.left)) / 2);
    const [left, above] = [x + (before - extent.left) * unit, y + (top - extent.top) * unit];
    if (marks.length > 0)
      paper.put([
        // A page by itself has the whole block for its plumb line.
        ...(pages.length === 1
          ? plumbLines(layout, left, above, unit, extent.top - top, extent.top - top + rows)
          : plumbLines(layout, left, above, unit, extent.top - 1, extent.bottom + 1)),
        ...marksOn(marks, left, above, unit, decimalMark, measure),
      ]);
    top += extent.bottom - extent.top + 1;
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
