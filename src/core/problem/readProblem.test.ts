import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type HouseRules, PRESETS } from "../house";
import { anyHouse, anyProblem } from "../testing/arbitrary";
import { readErrorWords } from "../wording";
import { LONGEST_LINE, readNumber, readProblem } from "./readProblem";
import { writeProblem } from "./writeProblem";

const point = PRESETS.fillersTrueValue;
const pointWithGroups = PRESETS.gapsShort;
const comma = PRESETS.commaBelow;
const commaWithGroups: HouseRules = { ...comma, grouping: "mark" };

const written = (line: string, house: HouseRules): string => {
  const problem = readProblem(line, house);
  return problem.ok ? writeProblem(problem.value, house) : `${problem.error.code} at ${problem.error.at}`;
};

describe("reading a problem", () => {
  it("gives back every problem as it is written, in every notation", () => {
    fc.assert(
      fc.property(anyProblem, anyHouse, (problem, house) => {
        const read = readProblem(writeProblem(problem, house), house);
        expect(read).toEqual({ ok: true, value: problem });
      }),
      { numRuns: 1000 },
    );
  });

  it("never throws and never stops beyond the line, whatever is typed", () => {
    const typed = fc.oneof(
      fc.string({ maxLength: 40, unit: "grapheme" }),
      fc.array(fc.constantFrom(..."0123456789.,+-−– =×/x"), { maxLength: 40 }).map((signs) => signs.join("")),
    );
    fc.assert(
      fc.property(typed, anyHouse, (line, house) => {
        const read = readProblem(line, house);
        if (read.ok) return;
        expect(read.error.at).toBeGreaterThanOrEqual(0);
        expect(read.error.at).toBeLessThanOrEqual(line.length);
        expect(readErrorWords(read.error, house)).toMatch(/^\S.*[.?]$/s);
        // Whatever is offered as what could be meant can be read, or goes on to the next mistake.
        if (!("readings" in read.error)) return;
        for (const reading of read.error.readings) {
          const again = readProblem(reading, house);
          if (!again.ok) expect(again.error.at).toBeGreaterThanOrEqual(0);
        }
      }),
      { numRuns: 2000 },
    );
  });

  it.each([
    ["40.3 + 7.865 + 12", point, "40.3 + 7.865 + 12"],
    ["5-2.004", point, "5 − 2.004"],
    ["5 − 2.004 =", point, "5 − 2.004"],
    ["  5 –  2.004", point, "5 − 2.004"],
    [".5 + 5.", point, ".5 + 5."],
    ["1,200.5 + 3", pointWithGroups, "1,200.5 + 3"],
    ["3,5 + 1,25", comma, "3,5 + 1,25"],
    ["12 400,5 + 3", comma, "12\u00a0400,5 + 3"],
    ["1.200,5 - 3", commaWithGroups, "1.200,5 − 3"],
    ["12.5*0.4", point, "12.5 × 0.4"],
    ["12,5 · 0,4", comma, "12,5 · 0,4"],
    ["12.5 x 0.4 X 2", point, "12.5 × 0.4 × 2"],
    ["7.2 / 0.08", point, "7.2 ÷ 0.08"],
    ["25 : 4", comma, "25 : 4"],
    ["25 ÷ 4 with a remainder", point, "25 ÷ 4 with remainder"],
    ["25 ÷ 4 as mixed number =", point, "25 ÷ 4 as a mixed number"],
    ["2 ÷ 3 to 2 places", point, "2 ÷ 3 to hundredths"],
    ["2 ÷ 3 rounded to the nearest tenth", point, "2 ÷ 3 to tenths"],
    ["Round 3.748 to tenths", point, "round 3.748 to tenths"],
    ["round 1748 to the nearest hundred", point, "round 1748 to hundreds"],
    ["round 3,5 to the nearest whole", comma, "round 3,5 to ones"],
    ["compare 0.45 with 0.405", point, "compare 0.45 and 0.405"],
  ])("reads %s", (line, house, expected) => {
    expect(written(line, house)).toBe(expected);
  });

  it.each([
    ["", point, "empty at 0"],
    ["4..2", point, "secondPoint at 2"],
    ["1,2,3", point, "badGroups at 1"],
    ["1,2,3", pointWithGroups, "badGroups at 1"],
    ["1,2,3", comma, "secondPoint at 3"],
    ["5 +", point, "missingNumber at 3"],
    ["+ 5", point, "missingNumber at 0"],
    ["5 + + 3", point, "missingNumber at 4"],
    ["-5 + 3", point, "signedNumber at 0"],
    ["5 + -3", point, "signedNumber at 4"],
    ["5 + three", point, "letters at 4"],
    ["5 # 3", point, "unknownCharacter at 2"],
    ["5 × 3 × 2 × 1", point, "tooManyNumbers at 12"],
    ["5 × 3 ÷ 2", point, "mixedOperations at 6"],
    ["8 ÷ 4 ÷ 2", point, "mixedOperations at 6"],
    ["5 ÷ 0.00", point, "divisionByZero at 4"],
    ["5 + 3 with remainder", point, "formOfQuotients at 6"],
    ["5 ÷ 3 to dozens", point, "unknownForm at 6"],
    ["5 ÷ 3 to 16 places", point, "unknownForm at 6"],
    ["round 3.748", point, "roundToWhat at 11"],
    ["round 3.748 exactly", point, "roundToWhat at 12"],
    ["round to tenths", point, "missingNumber at 5"],
    ["round 3.7 4 to tenths", point, "missingSign at 10"],
    ["round -3.7 to tenths", point, "signedNumber at 6"],
    ["compare 0.45", point, "compareTwo at 12"],
    ["compare 0.45 and", point, "compareTwo at 16"],
    ["compare 0.45 and much", point, "letters at 17"],
    ["compare 0.45 and 0.405 to tenths", point, "formOfQuotients at 23"],
    ["12", point, "onlyOneNumber at 2"],
    ["12 7 + 1", point, "missingSign at 3"],
    [". + 1", point, "lonePoint at 0"],
    ["5 - 2 - 1", point, "mixedOperations at 6"],
    ["5 + 2 - 1", point, "mixedOperations at 6"],
    ["1234567890123456 + 1", point, "tooManyDigits at 0"],
    ["1 + 0.1234567890123456", point, "tooManyDigits at 6"],
    ["1+1+1+1+1+1+1+1+1+1+1", point, "tooManyNumbers at 20"],
    [`1 + ${"1".repeat(LONGEST_LINE)}`, point, `tooLong at ${LONGEST_LINE}`],
  ])("says where %s stops being a problem", (line, house, expected) => {
    expect(written(line, house)).toBe(expected);
  });

  it.each([
    ["3,5 + 1", point, ["3.5 + 1"]],
    ["1 + 1,200", point, ["1 + 1.200", "1 + 1200"]],
    ["1,200.5 + 1", point, ["1200.5 + 1"]],
    ["1.200,5 + 1", point, ["1200.5 + 1"]],
    ["3.5 + 1", comma, ["3,5 + 1"]],
    ["1 200 + 5", point, ["1200 + 5"]],
    ["round 3,748 to tenths", point, ["round 3.748 to tenths", "round 3748 to tenths"]],
    ["compare 0,45 and 0.405", point, ["compare 0.45 and 0.405"]],
  ])("asks what %s means, and guesses nothing", (line, house, readings) => {
    const problem = readProblem(line, house);
    expect(problem.ok).toBe(false);
    expect(problem.ok ? [] : "readings" in problem.error && problem.error.readings).toEqual(readings);
  });
});

describe("reading one number", () => {
  it("takes a sign, and refuses a problem", () => {
    expect(readNumber(" −3.5 ", point)).toMatchObject({ ok: true, value: { negative: true, whole: "3" } });
    expect(readNumber("3 + 4", point)).toMatchObject({
      ok: false,
      error: { code: "moreThanANumber", at: 2 },
    });
    expect(readNumber("", point)).toMatchObject({ ok: false, error: { code: "empty" } });
    expect(readNumber("-", point)).toMatchObject({ ok: false, error: { code: "missingNumber", at: 1 } });
  });
});
