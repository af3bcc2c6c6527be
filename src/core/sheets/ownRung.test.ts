import { describe, expect, it } from "vitest";
import { featuresOf, traitCounts } from "../features";
import { PRESETS } from "../house";
import { writeProblem } from "../problem";
import { valueOfResult } from "../testing/valueOfResult";
import { drawOwn, fittingOf, lineError } from ".";

const house = PRESETS.fillersTrueValue;

describe("a rung of the tutor's own", () => {
  it("draws what its lines can give and its wishes ask, the same for the same seed", () => {
    const rung = { lines: ["#0 - #.##"], always: ["acrossZeros"], never: ["belowZero"] } as const;
    const drawn = valueOfResult(drawOwn(rung, 30, house, 4), "nothing was drawn");
    const lines = drawn.map(({ problem }) => writeProblem(problem, house));
    expect(new Set(lines).size).toBe(30);
    for (const [nth, line] of lines.entries()) {
      expect(line).toMatch(/^[1-9]0 − [1-9]\.\d[1-9]$/);
      const working = drawn[nth]?.working;
      expect(working && traitCounts(featuresOf(working)).acrossZeros).toBe(1);
    }
    expect(drawOwn(rung, 30, house, 4)).toEqual({ ok: true, value: drawn });
  });

  it("counts how many fillings fit: all where nothing is asked and nothing can go wrong, none where nothing can fit", () => {
    expect(fittingOf({ lines: ["5# + 2#"], always: [], never: [] }, house, 200)).toBe(200);
    const carrying = fittingOf({ lines: ["1# + 2#"], always: ["carries"], never: [] }, house, 1000);
    // Neither ends in a zero: of 81 pairs of digits 45 come to ten or more.
    expect(Math.abs(carrying - 556)).toBeLessThan(60);
    expect(fittingOf({ lines: ["1# + 2#"], always: ["recurring"], never: [] }, house, 100)).toBe(0);
    expect(drawOwn({ lines: ["1# + 2#"], always: ["recurring"], never: [] }, 5, house, 1).ok).toBe(false);
  });

  it("tells lines that can't be read however they are filled in", () => {
    expect(lineError("#/# + #/#", house)).toBeUndefined();
    expect(lineError("5 ** #", house)).toBeDefined();
    expect(lineError("", house)).toBeDefined();
  });
});
