import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Staged, stretchesOf } from "./stretches";

const STEPS: fc.Arbitrary<Staged> = fc.array(
  fc.record(
    {
      stage: fc.constantFrom("setOut" as const, "work" as const, "answer" as const),
      page: fc.record({ index: fc.integer({ min: 1, max: 3 }) }),
    },
    { requiredKeys: ["stage"] },
  ),
  { minLength: 1, maxLength: 40 },
);

/** A chain: one line, an operation on page 1, a line, an operation on page 2, the answer. */
const CHAIN: Staged = [
  { stage: "setOut" },
  { stage: "work" },
  ...Array.from({ length: 5 }, () => ({ stage: "work", page: { index: 1 } }) as const),
  { stage: "work" },
  ...Array.from({ length: 4 }, () => ({ stage: "work", page: { index: 2 } }) as const),
  { stage: "answer" },
];

const counts = (step: number): readonly (readonly number[])[] =>
  stretchesOf(CHAIN, step).map(({ ticks }) => ticks.map(({ count }) => count));

describe("the stretches of a run", () => {
  it("show a part on a page of its own as one tick, and unfold the one the run stands in", () => {
    expect(counts(1)).toEqual([[1], [1, 5, 1, 4], [1]]);
    expect(counts(4)).toEqual([[1], [1, 1, 1, 1, 1, 1, 1, 4], [1]]);
    expect(counts(10)).toEqual([[1], [1, 5, 1, 1, 1, 1, 1], [1]]);
  });

  it("hold every step once, in order, and the step of the run in a tick of its own", () => {
    fc.assert(
      fc.property(STEPS, fc.nat(), (steps, nth) => {
        const step = 1 + (nth % steps.length);
        const stretches = stretchesOf(steps, step);
        const ticks = stretches.flatMap((stretch) => stretch.ticks);
        expect(
          ticks.flatMap(({ first, count }) => Array.from({ length: count }, (_, at) => first + at)),
        ).toEqual(steps.map((_, index) => index + 1));
        expect(ticks.find(({ first }) => first === step)?.count).toBe(1);
        for (const { first, count, stage } of stretches)
          expect(steps.slice(first - 1, first - 1 + count).every((one) => one.stage === stage)).toBe(true);
      }),
    );
  });
});
