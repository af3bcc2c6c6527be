import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { minus, over, plus, type Ratio, ratio, same, times } from "../claims";
import { PRESETS } from "../house";
import { workingOf } from "../methods";
import { endsAsDecimal, factByHeart } from "../number";
import { INVERSE, readProblem, undoneWith } from "../problem";
import { valueOfResult } from "../testing/valueOfResult";

const house = PRESETS.fillersTrueValue;
const worked = (line: string) => workingOf(valueOfResult(readProblem(line, house), line), house);

/** Whether the product in a line is worked on a page of its own. */
function worksApart(line: string): boolean {
  const { steps } = worked(line);
  const end = steps.findIndex(({ reason }) => reason.kind === "putBack");
  return steps
    .slice(0, end < 0 ? steps.length : end)
    .some(({ page }) => page !== undefined && page.index > 0);
}

describe("a fact that is known by heart", () => {
  const number = fc.integer({ min: 0, max: 25 });

  it("is what the operation comes to, whoever asks", () => {
    fc.assert(
      fc.property(number, number, (a, b) => {
        const of = (operation: keyof typeof INVERSE) => factByHeart(operation, BigInt(a), BigInt(b));
        expect([undefined, BigInt(a + b)]).toContain(of("add"));
        expect([undefined, BigInt(a - b)]).toContain(of("subtract"));
        expect([undefined, BigInt(a * b)]).toContain(of("multiply"));
        expect(b === 0 || a % b !== 0 ? [undefined] : [undefined, BigInt(a / b)]).toContain(of("divide"));
      }),
    );
  });

  it("is worked on no page of its own, in a product with signs as in a chain, and whatever is none is", () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 14 }), fc.integer({ min: 2, max: 14 }), (a, b) => {
        const isKnown = factByHeart("multiply", BigInt(a), BigInt(b)) !== undefined;
        expect([a, b, worksApart(`(-${a}) × ${b}`)]).toEqual([a, b, !isKnown]);
        expect([a, b, worksApart(`1 + ${a} × ${b}`)]).toEqual([a, b, !isKnown]);
      }),
      { numRuns: 60 },
    );
  });
});

describe("a value that ends as a decimal", () => {
  it("is one whose long division comes to nothing within the places", () => {
    const number = fc.integer({ min: 1, max: 4000 });
    fc.assert(
      fc.property(number, number, fc.integer({ min: 1, max: 12 }), (top, bottom, places) => {
        let rest = top % bottom;
        for (let place = 0; place < places; place++) rest = (rest * 10) % bottom;
        const value = { numerator: BigInt(top), denominator: BigInt(bottom) };
        expect(endsAsDecimal(value, places)).toBe(rest === 0);
      }),
    );
    expect(endsAsDecimal({ numerator: 1n, denominator: 0n })).toBe(false);
  });
});

describe("an operation that is undone", () => {
  const number = fc
    .tuple(fc.integer({ min: 1, max: 900 }), fc.integer({ min: 1, max: 90 }))
    .map(([top, bottom]) => ratio(top, bottom));
  const operation = fc.constantFrom("add", "subtract", "multiply", "divide");
  const HANDS = { add: plus, subtract: minus, multiply: times, divide: over } as const;
  const reckoned = (op: keyof typeof INVERSE, a: Ratio, b: Ratio): Ratio => HANDS[op](a, b);

  it("leads back to either of its numbers, by the arithmetic of another hand", () => {
    fc.assert(
      fc.property(operation, number, number, (op, a, b) => {
        const result = reckoned(op, a, b);
        for (const [back, wanted, other] of [
          ["toFirst", a, b],
          ["toSecond", b, a],
        ] as const) {
          const undone = undoneWith(op, back, result, other);
          expect(same(reckoned(undone.operation, ...undone.operands), wanted)).toBe(true);
        }
        expect(INVERSE[INVERSE[op]]).toBe(op);
      }),
    );
  });
});
