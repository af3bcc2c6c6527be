import { type PageItem, type PrintPage, paperSize } from "./page";
import type { Printing } from "./printing";

/** Room that stays free at the edges of a page, in points, and for its foot. */
const EDGE = 40;
const FOOT = 26;

/** Pages that are filled from the top: what is put down goes on the next one where there is no more room. */
export interface Composing {
  readonly left: number;
  readonly width: number;
  /** How high the part of a page is that can be written on. */
  readonly height: number;
  /** Where the next thing goes. */
  readonly y: number;
  readonly room: number;
  put(items: readonly PageItem[]): void;
  down(by: number): void;
  nextPage(): void;
  pages(): readonly PrintPage[];
}

/** Begins with an empty page. */
export function composing({ paper, turned }: Pick<Printing, "paper" | "turned">): Composing {
  const [width, height] = paperSize(paper, turned);
  const bottom = height - EDGE - FOOT;
  const pages: PageItem[][] = [[]];
  let y = EDGE;
  return {
    left: EDGE,
    width: width - 2 * EDGE,
    height: bottom - EDGE,
    get y() {
      return y;
    },
    get room() {
      return bottom - y;
    },
    put: (items) => {
      pages.at(-1)?.push(...items);
    },
    down: (by) => {
      y += by;
    },
    nextPage: () => {
      pages.push([]);
      y = EDGE;
    },
    pages: () => pages.map((items) => ({ width, height, items })),
  };
}

/** The line on which the foot of a page stands. */
export const footLine = ({ height }: Pick<PrintPage, "height">): number => height - EDGE;
