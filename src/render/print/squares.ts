import { type Extent, extentOf, type Mark, type PaperLayout, pagesOf } from "@/core/board";
import { type GivenPart, givenInPlace, learnerTaskOf } from "@/core/learnerTask";
import type { Working } from "@/core/methods";
import { isFilled, pathOf, type Shape, shapesOf } from "../board";
import { line, type MeasureText, type PageItem } from "./page";
import { CAP } from "./typeset";

/** A part of squared paper with what is written on it. */
export interface WrittenPage {
  readonly layout: PaperLayout;
  readonly marks: readonly Mark[];
  /** The whole squares that it takes up in the end. */
  readonly extent: Extent;
}

/** The whole squares that marks take up. */
function squaresOf(layout: PaperLayout, marks: readonly Mark[]): Extent {
  const { left, right, top, bottom } = extentOf(layout, marks);
  return {
    left: Math.floor(left),
    right: Math.ceil(right),
    top: Math.floor(top),
    bottom: Math.ceil(bottom),
  };
}

/** The pages of a whole working, one after the other. */
export const workedPages = ({ layout, steps }: Working): readonly WrittenPage[] =>
  pagesOf(layout, steps).map((page) => {
    const marks = page.writings.flatMap((step) => step.marks);
    return { layout: page.layout, marks, extent: squaresOf(page.layout, marks) };
  });

/** The pages that a learner needs for a problem, with what is given on each as on a learner's own board. */
export function givenPages({ problem, house, method }: Working, given: GivenPart): readonly WrittenPage[] {
  const turn = learnerTaskOf(problem, house, method);
  return turn.ways.map((way) => {
    const all = way.steps.flatMap(({ marks }) => marks);
    const extent = squaresOf(way.layout, all);
    return { layout: way.layout, marks: givenInPlace(way, turn, given), extent };
  });
}

/** Squared paper of so many squares. */
export function grid(x: number, y: number, columns: number, rows: number, unit: number): readonly PageItem[] {
  const across = Array.from({ length: rows + 1 }, (_, nth) => `M0 ${nth * unit}h${columns * unit}`);
  const down = Array.from({ length: columns + 1 }, (_, nth) => `M${nth * unit} 0v${rows * unit}`);
  return [
    { kind: "path", x, y, d: [...across, ...down].join(""), ink: "squares", weight: 0.5, dashed: false },
  ];
}

/** Marks on squares whose column and row 0 begin at a place, so many points to a square. */
export function marksOn(
  marks: readonly Mark[],
  x: number,
  y: number,
  unit: number,
  decimalMark: "point" | "comma",
  measure: MeasureText,
): readonly PageItem[] {
  return marks
    .flatMap((mark) => shapesOf(mark, decimalMark))
    .map((shape) => item(shape, x, y, unit, measure));
}

/** The plumb lines of a page from one row to another. */
export const plumbLines = (
  { plumbs }: PaperLayout,
  x: number,
  y: number,
  unit: number,
  top: number,
  bottom: number,
): readonly PageItem[] =>
  plumbs.map((plumb) => {
    const at = x + plumb.line * unit;
    const from = plumb.from === "top" ? top : plumb.from;
    return line(at, y + from * unit, at, y + bottom * unit, { ink: "plumb", weight: 0.9 });
  });

function item(shape: Shape, x: number, y: number, unit: number, measure: MeasureText): PageItem {
  if (shape.kind === "text") {
    const size = shape.size * unit;
    return {
      kind: "text",
      x: x + shape.x * unit - measure(shape.text, size, false) / 2,
      baseline: y + shape.y * unit + (CAP * size) / 2,
      size,
      printedText: shape.text,
      bold: false,
      ink: shape.hollow ? "soft" : "ink",
      look: shape.hollow ? "hollow" : "filled",
    };
  }
  const weight = isFilled(shape)
    ? shape.kind === "dot" && shape.hollow
      ? "hollow"
      : "filled"
    : shape.kind === "dot"
      ? 0
      : shape.weight * unit;
  return {
    kind: "path",
    x,
    y,
    d: pathOf(shape, unit),
    ink: "ink",
    weight,
    dashed: shape.kind === "line" && shape.dashed,
  };
}
