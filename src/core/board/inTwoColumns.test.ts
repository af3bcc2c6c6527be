import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { PRESETS } from "../house";
import { workingOf } from "../methods";
import { anyTask } from "../testing/arbitrary";
import { problemOf } from "../testing/problems";
import { extentOf, pagesOf, standsInColumns } from "./board";
import { inTwoColumns } from "./inTwoColumns";
import type { Mark } from "./mark";

const house = PRESETS.fillersTrueValue;
const ROOM = { rows: 12, columns: 60 };

const anyWorking = anyTask.map(({ problem, method }) => workingOf(problem, house, method));

/** Squares with a digit or a sign in them. */
const filled = (marks: readonly Mark[]): readonly string[] =>
  marks.flatMap((mark) => (mark.kind === "glyph" ? [`${mark.col} ${mark.row}`] : []));

describe("lines in two columns", () => {
  it("go on beside the first ones where a fraction is too long for its page", () => {
    const { layout, steps } = workingOf(
      problemOf("2 1/12 + 3 3/4 + 1 5/6"),
      house,
      "denominators-by-multiples",
    );
    const height = (writings: typeof steps): number => {
      const { top, bottom } = extentOf(
        layout,
        writings.flatMap(({ marks }) => marks),
      );
      return bottom - top;
    };
    expect(height(steps)).toBeGreaterThan(20);
    expect(height(inTwoColumns(layout, steps, ROOM))).toBeLessThan(0.7 * height(steps));
    expect(inTwoColumns(layout, steps, { ...ROOM, columns: 12 })).toEqual(steps);
  });

  it("lose no mark, put none on another, are never wider than they may be, nor higher than before", () => {
    let folded = 0;
    fc.assert(
      fc.property(anyWorking, ({ layout, steps }) => {
        const beside = inTwoColumns(layout, steps, ROOM);
        expect(beside.map(({ marks }) => marks.map(({ kind }) => kind))).toEqual(
          steps.map(({ marks }) => marks.map(({ kind }) => kind)),
        );
        const before = pagesOf(layout, steps);
        for (const [nth, page] of pagesOf(layout, beside).entries()) {
          const own = before[nth];
          const [marks, was] = [page, own].map(
            (one) => one?.writings.flatMap((writing) => writing.marks) ?? [],
          );
          if (marks === undefined || was === undefined || own === undefined) continue;
          if (JSON.stringify(marks) === JSON.stringify(was)) continue;
          folded += 1;
          expect(standsInColumns(page.layout)).toBe(false);
          expect(new Set(filled(marks)).size).toBe(new Set(filled(was)).size);
          const [now, then] = [extentOf(page.layout, marks), extentOf(page.layout, was)];
          expect(now.right - now.left).toBeLessThanOrEqual(ROOM.columns + 1);
          expect(now.bottom - now.top).toBeLessThan(then.bottom - then.top);
        }
      }),
      { numRuns: 400 },
    );
    expect(folded).toBeGreaterThan(20);
  });
});
