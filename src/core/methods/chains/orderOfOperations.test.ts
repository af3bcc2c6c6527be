import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { PRESETS } from "../../house";
import { isRight, readProblem, writeAnswer, writeProblem } from "../../problem";
import { problemOf } from "../../testing/problems";
import { runsOf } from "../../testing/runs";
import { workingOf } from "../workings";

const house = PRESETS.fillersTrueValue;

/** The operations of a chain in the order they are worked in, and why each is next. */
const orderOf = (line: string): readonly (readonly [string, string])[] =>
  workingOf(problemOf(line), house).steps.flatMap(({ reason }) =>
    reason.kind === "nextInChain"
      ? [[writeProblem(reason.problem, house).replace(/ exactly$/, ""), reason.because] as const]
      : [],
  );

describe("any quantity in any place", () => {
  const quantity = fc.constantFrom(
    ...["3", "0", "12", "0.5", "2.75", "1/2", "3/4", "5/3", "1 1/2", "2 2/3", "−4", "−1/2", "−0.5"],
    ...["$4", "$7.50", "$10", "35c", "£6", "2 ft", "1 ft 6 in", "2 h 30 min", "3 lb", "0.(3)"],
  );
  const sign = fc.constantFrom(" + ", " − ", " × ", " ÷ ", " of ");
  const line: fc.Arbitrary<string> = fc
    .tuple(quantity, sign, quantity, fc.option(fc.tuple(sign, quantity, fc.boolean())))
    .map(([a, one, b, more]) => {
      if (more === null) return `${a}${one}${b}`;
      const [other, c, brackets] = more;
      return brackets ? `${a}${one}(${b}${other}${c})` : `${a}${one}${b}${other}${c}`;
    });

  it("is refused, or worked to the answer that arithmetic gives", () => {
    let worked = 0;
    fc.assert(
      fc.property(line, (typed) => {
        const problem = readProblem(typed, house);
        if (!problem.ok) return;
        worked++;
        expect(isRight(problem.value, workingOf(problem.value, house).answer), typed).toBe(true);
      }),
      { numRuns: runsOf("anyQuantityAnywhere") },
    );
    expect(worked).toBeGreaterThan(runsOf("anyQuantityAnywhere") / 10);
  });

  it.each([
    ["3/4 of $10", "$7.50"],
    ["$7 × 1/2", "$3.50"],
    ["1 1/2 × $4", "$6.00"],
    ["2/3 of $3.60", "$2.40"],
    ["3/5 of $0.05", "$0.03"],
    ["3/20 of $1", "$0.15"],
    ["$20 − 1/2 of $7", "$16.50"],
    ["(1/2 + 1/4) × $8", "$6.00"],
  ])("%s is %s", (typed, answer) => {
    expect(writeAnswer(workingOf(problemOf(typed), house).answer, house)).toBe(answer);
  });
});

it("writes what a fraction of an amount is worked as under it, before its first part is worked", () => {
  const { steps } = workingOf(problemOf("3/4 of $10"), house);
  const step = steps.find(({ reason }) => reason.kind === "takeParts");
  const written = (step?.marks ?? []).flatMap((mark) => (mark.kind === "glyph" ? [mark.text] : []));
  expect(written.join("")).toBe("=$10÷4×3");
});

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
