import { type PaperLayout, pagesOf, type Writing } from "../board";

/** The marks of some writings that stand on top of others, and strokes through squares that hold nothing, page by page. */
export function coinciding(layout: PaperLayout, writings: readonly Writing[]): readonly string[] {
  return pagesOf(layout, writings).flatMap((page) => {
    const marks = page.writings.flatMap((writing) => writing.marks);
    const positions = marks.flatMap((mark) =>
      mark.kind === "glyph"
        ? [`${mark.col},${mark.row}`]
        : mark.kind === "small"
          ? [`${mark.col},${mark.row},${mark.position}`]
          : mark.kind === "point"
            ? [`point ${mark.line},${mark.row}`]
            : [],
    );
    const there = new Set(positions);
    const twice = positions.filter((position, index) => positions.indexOf(position) !== index);
    const over = marks.flatMap((mark) =>
      mark.kind === "small" && mark.position !== "corner" && there.has(`${mark.col},${mark.row}`)
        ? [`small over ${mark.col},${mark.row}`]
        : [],
    );
    const nothing = marks.flatMap((mark) =>
      mark.kind === "strike" && mark.target === "square" && !there.has(`${mark.col},${mark.row}`)
        ? [`nothing struck at ${mark.col},${mark.row}`]
        : [],
    );
    return [...twice, ...over, ...nothing];
  });
}
