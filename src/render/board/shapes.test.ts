import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Mark, pagesOf } from "@/core/board";
import { workingOf } from "@/core/methods";
import { anyHouse, anyTask } from "@/core/testing/arbitrary";
import type { Shape } from "./shape";
import { shapesOf } from "./shapes";

/** The block a shape is drawn in, in squares; a glyph is taken as wide as two thirds of its size. */
function blockOf(shape: Shape): {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
} {
  switch (shape.kind) {
    case "text": {
      // Words are lower than digits are wide, and stand close.
      const width = shape.text.length * shape.size * (/^\p{L}{2}/u.test(shape.text) ? 0.5 : 0.6);
      return {
        left: shape.x - width / 2,
        right: shape.x + width / 2,
        top: shape.y - shape.size * 0.4,
        bottom: shape.y + shape.size * 0.4,
      };
    }
    case "line":
      return {
        left: Math.min(shape.x1, shape.x2),
        right: Math.max(shape.x1, shape.x2),
        top: Math.min(shape.y1, shape.y2),
        bottom: Math.max(shape.y1, shape.y2),
      };
    case "curve":
    case "ring":
      throw new Error(`${shape.kind} is no block`);
    case "dot":
      return { left: shape.x - 0.09, right: shape.x + 0.09, top: shape.y - 0.09, bottom: shape.y + 0.26 };
  }
}

const overlap = (a: ReturnType<typeof blockOf>, b: ReturnType<typeof blockOf>): boolean =>
  a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

/** All the marks of one page of a working. */
const anyMarks = fc.tuple(anyTask, anyHouse, fc.nat()).map(([{ problem, method }, house, chance]) => {
  const { layout, steps } = workingOf(problem, house, method);
  const pages = pagesOf(layout, steps);
  const writings = pages[chance % pages.length]?.writings ?? [];
  return { marks: writings.flatMap((step) => step.marks), house };
});

describe("the shapes of marks", () => {
  it("stay in the square of their mark, but for rules and points, which lie on its lines", () => {
    fc.assert(
      fc.property(anyMarks, ({ marks, house }) => {
        for (const mark of marks) {
          if (mark.kind !== "glyph" && mark.kind !== "small") continue;
          const squares =
            mark.kind === "glyph" && /^\p{L}/u.test(mark.text) ? Math.ceil(mark.text.length / 2) : 1;
          const [left, right] = [mark.col + 0.5 - squares / 2, mark.col + 0.5 + squares / 2];
          for (const block of shapesOf(mark, house.decimalMark).map(blockOf)) {
            expect(block.left).toBeGreaterThanOrEqual(left);
            expect(block.right).toBeLessThanOrEqual(right);
            expect(block.top).toBeGreaterThanOrEqual(mark.row);
            expect(block.bottom).toBeLessThanOrEqual(mark.row + 1);
          }
        }
      }),
      { numRuns: 100 },
    );
  });

  it("put no number on another number, nor a point on a number", () => {
    fc.assert(
      fc.property(anyMarks, ({ marks, house }) => {
        const numbers = marks.filter(({ kind }) => kind === "glyph" || kind === "small");
        const points = marks.filter(({ kind }) => kind === "point");
        const blocks = (found: readonly Mark[]) =>
          found.flatMap((mark) => shapesOf(mark, house.decimalMark).map(blockOf));
        const drawn = [...blocks(numbers), ...blocks(points)];
        const collisions = drawn.filter((a, at) => drawn.slice(at + 1).some((b) => overlap(a, b)));
        expect(collisions).toEqual([]);
      }),
      { numRuns: 100 },
    );
  });

  it("tell by form, and not by colour, what is filled in, hidden or a comma", () => {
    const [filler] = shapesOf({ kind: "glyph", col: 0, row: 0, text: "0", look: "filler" }, "point");
    const [hidden] = shapesOf({ kind: "point", line: 0, row: 0, look: "hidden" }, "comma");
    const [written] = shapesOf({ kind: "point", line: 0, row: 0, look: "written" }, "point");
    expect(filler).toMatchObject({ kind: "text", hollow: true });
    expect(hidden).toMatchObject({ kind: "dot", hollow: true, tail: true });
    expect(written).toMatchObject({ kind: "dot", hollow: false, tail: false });
    expect(shapesOf({ kind: "rule", row: 1, from: -2, to: 2, strokes: 2 }, "point")).toHaveLength(2);
  });
});
