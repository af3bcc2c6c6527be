import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { PRESETS } from "../../house";
import { writeProblem } from "../../problem";
import { problemOf } from "../../testing/problems";
import { workingOf } from "../workings";

const house = PRESETS.fillersTrueValue;

/** The operations of a chain in the order they are worked in, and why each is next. */
const orderOf = (line: string): readonly (readonly [string, string])[] =>
  workingOf(problemOf(line), house).steps.flatMap(({ reason }) =>
    reason.kind === "nextInChain"
      ? [[writeProblem(reason.problem, house).replace(/ exactly$/, ""), reason.because] as const]
      : [],
  );

describe("the order of operations", () => {
  it.each([
    ["(2 + 3) × 4 − 5 ÷ 2", ["2 + 3", "5 × 4", "5 ÷ 2", "20 − 2.5"]],
    ["(4 − 1) × 2 + 6 ÷ 3", ["4 − 1", "3 × 2", "6 ÷ 3", "6 + 2"]],
    ["6 ÷ 3 + (4 − 1) × 2", ["4 − 1", "6 ÷ 3", "3 × 2", "2 + 6"]],
    ["20 − (8 − (3 − 1))", ["3 − 1", "8 − 2", "20 − 6"]],
    ["2 × 3 + 4 × 5", ["2 × 3", "4 × 5", "6 + 20"]],
    ["24 ÷ (2 × 3) − 1", ["2 × 3", "24 ÷ 6", "4 − 1"]],
    ["9 − 4 + 2 × 3", ["2 × 3", "9 − 4", "5 + 6"]],
  ])("of %s is brackets, then times and divided by, then plus and minus", (line, order) => {
    expect(orderOf(line).map(([operation]) => operation)).toEqual(order);
  });

  it("works nothing outside a bracket while one is open", () => {
    const small = fc.integer({ min: 2, max: 9 });
    fc.assert(
      fc.property(small, small, small, small, small, (a, b, c, d, e) => {
        const [first, second] = orderOf(`${a} × ${b} + (${c} + ${d}) × ${e}`);
        expect(first).toEqual([`${c} + ${d}`, "brackets"]);
        expect(second).toEqual([`${a} × ${b}`, "timesFirst"]);
      }),
      { numRuns: 30 },
    );
  });
});
