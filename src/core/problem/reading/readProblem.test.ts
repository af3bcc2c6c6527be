import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type HouseRules, houseRulesFrom, PRESETS } from "../../house";
import { workingOf } from "../../methods";
import { ownCurrencyId, ownCurrencyOf } from "../../quantity";
import { anyHouse, anyProblem } from "../../testing/arbitrary";
import { valueOfResult } from "../../testing/valueOfResult";
import { readErrorWords } from "../../wording";
import { writeAnswer } from "../answer";
import { writeProblem } from "../writeProblem";
import { LONGEST_LINE, readNumber, readProblem } from "./readProblem";

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

  it("keeps the currency of cents and pence, whatever the house's is", () => {
    const pounds = valueOfResult(readProblem("7p + 85p", { ...point, currency: "GBP" }), "7p does not read");
    expect(writeProblem(pounds, { ...point, currency: "GBP" })).toBe("7p + 85p");
    expect(writeProblem(pounds, { ...point, currency: "INR" })).toBe("£0.07 + £0.85");
    expect(written("8c + €0.90", point)).toBe("8c + €0.90");
  });

  it("knows a currency that a tutor has defined, under house rules that have it", () => {
    const own = valueOfResult(
      ownCurrencyId({
        sign: "kr",
        minorSign: "ct",
        name: "crown",
        names: "crowns",
        minor: "cent",
        minors: "cents",
        coins: [50, 100],
        notes: [500, 1000],
      }),
      "it was refused",
    );
    const house: HouseRules = { ...point, currency: own };
    expect(houseRulesFrom({ currency: own })).toMatchObject({
      ok: true,
      value: { currency: own },
    });
    expect(written("kr 10 - kr6.50", house)).toBe("kr10 − kr6.50");
    expect(written("10 kr + 50ct", house)).toBe("kr10 + 50ct");
    expect(written("kr 10 + $2", house)).toBe("mixedCurrencies at 8");
    expect(written("kr 10 - kr6.50", point)).toBe("letters at 0");
    const change = valueOfResult(readProblem("kr 10 - kr6.50", house), "kr 10 does not read");
    const { answer, steps } = workingOf(change, house);
    expect(writeAnswer(answer, house)).toBe("kr3.50");
    expect(steps.at(-2)?.reason).toMatchObject({ pieces: [100, 100, 100, 50] });
    for (const sign of ["lb", "and", "four", "5", "$"])
      expect(ownCurrencyId({ ...ownCurrencyOf(own), sign }).ok).toBe(false);
    expect(ownCurrencyId({ ...ownCurrencyOf(own), coins: [5, 5] }).ok).toBe(false);
    expect(ownCurrencyId({ ...ownCurrencyOf(own), notes: [150] }).ok).toBe(false);
    expect(houseRulesFrom({ currency: "own|kr|kr|a|b|c|d|1|100" }).ok).toBe(false);
  });

  it("never throws and never stops beyond the line, whatever is typed", () => {
    const typed = fc.oneof(
      fc.string({ maxLength: 40, unit: "grapheme" }),
      fc
        .array(fc.constantFrom(..."0123456789.,+-−– =×/x()$£cp½ftlboz"), { maxLength: 40 })
        .map((signs) => signs.join("")),
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
    ["2 1/3 + 2⅓", point, "2 1/3 + 2 1/3"],
    ["2/3 / 4/5", point, "2/3 ÷ 4/5"],
    ["3/4 of 10", point, "3/4 × 10"],
    ["2 100/15 + 1", comma, "2 100/15 + 1"],
    ["−7 - (-12)", point, "−7 − (−12)"],
    ["5 + -3", point, "5 + (−3)"],
    ["5 - 2 - 1", point, "5 − 2 − 1"],
    ["8 ÷ 4 ÷ 2", point, "8 ÷ 4 ÷ 2"],
    ["(1 + 2) * 3 - 4", point, "(1 + 2) × 3 − 4"],
    ["8 - (3 - 2)", point, "8 − (3 − 2)"],
    ["$10 - 3 * $1.25", point, "$10 − 3 × $1.25"],
    ["3 × $1.85 + $0.60, from $10", point, "$10 − (3 × $1.85 + $0.60)"],
    ["change from $10 for $6.35", point, "$10 − $6.35"],
    ["share $20 among 3", point, "$20 ÷ 3"],
    ["$10 - $6.35 without 25c and 10c", point, "$10 − $6.35 without 25c, 10c"],
    ["is 50c enough for $0.20 + 25c", point, "is 50c enough for $0.20 + 25c"],
    ["€12,50 + 7c", comma, "€12,50 + 7c"],
    ["11 lb 6oz + 13 oz", point, "11 lb 6 oz + 13 oz"],
    ["5' 7\" + 2 ft", point, "5 ft 7 in + 2 ft"],
    ["34° 50' + 2°", point, "34° 50′ + 2°"],
    ["2 gal 3 fl oz × 2", point, "2 gal 3 fl oz × 2"],
    ["50 oz in oz and lb", point, "50 oz in lb and oz"],
    ["7 lb 3 oz as lb", point, "7 lb 3 oz in lb"],
    ["simplify 12/18", point, "12/18 in simplest form"],
    ["2/3 = ?/12", point, "2/3 = ?/12"],
    ["2/3 = 8/?", point, "2/3 = 8/?"],
    ["17/5 as a mixed number", point, "17/5 as a mixed number"],
    ["2 3/4 as an improper fraction", point, "2 3/4 as a fraction"],
    ["order 1/2, 2/3, and 0.6", point, "order 1/2; 2/3; 0.6"],
    // What has one reading only is taken for it, in any house.
    ["3,5 + 1", point, "3.5 + 1"],
    ["1 + 1,200", point, "1 + 1200"],
    ["5,999 + 4,997", point, "5999 + 4997"],
    ["1,200.5 + 1", point, "1200.5 + 1"],
    ["43,508.008 + 99.8", point, "43508.008 + 99.8"],
    ["1.200,5 + 1", point, "1200.5 + 1"],
    ["0,125 + 1", point, "0.125 + 1"],
    ["3.5 + 1", comma, "3,5 + 1"],
    ["compare 0,45 and 0.405", point, "compare 0.45 and 0.405"],
    ["0.45 ? 0.6", point, "compare 0.45 and 0.6"],
    ["0.45 _ 0.6", point, "compare 0.45 and 0.6"],
    ["1/3 vs 1/4", point, "compare 1/3 and 1/4"],
    ["which is larger, 0.45 or 0.6?", point, "compare 0.45 and 0.6"],
    ["order: 0.3; 0.15; 0.2", point, "order 0.3; 0.15; 0.2"],
    ["largest: 0.3; 0.15; 0.2", point, "order 0.3; 0.15; 0.2"],
    ["round 742 to the nearest 10", point, "round 742 to tens"],
    ["round 742 to the nearest 100", point, "round 742 to hundreds"],
    ["round 7.42 to the nearest 0.1", point, "round 7.42 to tenths"],
    ["round 7.42 to the nearest whole number", point, "round 7.42 to ones"],
    ["round 7.42 to 1 dp", point, "round 7.42 to tenths"],
    ["round 7.42 to 1 d.p.", point, "round 7.42 to tenths"],
    ["round 7.426 to two decimal places", point, "round 7.426 to hundredths"],
    ["round 742 to 2 significant figures", point, "round 742 to tens"],
    ["round 0.04267 to 2 sig figs", point, "round 0.04267 to thousandths"],
    ["round 0.04267 to 1 s.f.", point, "round 0.04267 to hundredths"],
    ["4²", point, "4 × 4"],
    ["(−3)²", point, "−3 × (−3)"],
    ["2^3", point, "2 × 2 × 2"],
    ["(1 + 2)² − 5", point, "(1 + 2) × (1 + 2) − 5"],
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
    ["+ 5", point, "onlyOneNumber at 3"],
    ["5 + + 3", point, "missingNumber at 4"],
    ["5 + three", point, "letters at 4"],
    ["5 # 3", point, "unknownCharacter at 2"],
    ["5 × 3 × 2 × 1", point, "tooManyNumbers at 12"],
    ["5 ÷ 0.00", point, "divisionByZero at 4"],
    ["5 + 3 with remainder", point, "otherForm at 6"],
    ["5 ÷ 3 to dozens", point, "unknownForm at 6"],
    ["5 ÷ 3 to 16 places", point, "unknownForm at 6"],
    ["round 3.748", point, "roundToWhat at 11"],
    ["round 3.748 exactly", point, "roundToWhat at 12"],
    ["round to tenths", point, "missingNumber at 5"],
    ["round 3.7 4 to tenths", point, "missingSign at 10"],
    ["round -3.7 to tenths", point, "negativeAmount at 6"],
    ["compare 0.45", point, "compareTwo at 12"],
    ["compare 0.45 and", point, "compareTwo at 16"],
    ["compare 0.45 and much", point, "letters at 17"],
    ["compare 0.45 and 0.405 to tenths", point, "otherForm at 23"],
    ["1/0 + 2", point, "zeroDenominator at 2"],
    ["1/2/3", point, "twoSlashes at 3"],
    ["12345/2 + 1", point, "largeFraction at 0"],
    ["3 lb + 2 m", point, "unlikeUnits at 7"],
    ["3 lb + 2 kg", point, "otherSystem at 7"],
    ["3 lb + 2", point, "bareNumber at 7"],
    ["3 oz 2 lb + 1 oz", point, "unitOrder at 5"],
    ["3 blorps + 2", point, "unknownUnit at 2"],
    ["3 1/2 lb + 2 lb", point, "fractionOfUnit at 6"],
    ["3 lb × 2 oz", point, "twoMeasures at 7"],
    ["3 lb × 1.5", point, "notWholeTimes at 7"],
    ["7 ÷ 2 lb", point, "dividesANumber at 4"],
    ["$3 + £2", point, "mixedCurrencies at 5"],
    ["¥3 + ¥2", point, "unknownCurrency at 0"],
    ["$1.234 + $1", point, "smallerThanMinor at 1"],
    ["$3 + -$1", point, "negativeAmount at 5"],
    ["$5 - $1 without 3c", point, "unknownPiece at 16"],
    ["pay $20000", point, "cantHandOver at 4"],
    ["3 × ($2 - $3)", point, "belowZeroOnTheWay at 8"],
    ["$10 - $5 ÷ 3", point, "unevenOnTheWay at 9"],
    ["2/3 of $10", point, "unevenParts at 0"],
    ["$10 × 2/3", point, "unevenParts at 6"],
    ["-1/2 × $4", point, "notWholeTimes at 0"],
    ["$4 × -4", point, "notWholeTimes at 5"],
    ["2 ft × (3 ÷ 12)", point, "notWholeTimes at 8"],
    ["2^9", point, "power at 1"],
    ["2^", point, "power at 1"],
    ["2^0", point, "power at 1"],
    ["(1 + 2", point, "openBracket at 0"],
    ["1 + 2)", point, "closeBracket at 5"],
    ["((((((1+2)*3)+4)*5)+6)*7)", point, "deepBrackets at 5"],
    ["-(1 + 2)", point, "signedBracket at 0"],
    ["1 ÷ (2 - 2)", point, "divisionByZero at 5"],
    ["1/2 + 1/3 with remainder", point, "otherForm at 10"],
    ["2/3 = ?/7", point, "otherForm at 3"],
    ["12", point, "onlyOneNumber at 2"],
    ["12 7 + 1", point, "missingSign at 3"],
    [". + 1", point, "lonePoint at 0"],
    ["1234567890123456 + 1", point, "tooManyDigits at 0"],
    ["1 + 0.1234567890123456", point, "tooManyDigits at 6"],
    ["1+1+1+1+1+1+1+1+1+1+1", point, "tooManyNumbers at 20"],
    [`1 + ${"1".repeat(LONGEST_LINE)}`, point, `tooLong at ${LONGEST_LINE}`],
  ])("says where %s stops being a problem", (line, house, expected) => {
    expect(written(line, house)).toBe(expected);
  });

  it.each([
    ["1.200 + 1", comma, ["1,200 + 1", "1200 + 1"]],
    ["1 200 + 5", point, ["1200 + 5"]],
    ["round 3,748 to tenths", point, ["round 3.748 to tenths", "round 3748 to tenths"]],
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
