import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { BAR_STEPS, barAdded, barSized, barTaken, type DrawnBars, structuresDrawn } from "./drawnBars";

describe("bars that are drawn", () => {
  it.each<[string, DrawnBars, readonly string[]]>([
    ["nothing yet", [[], []], []],
    ["one bar", [[8], []], []],
    ["two parts and their whole, whichever is above", [[5, 9], [14]], ["partsWhole", "change", "comparison"]],
    [
      "a whole above two parts, drawn by hand a step too long",
      [[14], [5, 10]],
      ["partsWhole", "change", "comparison"],
    ],
    ["parts without a whole", [[5, 9, 3], []], ["partsWhole", "change", "comparison"]],
    ["equal groups", [[4, 4, 4, 4], [16]], ["equalGroups", "partsWhole"]],
    ["equal groups drawn by hand", [[], [4, 5, 4]], ["equalGroups", "partsWhole"]],
    ["two equal parts", [[6, 6], [12]], ["partsWhole", "equalGroups", "change", "comparison"]],
    ["a longer and a shorter one", [[14], [9]], ["comparison", "change"]],
    ["as long as each other", [[9], [9]], ["change"]],
    ["parts that are shorter than the other bar", [[14], [3, 4]], ["comparison"]],
    [
      "parts in both rows",
      [
        [3, 4],
        [5, 6],
      ],
      [],
    ],
  ])("show by their lengths what they stand for: %s", (_, bars, structures) => {
    expect(structuresDrawn(bars)).toEqual(structures);
    expect(structuresDrawn([bars[1], bars[0]])).toEqual(structures);
  });

  it("stay in their row and at least a step long, whatever is dragged", () => {
    const act = fc.record({
      row: fc.constantFrom<0 | 1>(0, 1),
      what: fc.constantFrom("add", "size", "take"),
      nth: fc.nat(6),
      steps: fc.integer({ min: -30, max: 60 }),
    });
    fc.assert(
      fc.property(fc.array(act, { maxLength: 40 }), (acts) => {
        let bars: DrawnBars = [[], []];
        for (const { row, what, nth, steps } of acts) {
          if (what === "add") bars = barAdded(bars, row, steps);
          else if (what === "size") bars = barSized(bars, row, nth, steps);
          else bars = barTaken(bars, row);
          for (const parts of bars) {
            expect(parts.every((one) => one >= 1)).toBe(true);
            expect(parts.reduce((sum, one) => sum + one, 0)).toBeLessThanOrEqual(BAR_STEPS);
          }
        }
      }),
    );
  });
});
