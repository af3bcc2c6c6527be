/** Roles of what is printed; the painter has a colour for each. */
export type PrintInk = "ink" | "soft" | "squares" | "plumb";

/** What stands on a page, in points from its top left corner. */
export type PageItem =
  | {
      readonly kind: "text";
      readonly x: number;
      /** The line the letters stand on. */
      readonly baseline: number;
      readonly size: number;
      readonly printedText: string;
      readonly bold: boolean;
      readonly ink: PrintInk;
      /** Drawn as an outline, as a filler zero is; or not seen, for a sign that only a reader of the text needs. */
      readonly look: "filled" | "hollow" | "unseen";
    }
  /** A path as SVG writes it, moved to a place. */
  | {
      readonly kind: "path";
      readonly x: number;
      readonly y: number;
      readonly d: string;
      readonly ink: PrintInk;
      /** Thickness of its stroke; filled where it has none. */
      readonly weight: number | "filled" | "hollow";
      readonly dashed: boolean;
    };

export interface PrintPage {
  readonly width: number;
  readonly height: number;
  readonly items: readonly PageItem[];
}

/** How wide a text is at a size, in points: known to whoever has the letters. */
export type MeasureText = (text: string, size: number, bold: boolean) => number;

const MM = 72 / 25.4;
export const mm = (length: number): number => length * MM;

const PAPERS = { a4: [mm(210), mm(297)], letter: [8.5 * 72, 11 * 72] } as const;

/** Width and height of a paper, the long side across where it is turned. */
export function paperSize(paper: keyof typeof PAPERS, turned: boolean): readonly [number, number] {
  const [short, long] = PAPERS[paper];
  return turned ? [long, short] : [short, long];
}

export const printedText = (
  x: number,
  baseline: number,
  size: number,
  words: string,
  more: Partial<{ readonly bold: boolean; readonly ink: PrintInk }> = {},
): PageItem => ({
  kind: "text",
  x,
  baseline,
  size,
  printedText: words,
  bold: more.bold ?? false,
  ink: more.ink ?? "ink",
  look: "filled",
});

/** A straight line from one point to another. */
export const line = (
  x1: number,
  y1: number,
  x2: number,
  y2: number,
  more: Partial<{ readonly ink: PrintInk; readonly weight: number; readonly dashed: boolean }> = {},
): PageItem => ({
  kind: "path",
  x: x1,
  y: y1,
  d: `M0 0L${x2 - x1} ${y2 - y1}`,
  ink: more.ink ?? "ink",
  weight: more.weight ?? 0.6,
  dashed: more.dashed ?? false,
});
