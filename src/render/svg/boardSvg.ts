import { extentOf, type Mark, type PaperLayout } from "@/core/board";
import type { Notation } from "@/core/number";
import { isFilled, pathOf, type Shape, shapesOf } from "../board";
import { escapedMarkup } from "../escaped";

/** The colours of a board that leaves the screen, one for each role. */
export interface Inks {
  readonly page: string;
  readonly squares: string;
  readonly ink: string;
  readonly soft: string;
  readonly plumb: string;
}

/** A board as it leaves the screen: the part of the paper that is written on, in squares, and everything on it. */
export interface DrawnBoard {
  readonly left: number;
  readonly top: number;
  readonly columns: number;
  readonly rows: number;
  readonly plumbs: readonly { readonly line: number; readonly top: number; readonly bottom: number }[];
  readonly shapes: readonly Shape[];
}

/** The paper with some marks on it, and one free square around them. */
export function drawnBoard(layout: PaperLayout, marks: readonly Mark[], notation: Notation): DrawnBoard {
  const written = extentOf(layout, marks);
  const left = Math.floor(written.left) - 1;
  const top = Math.floor(written.top) - 1;
  const bottom = Math.ceil(written.bottom) + 1;
  return {
    left,
    top,
    columns: Math.ceil(written.right) + 1 - left,
    rows: bottom - top,
    plumbs: layout.plumbs.map(({ line, from }) => ({ line, top: from === "top" ? top : from, bottom })),
    shapes: marks.flatMap((mark) => shapesOf(mark, notation.decimalMark)),
  };
}

/** The grid lines of a drawn board as one path. */
export function gridPath({ left, top, columns, rows }: DrawnBoard, unit: number): string {
  const lines = (from: number, count: number): readonly number[] =>
    Array.from({ length: count + 1 }, (_, index) => (from + index) * unit);
  const down = lines(left, columns).map((x) => `M${x} ${top * unit}v${rows * unit}`);
  const across = lines(top, rows).map((y) => `M${left * unit} ${y}h${columns * unit}`);
  return [...down, ...across].join("");
}

const UNIT = 50;

/** A drawn board as an SVG file of its own, 50 units to a square. */
export function boardSvg(board: DrawnBoard, inks: Inks): string {
  const { left, top, columns, rows } = board;
  const box = [left, top, columns, rows].map((squares) => squares * UNIT);
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${box.join(" ")}" width="${box[2]}" height="${box[3]}" font-family="Andika, sans-serif">`,
    `<rect x="${box[0]}" y="${box[1]}" width="${box[2]}" height="${box[3]}" fill="${inks.page}"/>`,
    `<path d="${gridPath(board, UNIT)}" fill="none" stroke="${inks.squares}"/>`,
    ...board.plumbs.map(
      (plumb) =>
        `<path d="M${plumb.line * UNIT} ${plumb.top * UNIT}V${plumb.bottom * UNIT}" stroke="${inks.plumb}" stroke-width="2"/>`,
    ),
    ...board.shapes.map((shape) => shapeSvg(shape, inks)),
    "</svg>",
    "",
  ].join("\n");
}

function shapeSvg(shape: Shape, inks: Inks): string {
  if (shape.kind === "text") {
    const look = shape.hollow
      ? `fill="${inks.page}" stroke="${inks.soft}" stroke-width="1.2"`
      : `fill="${inks.ink}"`;
    const at = `x="${shape.x * UNIT}" y="${shape.y * UNIT}" font-size="${shape.size * UNIT}"`;
    return `<text ${at} text-anchor="middle" dominant-baseline="central" ${look}>${escapedMarkup(shape.text)}</text>`;
  }
  const path = `<path d="${pathOf(shape, UNIT)}"`;
  if (isFilled(shape)) {
    const hollow = shape.kind === "dot" && shape.hollow;
    return `${path} fill="${hollow ? inks.page : inks.ink}" stroke="${hollow ? inks.soft : "none"}"/>`;
  }
  const weight = shape.kind === "dot" ? 0 : shape.weight * UNIT;
  const dashes = shape.kind === "line" && shape.dashed ? ' stroke-dasharray="6 7"' : "";
  return `${path} fill="none" stroke="${inks.ink}" stroke-width="${weight}" stroke-linecap="round"${dashes}/>`;
}
