import { PRINT_WORDS } from "@/core/wording";
import type { BarPart, StoryPicture } from "@/service/requests";
import type { Composing } from "./composing";
import { line, type MeasureText, mm, type PageItem, printedText } from "./page";
import type { PrintedStory, Printing, SheetToPrint } from "./printing";
import { formula, hasFractions, wrapped } from "./typeset";

const LEADING = 1.45;
/** How high the room for a picture is, and a bar of one. */
const ROOM = mm(32);
const BAR = mm(8);
const BETWEEN = mm(5);

const numberRoom = (size: number, measure: MeasureText): number => measure("00", size * 0.8, true) + 10;

const pictureHeight = ({ picture: drawing }: PrintedStory, { picture }: Printing): number => {
  if (picture === "none" || (picture === "drawn" && drawing === undefined)) return 0;
  if (picture === "room" || drawing === undefined) return ROOM + 10;
  return drawing.kind === "line" ? mm(26) : drawing.rows.length * (BAR + BETWEEN) + 8;
};

/** How high a story stands, with what is under it. */
export function storyHeight(
  story: PrintedStory,
  size: number,
  width: number,
  printing: Printing,
  measure: MeasureText,
): number {
  const lines = wrapped(story.text, size, width - numberRoom(size, measure), measure);
  return lines.length * size * LEADING + pictureHeight(story, printing) + size * 0.6;
}

/** A story with its number, and under it the picture, the room for one, or nothing. */
export function putStory(
  paper: Composing,
  nth: number,
  story: PrintedStory,
  size: number,
  printing: Printing,
  measure: MeasureText,
): void {
  const indent = numberRoom(size, measure);
  paper.put([
    printedText(paper.left, paper.y + size, size * 0.8, String(nth + 1), { bold: true, ink: "plumb" }),
  ]);
  for (const one of wrapped(story.text, size, paper.width - indent, measure)) {
    paper.put([printedText(paper.left + indent, paper.y + size, size, one)]);
    paper.down(size * LEADING);
  }
  const height = pictureHeight(story, printing);
  if (height > 0) {
    const [x, y, width] = [paper.left + indent, paper.y + 4, paper.width - indent];
    if (printing.picture === "drawn" && story.picture !== undefined)
      paper.put(pictureItems(story.picture, x, y, width, measure));
    else paper.put([box(x, y, width, ROOM, true)]);
    paper.down(height);
  }
  paper.down(size * 0.6);
}

/** A line to write the answer on. */
export function putAnswerLine(paper: Composing, size: number, measure: MeasureText): void {
  const words = `${PRINT_WORDS.answer}:`;
  const from = paper.left + measure(words, size * 0.8, false) + 8;
  const baseline = paper.y + size * 1.3;
  paper.put([
    printedText(paper.left, baseline, size * 0.8, words, { ink: "soft" }),
    line(from, baseline + 3, paper.left + paper.width, baseline + 3, { ink: "soft" }),
  ]);
  paper.down(size * 1.7);
}

/** Stories below each other, each with a line for its answer; bare problems between them in lines of their own. */
export function storyLines(
  paper: Composing,
  sheet: SheetToPrint,
  printing: Printing,
  measure: MeasureText,
  size: number,
  asks: (working: SheetToPrint["workings"][number]) => string,
): void {
  for (const [nth, working] of sheet.workings.entries()) {
    const story = sheet.stories?.[nth];
    if (story !== undefined) {
      const height = storyHeight(story, size, paper.width, printing, measure) + size * 2.6;
      if (height > paper.room) paper.nextPage();
      putStory(paper, nth, story, size, printing, measure);
      putAnswerLine(paper, size, measure);
      paper.down(size * 0.9);
      continue;
    }
    const asked = asks(working);
    const height = size * (hasFractions(asked) ? 2.9 : 2.2);
    if (height > paper.room) paper.nextPage();
    const x = paper.left + numberRoom(size, measure);
    const baseline = paper.y + size * 1.3;
    const written = formula(x, baseline, size, asked, measure);
    paper.put([
      printedText(paper.left, baseline, size * 0.8, String(nth + 1), { bold: true, ink: "plumb" }),
      ...written.items,
      line(x + written.width + 8, baseline + 3, paper.left + paper.width, baseline + 3, { ink: "soft" }),
    ]);
    paper.down(height);
  }
}

const box = (x: number, y: number, width: number, height: number, dashed = false): PageItem => ({
  kind: "path",
  x,
  y,
  d: `M0 0h${width}v${height}h${-width}Z`,
  ink: "soft",
  weight: 0.8,
  dashed,
});

/** A picture of a story to scale, as on its page. */
function pictureItems(
  picture: StoryPicture,
  x: number,
  y: number,
  width: number,
  measure: MeasureText,
): readonly PageItem[] {
  if (picture.kind === "line") return lineItems(picture, x, y, width, measure);
  const length = (row: readonly BarPart[]): number => row.reduce((sum, { size }) => sum + size, 0);
  const scale = width / Math.max(...picture.rows.map(length));
  return picture.rows.flatMap((row, nth) => {
    const top = y + nth * (BAR + BETWEEN) + BETWEEN;
    let outside = 0;
    return row.flatMap((part, at): readonly PageItem[] => {
      const from = x + length(row.slice(0, at)) * scale;
      const wide = part.size * scale;
      const label = measure(part.label, 10, false);
      const inside = label + 4 <= wide;
      if (!inside && part.label !== "") outside += 1;
      // Of two narrow parts beside each other one has its label above, the other below.
      const beside = outside % 2 === 0 ? top + BAR + 9.5 : top - 3;
      const middle = Math.min(x + width - label / 2, Math.max(x + label / 2, from + wide / 2));
      return [
        box(from, top, wide, BAR, part.asked),
        ...(part.label === ""
          ? []
          : [printedText(middle - label / 2, inside ? top + BAR / 2 + 3.6 : beside, 10, part.label)]),
      ];
    });
  });
}

function lineItems(
  { from, to, ends, by, withZero }: Extract<StoryPicture, { readonly kind: "line" }>,
  x: number,
  y: number,
  width: number,
  measure: MeasureText,
): readonly PageItem[] {
  const shown = withZero ? [from, to, 0] : [from, to];
  const [least, most] = [Math.min(...shown), Math.max(...shown)];
  const margin = (most - least) * 0.08 || 1;
  const at = (value: number): number => x + ((value - least + margin) / (most - least + 2 * margin)) * width;
  const axis = y + mm(15);
  const centred = (middle: number, baseline: number, words: string): PageItem =>
    printedText(middle - measure(words, 10, false) / 2, baseline, 10, words);
  const marks: readonly (readonly [number, string])[] = [
    ...(withZero && from !== 0 && to !== 0 ? [[0, "0"] as const] : []),
    [from, ends[0]],
    [to, ends[1]],
  ];
  return [
    line(x, axis, x + width, axis, { weight: 0.9 }),
    ...marks.flatMap(([value, words]) => [
      line(at(value), axis - 4, at(value), axis + 4, { weight: 0.9 }),
      centred(at(value), axis + 17, words),
    ]),
    {
      kind: "path",
      x: 0,
      y: 0,
      d: `M${at(from)} ${axis - 5}Q${(at(from) + at(to)) / 2} ${axis - mm(16)} ${at(to)} ${axis - 5}`,
      ink: "plumb",
      weight: 1.2,
      dashed: false,
    },
    centred((at(from) + at(to)) / 2, axis - mm(11.5), by),
  ];
}
