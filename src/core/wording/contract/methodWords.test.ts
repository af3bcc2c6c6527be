import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { EVERY_METHOD, METHOD_IDS, type MethodId, methodsFor } from "../../methods";
import { anyProblem } from "../../testing/arbitrary";
import { problemOf } from "../../testing/problems";
import { methodWords } from "../stepWords";
import { refusalSentence } from "./methodWords";

/** What a tutor reads of a method that does not take a problem; none where it does. */
function said(method: MethodId, line: string): string | undefined {
  const refusal = methodsFor(problemOf(line)).find(({ id }) => id === method)?.refusal;
  return refusal && refusalSentence(methodWords(method), refusal);
}

describe("why a method does not take a problem", () => {
  it.each<[MethodId, string, string]>([
    ["column-addition", "5 − 2", "Column addition only adds."],
    ["column-addition", "1/2 + 1/3", "Column addition is for whole numbers and decimals."],
    [
      "shift",
      "30 ÷ 7 with remainder",
      "Shift by tens gives no remainder and no fraction: it only moves the digits.",
    ],
    [
      "shift",
      "3.5 × 7",
      "Shift by tens needs a one with zeros, such as 10, 1000 or 0.1, to multiply or divide by.",
    ],
    ["area", "2 × 3 × 4", "Area takes two factors at a time, and here are more."],
    ["area", "123456 × 2", "Area takes numbers with 5 digits other than zero at most."],
    [
      "multiplication-in-line",
      "2.5 × 1.5",
      "Multiplication in line needs one factor that is a whole number.",
    ],
    [
      "multiples-of-ten",
      "2.5 × 17",
      "Multiples of ten needs a whole factor that ends in a zero, such as 60 or 300.",
    ],
    ["short-division", "91 ÷ 13", "Short division is for divisors up to 12, once they are whole."],
    [
      "expanded-addition",
      "1234567 + 1",
      "Addition in expanded form takes numbers with at most 5 digits in the whole part and 5 decimals.",
    ],
    [
      "denominators-by-multiples",
      "1/97 + 1/89",
      "Multiples listed would take a list of more than 12 multiples.",
    ],
    ["gathering", "3 − 8", "Gathering needs three terms or more, on both sides of zero."],
    ["number-line", "−30 + 5", "Number line takes jumps that stay between −20 and 20."],
    ["number-line", "−1/2 + 3", "Number line jumps by whole numbers, as often as a small whole number says."],
    ["counters", "−3 + 5 − 2", "Counters takes two whole numbers, and no more."],
    ["counters", "−30 − 5", "Counters lays out at most 20 counters of a kind."],
    ["money-in-columns", "$6 ÷ $2", "Money in columns divides by a plain number only."],
    ["repeated-addition", "2.5 × $3", "Repeated addition needs a whole number of times, from 2 to 10."],
    [
      "change-by-counting-up",
      "$3 − $5",
      "Change by counting up needs a larger amount to count up to, of 10,000 at most.",
    ],
    ["unit-columns", "6 lb ÷ 2 lb", "Columns by unit divides by a plain number only."],
    ["unit-columns", "1.5 lb + 2 oz", "Columns by unit needs whole counts of each unit."],
    [
      "unit-columns",
      "2 ft 3 in + 4 in in in",
      "Columns by unit gives its answer in the units of the problem; choose the units afterwards.",
    ],
    ["padded-columns", "2 lb + 3 lb", "Padded columns is for metric measures in two units or more."],
    [
      "compensation",
      "4.6 + 3.4",
      "Compensation needs a number that lies close to a friendlier one, such as 4.98 or 302, and a small whole number where it multiplies.",
    ],
    ["compensation", "5 − 9.98", "Compensation takes a number from one that is at least as large."],
    ["compensation", "1234567 + 98", "Compensation is worked in the head, with numbers of 5 digits at most."],
    ["cross-products", "1/2 + 1/3", "Cross products only compares."],
    ["partial-quotients", "6 × 7", "Partial quotients only divides."],
  ])("%s, of %s", (method, line, sentence) => {
    expect(said(method, line)).toBe(sentence);
  });

  it("is one finished sentence that begins with its name, of any problem", () => {
    fc.assert(
      fc.property(anyProblem, (problem) => {
        for (const { id, refusal } of methodsFor(problem)) {
          if (refusal === undefined) continue;
          const sentence = refusalSentence(methodWords(id), refusal);
          expect(sentence.startsWith(`${methodWords(id).name} `)).toBe(true);
          expect(sentence).toMatch(/^[A-Z][^.]*\.?[^.]*\.$/);
          expect(sentence).not.toMatch(/undefined|NaN|\s{2}|\.\./);
        }
      }),
      { numRuns: 400 },
    );
  });
});

describe("the words of a method", () => {
  it("name each by itself, say what it does in a line, and who prefers it", () => {
    const names = METHOD_IDS.map((id) => methodWords(id).name);
    expect(new Set(names).size).toBe(names.length);
    for (const id of METHOD_IDS) {
      const { about, preferredBy } = methodWords(id);
      expect(about, id).toMatch(/^[A-Z].*\.$/);
      expect(about.length, id).toBeLessThan(130);
      expect(preferredBy, id).toMatch(/^[A-Z].*\.$/);
      expect(preferredBy.length, id).toBeLessThan(260);
    }
  });

  it("belong to a method that takes its own sample", () => {
    for (const { id, sample } of EVERY_METHOD.methods) expect(said(id, sample), id).toBeUndefined();
  });
});
