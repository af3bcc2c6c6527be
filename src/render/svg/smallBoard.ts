import { type PaperLayout, pageAt, type Writing } from "@/core/board";
import type { Notation } from "@/core/number";
import { isFilled, type PageOfSquares, pathOf, type Shape, shapesOf } from "../board";
import { escapedMarkup } from "../escaped";

/** Units of the drawing to one square: whole numbers are short, and fine enough for a small picture. */
const UNIT = 100;

const at = (squares: number): number => Math.round(squares * UNIT);

/**
 * A finished board in small, as SVG inside a page: for pages that show many. What looks alike is one element, so that
 * a board takes a tenth of what it takes mark by mark; its looks are those of the class `small-board`.
 */
export function smallBoard(
  firstLayout: PaperLayout,
  allWritings: readonly Writing[],
  shown: number,
  page: PageOfSquares,
  notation: Notation,
  label: string,
): string {
  const { layout, writings, done } = pageAt(firstLayout, allWritings, shown);
  const shapes = writings
    .slice(0, done)
    .flatMap(({ marks }) => marks)
    .flatMap((mark) => shapesOf(mark, notation.decimalMark));
  const box = [page.left, page.top, page.right - page.left, page.bottom - page.top].map(at);
  const named =
    label === ""
      ? ' aria-hidden="true"'
      : ` role="img" aria-label="${escapedMarkup(label).replaceAll('"', "&quot;")}"`;
  return [
    `<svg class="small-board"${named} viewBox="${box.join(" ")}">`,
    `<path class="squares" d="${rulingPath(page)}"/>`,
    ...layout.plumbs.map(({ line, from }) => plumbLine(line, from, page)),
    ...strokes(shapes),
    ...texts(shapes),
    "</svg>",
  ].join("");
}

/** The squares of a page: lines down, then lines across, each from the last. */
function rulingPath({ left, right, top, bottom }: PageOfSquares): string {
  const down = `v${at(bottom - top)}m${UNIT} ${-at(bottom - top)}`.repeat(right - left);
  const across = `h${at(right - left)}m${-at(right - left)} ${UNIT}`.repeat(bottom - top);
  const start = `M${at(left)} ${at(top)}`;
  return `${start}${down}v${at(bottom - top)}${start}${across}h${at(right - left)}`;
}

/** A plumb line with its bob. */
function plumbLine(line: number, from: number | "top", page: PageOfSquares): string {
  const top = from === "top" ? page.top + 0.2 : from;
  const bob = at(page.bottom - 0.5);
  return `<path class="plumb" d="M${at(line)} ${at(top)}V${bob}m-14-6h28l-14 50z"/>`;
}

/** The lines, curves and rings of a weight as one path; the points as another, and those that are understood as a third. */
function strokes(shapes: readonly Shape[]): readonly string[] {
  const paths = new Map<string, string>();
  for (const shape of shapes) {
    if (shape.kind === "text") continue;
    const looks = looksOf(shape);
    paths.set(looks, (paths.get(looks) ?? "") + pathOf(shape, UNIT));
  }
  return [...paths].map(([looks, path]) => `<path ${looks} d="${path}"/>`);
}

function looksOf(shape: Exclude<Shape, { kind: "text" }>): string {
  if (shape.kind === "dot") return shape.hollow ? 'class="hollow" stroke-width="4"' : 'class="dot"';
  if (isFilled(shape)) return 'class="dot"';
  const dashes = shape.kind === "line" && shape.dashed ? ' stroke-dasharray="12 14"' : "";
  return `class="stroke" stroke-width="${at(shape.weight * 10) / 10}"${dashes}`;
}

/** The texts: single signs of a size in a line are one element, which has a place for each. */
function texts(shapes: readonly Shape[]): readonly string[] {
  const lines = new Map<string, { readonly places: number[]; text: string }>();
  const alone: string[] = [];
  for (const shape of shapes) {
    if (shape.kind !== "text") continue;
    const looks = `${shape.hollow ? 'class="hollow" ' : ""}font-size="${at(shape.size)}" y="${at(shape.y)}"`;
    if ([...shape.text].length !== 1 || shape.text.length !== 1) {
      alone.push(`<text ${looks} x="${at(shape.x)}">${escapedMarkup(shape.text)}</text>`);
      continue;
    }
    const line = lines.get(looks) ?? { places: [], text: "" };
    line.places.push(at(shape.x));
    line.text += shape.text;
    lines.set(looks, line);
  }
  const together = [...lines].map(
    ([looks, { places, text }]) => `<text ${looks} x="${places.join(" ")}">${escapedMarkup(text)}</text>`,
  );
  return [...together, ...alone];
}
