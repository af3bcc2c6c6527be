import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { PRESETS } from "../house";
import { workingOf } from "../methods";
import { quantityOf, readOneQuantity, writeAnswer } from "../problem";
import { anyProblem } from "../testing/arbitrary";
import { problemOf } from "../testing/problems";
import { valueOfResult } from "../testing/valueOfResult";
import { readLearnerAnswer, verdictOf } from ".";

const house = PRESETS.fillersTrueValue;

function marked(line: string, typed: string, rules = house): string {
  const problem = problemOf(line);
  const given = readLearnerAnswer(typed, problem, rules);
  if (!given.ok) return given.error.code;
  const verdict = verdictOf(problem, workingOf(problem, rules).answer, given.value, rules);
  return verdict.kind === "form" ? verdict.faults.join(" ") : verdict.kind;
}

describe("an answer", () => {
  it.each([
    ["4.7 + 3.8", "8.5", "right"],
    ["4.7 + 3.8", "= 8.5", "right"],
    ["4.7 + 3.8", "8.50", "right"],
    ["4.7 + 3.8", "8.6", "wrong"],
    ["0.2 + 0.3", ".5", "right"],
    ["4.7 + 3.8", "17/2", "otherForm"],
    ["2/5 + 1/10", "1/2", "right"],
    ["2/5 + 1/10", "5/10", "notSimplified"],
    ["2/5 + 1/10", "0.5", "otherForm"],
    ["2 1/2 + 3/4", "3 1/4", "right"],
    ["2 1/2 + 3/4", "13/4", "improper"],
    ["2 1/2 + 3/4", "2 5/4", "partAboveOne"],
    ["2 1/2 + 3/4", "3 2/8", "notSimplified"],
    ["2 3/4 as an improper fraction", "2 3/4", "mixed"],
    ["3/4 + 1/4", "4/4", "notSimplified"],
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
    ["6 lb 3 oz + 14 oz", "113 oz", "notRegrouped"],
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
    // What is worth the right value in another form, or nearly so.
    ["$5.96 + $6", "11.96", "unitMissing"],
    ["$1.80 + $2.70", "$4.5", "moneyPlaces"],
    ["$1.80 + $2.70", "450c", "moneyPlaces"],
    ["45c + 75c", "$120", "wrong"],
    ["45c + 75c", "120", "unitMissing"],
    ["60c + 20c", "80", "unitMissing"],
    ["$5 − $3.27", "173", "unitMissing"],
    ["$5 − $3.27", "1 dollar 73 cents", "right"],
    ["$5 − $3.27", "1 dollar and 73 cents", "right"],
    ["$5 − $3.27", "$1,73", "right"],
    ["$5 − $3.27", "$1.730", "moneyPlaces"],
    ["50c + 25c", "0.75c", "wrong"],
    ["$3.40 + $2.85", "$5.125", "wrong"],
    ["1 h 30 min in min", "90", "unitMissing"],
    ["2 ft 5 in + 3 ft 4 in", "69 in", "notRegrouped"],
    ["3 h 40 min + 35 min", "4.25 h", "notRegrouped"],
    ["3 h 40 min + 35 min", "4:15", "right"],
    ["3 h 40 min + 35 min", "4h15", "right"],
    ["3 ft 7 in + 1 ft 8 in", "4 ft 15 in", "notRegrouped"],
    ["3 h 40 min + 35 min", "3 h 75 min", "notRegrouped"],
    ["1 ft 4 in + 1 ft 4 in", "2'8", "unitMissing"],
    ["1 ft 4 in + 1 ft 4 in", "2 2/3 ft", "notRegrouped"],
    ["147 oz in lb and oz", "147 oz", "notRegrouped"],
    ["147 oz in lb and oz", "9 lb 3 oz", "right"],
    ["1 ÷ 3", "0.33", "rounded"],
    ["2 ÷ 3", "0.67", "rounded"],
    ["2 ÷ 3", "0.66", "wrong"],
    ["5/3 as a decimal", "1.67", "rounded"],
    ["5/3 as a decimal", "1.66", "wrong"],
    ["1/2 + 1/3", "0.83", "rounded"],
    ["1/2 + 1/3", "0.8", "wrong"],
    ["round 6.98 to tenths", "7", "notRounded"],
    ["round 3.42 to tenths", "3.40", "trailingZeros"],
    ["round 3.748 to tenths", "3.748", "wrong"],
    ["round 3.748 to tenths", "3.75", "wrong"],
    ["85 ÷ 4", "21 1/4", "right"],
    ["85 ÷ 4", "21.25", "right"],
    ["85 ÷ 4", "85/4", "right"],
    ["85 ÷ 4", "21 r 1", "right"],
    ["85 ÷ 4 with remainder", "20 r 5", "goesOnceMore"],
    ["85 ÷ 4 with remainder", "19 r 9", "goesOnceMore"],
    ["17 ÷ 5 with remainder", "2 r 7", "goesOnceMore"],
    ["85 ÷ 4 with remainder", "21", "wrong"],
    ["85 ÷ 4 with remainder", "21.1", "wrong"],
    ["1/2 + 1/4", "6/8", "notSimplified"],
    ["1230 + 4", "1,234", "right"],
    ["1230 + 4", "1 234", "right"],
    ["3.5 + 0.25", "3,75", "right"],
    ["3.5 + 0.25", "3,76", "wrong"],
    ["0.2 + 0.3", "0.50", "right"],
    ["1.5 + 2.5", "4.0", "right"],
    ["3 + 5", "08", "stray"],
    ["2 + 3", "+5", "right"],
    ["9 + 5", "14.", "right"],
    ["compare 0.45 and 0.405", "0.45 > 0.405", "right"],
    ["compare 0.5 and 0.50", "=", "right"],
    ["order 0.6; 0.45; 0.5", "0.6; 0.5; 0.45", "fromLargest"],
    ["1/2 + 1", "1 and 1/2", "right"],
    ["−3 − 5", "minus 8", "right"],
    ["−3 − 5", "negative 8", "right"],
    ["$10 ÷ 4", "$2 r 2", "goesOnceMore"],
    ["$26 ÷ 6", "$4.33", "restMissing"],
    ["$90.77 ÷ 9", "$10.09", "rounded"],
    ["4.7 + 3.8", "$8.50", "notAnAnswer"],
    ["4.7 + 3.8", "banana", "letters"],
  ])("to %s typed as %s is %s", (line, typed, verdict) => {
    expect(marked(line, typed)).toBe(verdict);
  });

  it("may be typed with the comma where the house writes one", () => {
    const comma = PRESETS.commaBelow;
    const problem = problemOf("4.7 + 3.8");
    const given = readLearnerAnswer("8,5", problem, comma);
    expect(given.ok && verdictOf(problem, workingOf(problem, comma).answer, given.value, comma)).toEqual({
      kind: "right",
    });
  });

  it("may be typed with a point where the house writes commas", () => {
    expect(marked("3.5 + 1.25", "4.75", PRESETS.commaBelow)).toBe("right");
    expect(marked("1230 + 4", "1.234", PRESETS.commaBelow)).toBe("right");
    expect(marked("1 + 0.234", "1.234", PRESETS.commaBelow)).toBe("right");
  });

  it("as the working itself writes it is right, whatever the problem", () => {
    fc.assert(
      fc.property(anyProblem, (problem) => {
        const { answer } = workingOf(problem, house);
        if (answer.kind === "handed") return;
        const given = valueOfResult(
          readLearnerAnswer(writeAnswer(answer, house), problem, house),
          `${writeAnswer(answer, house)} is refused`,
        );
        const verdict = verdictOf(problem, answer, given, house);
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
        const given = readLearnerAnswer(typed, problem, house);
        if (given.ok) verdictOf(problem, workingOf(problem, house).answer, given.value, house);
        else expect(given.error.code).toMatch(/^\w+$/);
      }),
      { numRuns: 300 },
    );
  });
});

describe("an answer in a sentence", () => {
  it.each([
    ["$34.50 + $0.20", "Together they cost $34.70.", "right"],
    ["$34.50 + $0.20", "It costs 34.80 dollars.", "wrong"],
    ["12 h 15 min - 9 h 40 min", "It took 2 h 35 min.", "right"],
    ["17 ÷ 5 with remainder", "You get 3 boxes, and 2 are left.", "right"],
    ["is $20 enough for $12 + $5.50", "Yes, and $2.50 is left.", "right"],
  ])("to %s, “%s”, is %s", (line, said, verdict) => {
    expect(marked(line, said)).toBe(verdict);
  });

  it("is none where two numbers are joined, or none is named", () => {
    expect(marked("3 + 4", "5 and 7")).not.toBe("right");
    expect(marked("3 + 4", "I do not know")).not.toBe("right");
  });
});
