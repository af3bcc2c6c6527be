import type { Mark, PaperLayout } from "../../board";
import type { Notation, Numeral } from "../../number";
import { writeDecimal } from "../../number";
import type { StepStage, StepToDraw } from "../contract/step";
import type { MethodResult, OnPaper } from "../contract/working";
import { onPages } from "./pages";

/** What stands in a line of writing: text with one character to a square, or one text over another with a rule between. */
export type PadItem =
  | { readonly kind: "text"; readonly padText: string }
  | { readonly kind: "stack"; readonly over: string; readonly under: string };

/** Text for a line: signs close beside their numbers, and units close behind theirs, as squares have room enough. A comma between words is a gap, since on paper it would be a point. */
export const padText = (written: string): PadItem => ({
  kind: "text",
  padText: written.includes(" ")
    ? written
        .replaceAll(", ", "  ")
        .replace(/ ?([=+−×·÷:<>]) /gu, "$1")
        .replace(/(\d) (?=\p{L})/gu, "$1")
    : written,
});
export const stack = (over: string, under: string): PadItem => ({ kind: "stack", over, under });

/** A number as it stands in a line: a fraction as a stack, its sign and its whole number before it. */
export function numeralItems(numeral: Numeral, notation: Notation): readonly PadItem[] {
  const sign = numeral.negative ? "−" : "";
  switch (numeral.kind) {
    case "decimal":
      return [padText(writeDecimal(numeral, { ...notation, grouping: "none" }))];
    case "fraction":
      return [
        ...(sign ? [padText(sign)] : []),
        stack(String(numeral.numerator), String(numeral.denominator)),
      ];
    case "mixed":
      return [
        padText(`${sign}${numeral.whole}`),
        stack(String(numeral.numerator), String(numeral.denominator)),
      ];
  }
}

/** Items with a sign between each two groups of them. */
export const joined = (groups: readonly (readonly PadItem[])[], sign: string): readonly PadItem[] =>
  groups.flatMap((group, index) => (index === 0 ? group : [padText(sign), ...group]));

/** The squares an item was written in: its text, or the upper of two texts; `under` is the row of the lower. */
export interface PlacedItem {
  readonly col: number;
  readonly width: number;
  readonly row: number;
  readonly under: number;
}

/** A line of writing: its marks, where each item stands, and how far it reaches. */
interface WrittenLine {
  readonly marks: readonly Mark[];
  readonly placed: readonly PlacedItem[];
  readonly end: number;
  readonly tall: boolean;
}

const isLetter = (character: string): boolean =>
  (character >= "a" && character <= "z") ||
  (character >= "A" && character <= "Z") ||
  (character > "\u007f" && /\p{L}/u.test(character));

/** The stretches that take squares of their own: single characters, and words. */
function stretchesOf(written: string): readonly string[] {
  const stretches: string[] = [];
  let word = "";
  for (const character of written) {
    if (isLetter(character)) {
      word += character;
      continue;
    }
    if (word !== "") stretches.push(word);
    word = "";
    stretches.push(character);
  }
  if (word !== "") stretches.push(word);
  return stretches;
}

const isPoint = (stretch: string): boolean => stretch === "." || stretch === ",";

/** Points stand on grid lines and take no square; a word takes one for every two letters. */
const squaresOfStretch = (stretch: string): number => (isPoint(stretch) ? 0 : Math.ceil(stretch.length / 2));

/** How many squares a text takes. */
export const squaresOf = (written: string): number =>
  stretchesOf(written).reduce((sum, stretch) => sum + squaresOfStretch(stretch), 0);

/** Text from a square on: one character to a square, words in as many as they need; a point or comma goes on the line before the next one. */
export function lettering(written: string, from: number, row: number): readonly Mark[] {
  const marks: Mark[] = [];
  let col = from;
  for (const stretch of stretchesOf(written)) {
    const width = squaresOfStretch(stretch);
    if (width === 0) marks.push({ kind: "point", line: col, row, look: "written" });
    else if (stretch !== " ")
      marks.push({ kind: "glyph", col: col + (width - 1) / 2, row, text: stretch, look: "written" });
    col += width;
  }
  return marks;
}

/** Items written from a square on. Where a fraction stands among them the line is two rows high, and what stands beside it halfway between. */
function writeLine(items: readonly PadItem[], col: number, row: number): WrittenLine {
  const tall = items.some(({ kind }) => kind === "stack");
  const marks: Mark[] = [];
  const placed: PlacedItem[] = [];
  let at = col;
  for (const item of items) {
    if (item.kind === "text") {
      const width = squaresOf(item.padText);
      marks.push(...lettering(item.padText, at, tall ? row + 0.5 : row));
      placed.push({ col: at, width, row: tall ? row + 0.5 : row, under: row });
      at += width;
    } else {
      const [over, under] = [squaresOf(item.over), squaresOf(item.under)];
      const width = Math.max(over, under);
      const middle = (wide: number): number => at + (width - wide) / 2;
      marks.push(
        ...lettering(item.over, middle(over), row),
        { kind: "rule", row: row + 1, from: at, to: at + width, strokes: 1 },
        ...lettering(item.under, middle(under), row + 1),
      );
      placed.push({ col: at, width, row, under: row + 1 });
      at += width;
    }
  }
  return { marks, placed, end: at, tall };
}

/** Paper on which lines are written one under the other: no columns, no plumb line. */
export const PLAIN_LAYOUT: PaperLayout = { columns: [], plumbs: [] };

/** Room above and below a line, in rows, for what is written small beside its numbers. */
interface Room {
  readonly above?: number;
  readonly below?: number;
  /** The square a line begins in. */
  readonly from?: number;
}

/** Steps in the making, each with its line of writing under the one before. Lines are laid out when one of them is first looked at. */
export interface Pad<Why> {
  /** All that was put on the pad, as the paper of a working. */
  onPaper(): OnPaper<Why>;
  /** A step that writes a new line; gives where each item of it stands, once that is looked at. */
  line(
    stage: StepStage,
    reason: Why,
    items: () => readonly PadItem[],
    room?: Room,
  ): () => readonly PlacedItem[];
  /** A step that writes flat lines close under one another, with marks of its own among them; `top` is the row of the first. */
  block(
    stage: StepStage,
    reason: Why,
    lines: () => readonly string[],
    marks: (top: number) => readonly Mark[],
  ): void;
  /** A step with marks of its own, or none. */
  mark(stage: StepStage, reason: Why, marks?: () => readonly Mark[]): void;
  /** Steps from elsewhere, made when the paper is looked at. */
  take(steps: () => readonly StepToDraw<Why>[]): void;
  /** A working of a part of the problem, on pages of its own; ending with its answer named. A part of the work, if nothing else is said. */
  aside(working: MethodResult<Why>, stage?: StepStage): void;
  /** More on the line that was written last, right of it. */
  goOn(stage: StepStage, reason: Why, items: () => readonly PadItem[]): void;
}

export function newPad<Why>(firstRow = 0): Pad<Why> {
  /** What was put on the pad, in order: each gives its steps, where the next free page has a number. */
  const taken: ((page: number) => { readonly steps: readonly StepToDraw<Why>[]; readonly next: number })[] =
    [];
  const waiting: (() => void)[] = [];
  let laidOut = 0;
  let busy = false;
  let next = firstRow;
  let last = { row: firstRow, end: 0, tall: false };
  /** Everything that was written since the last time, in order: each line goes under the one before. */
  const layOut = (): void => {
    // What is being laid out may look at what already is.
    if (busy) return;
    busy = true;
    for (; laidOut < waiting.length; laidOut++) waiting[laidOut]?.();
    busy = false;
  };
  const later = (stage: StepStage, reason: Why, draw: () => readonly Mark[]): void => {
    let drawn: readonly Mark[] = [];
    waiting.push(() => {
      drawn = draw();
    });
    const step: StepToDraw<Why> = {
      stage,
      reason,
      focus: [],
      draw: () => {
        layOut();
        return drawn;
      },
    };
    taken.push((page) => ({ steps: [step], next: page }));
  };
  const write = (items: readonly PadItem[], row: number, col: number): WrittenLine => {
    const written = writeLine(items, col, row);
    last = { row, end: written.end, tall: last.row === row ? last.tall || written.tall : written.tall };
    next = Math.max(next, row + (last.tall ? 3 : 2));
    return written;
  };
  return {
    onPaper: () => {
      const steps: StepToDraw<Why>[] = [];
      let page = 1;
      for (const one of taken) {
        const made = one(page);
        steps.push(...made.steps);
        page = made.next;
      }
      return { layout: PLAIN_LAYOUT, steps };
    },
    line: (stage, reason, items, { above = 0, below = 0, from = 0 } = {}) => {
      let placed: readonly PlacedItem[] = [];
      later(stage, reason, () => {
        const written = write(items(), next + above, from);
        next += below;
        placed = written.placed;
        return written.marks;
      });
      return () => {
        layOut();
        return placed;
      };
    },
    block: (stage, reason, lines, marks) =>
      later(stage, reason, () => {
        const top = next;
        const texts = lines();
        next += texts.length + 1;
        return [...texts.flatMap((line, index) => lettering(line, 0, top + index)), ...marks(top)];
      }),
    mark: (stage, reason, marks = () => []) => later(stage, reason, marks),
    take: (more) => taken.push((page) => ({ steps: more(), next: page })),
    aside: ({ onPaper }, stage = "work") => taken.push((page) => onPages(onPaper(), page, stage)),
    goOn: (stage, reason, items) =>
      later(stage, reason, () => {
        const here = items();
        // Beside a fraction a flat line goes on halfway between its two rows.
        const flat = here.every(({ kind }) => kind === "text");
        return write(here, last.row + (last.tall && flat ? 0.5 : 0), last.end).marks;
      }),
  };
}
