import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { PRESETS } from "../house";
import { workingOf } from "../methods";
import { quantityOf, readOneQuantity, writeAnswer } from "../problem";
import { anyProblem } from "../testing/arbitrary";
import { problemOf } from "../testing/problems";
import { readGiven, verdictOf } from ".";

const house = PRESETS.fillersTrueValue;

function marked(line: string, typed: string, rules = house): string {
  const problem = problemOf(line);
  const given = readGiven(typed, problem, rules);
  if (!given.ok) return given.error.code;
  const verdict = verdictOf(problem, workingOf(problem, rules).answer, given.value, rules);
  return verdict.kind === "form" ? verdict.faults.join(" ") : verdict.kind;
}

describe("an answer", () => {
  it.each([
    ["4.7 + 3.8", "8.5", "right"],
    ["4.7 + 3.8", "= 8.5", "right"],
    ["4.7 + 3.8", "8.50", "trailingZeros"],
    ["4.7 + 3.8", "8.6", "wrong"],
    ["0.2 + 0.3", ".5", "noLeadingZero"],
    ["4.7 + 3.8", "17/2", "otherForm"],
    ["2/5 + 1/10", "1/2", "right"],
    ["2/5 + 1/10", "5/10", "notSimplified"],
    ["2/5 + 1/10", "0.5", "otherForm"],
    ["2 1/2 + 3/4", "3 1/4", "right"],
    ["2 1/2 + 3/4", "13/4", "improper"],
    ["2 1/2 + 3/4", "2 5/4", "improper"],
    ["2 1/2 + 3/4", "3 2/8", "notSimplified"],
    ["2 3/4 as an improper fraction", "2 3/4", "mixed"],
    ["3/4 + 1/4", "4/4", "notSimplified improper"],
    ["2/3 = ?/12", "8", "right"],
    ["2/3 = ?/12", "8/12", "right"],
    ["2/3 = ?/12", "9", "wrong"],
    ["2/3 = ?/12", "4/6", "otherForm"],
    ["2/3 = 8/?", "12", "right"],
    ["−7 + 3", "-4", "right"],
    ["−7 + 3", "4", "wrong"],
    ["25 ÷ 4 with remainder", "6 r 1", "right"],
    ["25 ÷ 4 with remainder", "6 remainder 1", "right"],
    ["25 ÷ 4 with remainder", "6r1", "right"],
    ["25 ÷ 4 with remainder", "6, 1 left", "right"],
    ["$20 ÷ 3", "$6.66 each, $0.02 left", "right"],
    ["$20 ÷ 3", "$6.66 r 2c", "right"],
    ["17 lb ÷ 3", "5 lb 10 oz r 2 oz", "right"],
    ["25 ÷ 4 with remainder", "6.25", "otherForm"],
    ["25 ÷ 4 with remainder", "6 r 2", "wrong"],
    ["1 ÷ 6", "0.1(6)", "right"],
    ["2 ÷ 3 to 2 places", "0.67", "right"],
    ["2 ÷ 3 to 2 places", "0.66", "wrong"],
    ["2 ÷ 3 to 2 places", "0.(6)", "notRounded"],
    ["$4.07 + $3.93", "$8", "right"],
    ["$4.07 + $0.43", "$4.50", "right"],
    ["$4.07 + $0.43", "$4.5", "moneyPlaces"],
    ["$4.07 + $0.43", "4.50", "unitMissing"],
    ["$4.07 + $0.43", "450c", "moneyPlaces"],
    ["$4.07 + $0.43", "£4.50", "notAnAnswer"],
    ["6 lb 3 oz + 8 oz", "6 lb 11 oz", "right"],
    ["6 lb 3 oz + 8 oz", "6 lb 11", "unitMissing"],
    ["6 lb 3 oz + 14 oz", "6 lb 17 oz", "notRegrouped"],
    ["6 lb 3 oz + 14 oz", "113 oz", "right"],
    ["6 lb 3 oz + 8 oz", "107", "whichUnit"],
    ["6 lb 3 oz + 8 oz", "6 ft", "notAnAnswer"],
    ["compare 0.45 and 0.6", "<", "right"],
    ["compare 0.45 and 0.6", "0.6", "right"],
    ["compare 0.45 and 0.6", "0.6 > 0.45", "right"],
    ["compare 0.45 and 0.6", "0.45", "wrong"],
    ["compare 0.45 and 0.6", "blue", "notAnAnswer"],
    ["order 0.6; 0.45; 0.5", "0.45 < 0.5 < 0.6", "right"],
    ["order 0.6; 0.45; 0.5", "0.45; 0.6; 0.5", "wrong"],
    ["is $20 enough for $12.50 + $8.75", "no", "right"],
    ["is $20 enough for $12.50 + $8.75", "yes", "wrong"],
    ["is $20 enough for $12.50 + $8.75", "no, $1.25 short", "right"],
    ["4.7 + 3.8", "", "empty"],
    ["4.7 + 3.8", "8..5", "secondPoint"],
    ["4.7 + 3.8", "$8.50", "notAnAnswer"],
    ["4.7 + 3.8", "banana", "letters"],
  ])("to %s typed as %s is %s", (line, typed, verdict) => {
    expect(marked(line, typed)).toBe(verdict);
  });

  it("may be typed with the comma where the house writes one", () => {
    const comma = PRESETS.commaBelow;
    const problem = problemOf("4.7 + 3.8");
    const given = readGiven("8,5", problem, comma);
    expect(given.ok && verdictOf(problem, workingOf(problem, comma).answer, given.value, comma)).toEqual({
      kind: "right",
    });
  });

  it("as the working itself writes it is right, whatever the problem", () => {
    fc.assert(
      fc.property(anyProblem, (problem) => {
        const { answer } = workingOf(problem, house);
        if (answer.kind === "handed") return;
        const given = readGiven(writeAnswer(answer, house), problem, house);
        if (!given.ok) throw new Error(`${writeAnswer(answer, house)} is refused: ${given.error.code}`);
        const verdict = verdictOf(problem, answer, given.value, house);
        expect(verdict).toEqual({ kind: "right" });
      }),
      { numRuns: 400 },
    );
  });

  it("is never taken for right when it is one off", () => {
    fc.assert(
      fc.property(anyProblem, (problem) => {
        const { answer } = workingOf(problem, house);
        const quantity = quantityOf(answer);
        if (quantity?.kind !== "decimal") return;
        const more = { ...quantity, whole: String(BigInt(quantity.whole || "0") + 1n) };
        expect(verdictOf(problem, answer, { answer: more, bare: false }, house).kind).toBe("wrong");
        expect(readOneQuantity(writeAnswer(more, house), house).ok).toBe(true);
      }),
      { numRuns: 100 },
    );
  });

  it("of any letters and signs at all is read or refused, and never breaks", () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 40 }), anyProblem, (typed, problem) => {
        const given = readGiven(typed, problem, house);
        if (given.ok) verdictOf(problem, workingOf(problem, house).answer, given.value, house);
        else expect(given.error.code).toMatch(/^\w+$/);
      }),
      { numRuns: 300 },
    );
  });
});
