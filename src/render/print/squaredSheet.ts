import type { Composing } from "./composing";
import { type MeasureText, printedText } from "./page";
import type { PrintedStory, Printing, SheetToPrint } from "./printing";
import { asks, LARGE_SQUARE, MOST_ACROSS, SQUARE, sizesOf } from "./sheetSizes";
import { givenPages, grid, marksOn, plumbLines, type WrittenPage } from "./squares";
import { putAnswerLine, putStory, storyHeight } from "./storyPages";
import { formula, hasFractions } from "./typeset";

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
export function onSquares(
  paper: Composing,
  sheet: SheetToPrint,
  printing: Printing,
  measure: MeasureText,
): void {
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
