import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { workingOf } from "../methods";
import { anyHouse, anyTask } from "../testing/arbitrary";
import { boardAfter, extentOf, sameSheet } from ".";

const anyWorking = fc
  .tuple(anyTask, anyHouse)
  .map(([{ problem, method }, house]) => workingOf(problem, house, method));

describe("a board", () => {
  it("is blank at first, and grows by just the marks of each step", () => {
    fc.assert(
      fc.property(anyWorking, ({ layout, steps }) => {
        expect(boardAfter(layout, steps, 0)).toMatchObject({ settled: [], fresh: [], focus: [] });
        steps.forEach((step, index) => {
          const before = boardAfter(layout, steps, index);
          const after = boardAfter(layout, steps, index + 1);
          // A step on another page finds there what was written on it before.
          const stays = steps[index - 1]?.page?.index === step.page?.index;
          if (stays || index === 0) expect(after.settled).toEqual([...before.settled, ...before.fresh]);
          else
            expect(after.settled).toEqual(
              sameSheet(steps.slice(0, index), step).flatMap(({ marks }) => marks),
            );
          expect(after.fresh).toBe(step.marks);
          expect(after.focus).toBe(step.focus);
        });
      }),
      { numRuns: 100 },
    );
  });

  it("has every mark and every named column inside its extent", () => {
    fc.assert(
      fc.property(anyWorking, ({ layout, steps }) => {
        const marks = steps.flatMap((step) => step.marks);
        const extent = extentOf(layout, marks);
        for (const mark of marks) {
          expect(mark.row).toBeGreaterThanOrEqual(extent.top);
          expect(mark.row).toBeLessThanOrEqual(extent.bottom);
          if ("col" in mark) {
            expect(mark.col).toBeGreaterThanOrEqual(extent.left);
            expect(mark.col).toBeLessThan(extent.right);
          }
          if (mark.kind === "rule") {
            expect(mark.from).toBeGreaterThanOrEqual(extent.left);
            expect(mark.to).toBeLessThanOrEqual(extent.right);
          }
        }
        for (const { col } of layout.columns) {
          expect(col).toBeGreaterThanOrEqual(extent.left);
          expect(col).toBeLessThan(extent.right);
        }
      }),
      { numRuns: 200 },
    );
  });

  it("names its columns by place, the larger further left; ones end at the plumb line where numbers are not pulled apart", () => {
    fc.assert(
      fc.property(anyWorking, ({ layout, method }) => {
        const cols = [...layout.columns].sort((a, b) => b.place - a.place).map(({ col }) => col);
        expect(cols).toEqual([...cols].sort((a, b) => a - b));
        if (method.startsWith("expanded")) return;
        for (const { place, col } of layout.columns) expect(col).toBe(-1 - place);
      }),
      { numRuns: 200 },
    );
  });
});
