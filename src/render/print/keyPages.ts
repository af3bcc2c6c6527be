import type { Working } from "@/core/methods";
import { writeAnswer, writeProblem } from "@/core/problem";
import { PRINT_WORDS, plain, stepWords } from "@/core/wording";
import { type Composing, composing } from "./composing";
import { type MeasureText, mm, type PrintPage, printedText } from "./page";
import type { Printing, SheetToPrint } from "./printing";
import { grid, marksOn, plumbLines, workedPages } from "./squares";
import { CAP, formula, hasFractions, wrapped } from "./typeset";

const SQUARE = mm(5);
const SIZE = 12;
const SAID = 9.5;
const LEADING = 1.38;
const TITLE = 15;

/** The key of a sheet on pages of its own: its answers, or its whole workings with what is said at each step. */
export function keyPages(
  sheet: SheetToPrint,
  printing: Printing,
  measure: MeasureText,
): readonly PrintPage[] {
  const paper = composing(printing);
  paper.put([
    printedText(paper.left, paper.y + TITLE * CAP, TITLE, PRINT_WORDS.key(sheet.title), { bold: true }),
  ]);
  paper.down(TITLE * 1.9);
  if (printing.key === "workings")
    for (const [nth, working] of sheet.workings.entries()) putWorking(paper, working, nth, measure);
  else putAnswers(paper, sheet, printing, measure);
  return paper.pages();
}

/** A problem with its answer in one line. */
const solved = ({ problem, answer, house }: Working): string => {
  const joined = ["compare", "order", "round", "enough"].includes(problem.op) ? "   " : " = ";
  return `${writeProblem(problem, house)}${joined}${writeAnswer(answer, house)}`;
};

function putAnswers(paper: Composing, sheet: SheetToPrint, printing: Printing, measure: MeasureText): void {
  const numbers = measure("000", SIZE, true) + 8;
  const lines = sheet.workings.map((working, nth) => {
    const story = sheet.stories?.[nth];
    const alone = `${solved(working)}${story?.whole === undefined ? "" : `, so ${story.whole}`}`;
    const inStory = `${alone}   ${story?.answer ?? ""}`.trimEnd();
    return formula(0, 0, SIZE, inStory, measure).width + numbers + 16 < paper.width ? inStory : alone;
  });
  const widest = Math.max(...lines.map((one) => formula(0, 0, SIZE, one, measure).width)) + numbers + 16;
  const columns = Math.max(1, Math.min(printing.turned ? 4 : 3, Math.floor(paper.width / widest)));
  const height = SIZE * (lines.some(hasFractions) ? 2.5 : 1.8);
  let done = 0;
  while (done < lines.length) {
    const rows = Math.max(1, Math.floor(paper.room / height));
    const down = Math.min(rows, Math.ceil((lines.length - done) / columns));
    const here = lines.slice(done, done + down * columns);
    for (const [nth, one] of here.entries()) {
      const x = paper.left + Math.floor(nth / down) * (paper.width / columns);
      const baseline = paper.y + (nth % down) * height + SIZE * 1.2;
      paper.put([
        printedText(x, baseline, SIZE * 0.85, String(done + nth + 1), { bold: true, ink: "plumb" }),
        ...formula(x + numbers, baseline, SIZE, one, measure).items,
      ]);
    }
    done += here.length;
    paper.down(down * height);
    if (done < lines.length) paper.nextPage();
  }
}

/** A working on squares, and beside it, or below where that has no room, what is said. */
function putWorking(paper: Composing, working: Working, nth: number, measure: MeasureText): void {
  const { house, steps } = working;
  const pages = workedPages(working);
  const columns = Math.max(...pages.map(({ extent }) => extent.right - extent.left)) + 2;
  const rows = pages.reduce((sum, { extent }) => sum + extent.bottom - extent.top + 1, 1);
  const heading = SIZE * (hasFractions(solved(working)) ? 2.6 : 1.9);
  const unit = Math.min(SQUARE, paper.width / columns, (paper.height - heading) / rows);
  const beside = columns * unit < paper.width * 0.56;
  if (heading + rows * unit > paper.room) paper.nextPage();
  paper.put([
    printedText(paper.left, paper.y + heading * 0.58, SIZE * 0.9, String(nth + 1), {
      bold: true,
      ink: "plumb",
    }),
    ...formula(paper.left + 22, paper.y + heading * 0.58, SIZE, solved(working), measure, { bold: true })
      .items,
  ]);
  paper.down(heading);
  paper.put(grid(paper.left, paper.y, columns, rows, unit));
  let top = 1;
  for (const { layout, marks, extent } of pages) {
    const [x, y] = [paper.left + (1 - extent.left) * unit, paper.y + (top - extent.top) * unit];
    paper.put([
      ...plumbLines(layout, x, y, unit, extent.top - 1, extent.bottom + 1),
      ...marksOn(marks, x, y, unit, house.decimalMark, measure),
    ]);
    top += extent.bottom - extent.top + 1;
  }
  const x = beside ? paper.left + columns * unit + 16 : paper.left;
  const width = paper.left + paper.width - x;
  if (!beside) paper.down(rows * unit + 6);
  let below = beside ? rows * unit : 0;
  for (const { reason } of steps) {
    for (const one of wrapped(plain(stepWords(reason, house).say), SAID, width, measure)) {
      if (SAID * LEADING > paper.room) {
        paper.nextPage();
        below = 0;
      }
      paper.put([printedText(x, paper.y + SAID, SAID, one)]);
      paper.down(SAID * LEADING);
      below -= SAID * LEADING;
    }
    paper.down(2.5);
    below -= 2.5;
  }
  paper.down(Math.max(0, below) + 18);
}
