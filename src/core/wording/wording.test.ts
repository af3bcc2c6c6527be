import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { runOf } from "../checks";
import { type HouseRules, houseRulesFrom, PRESETS, SWITCH_NAMES, SWITCHES } from "../house";
import { EVERY_METHOD, type MethodId, workingOf } from "../methods";
import type { Decimal } from "../number";
import { readProblem } from "../problem";
import { anyDecimal, anyHouse, anyTask } from "../testing/arbitrary";
import { problemOf } from "../testing/problems";
import { valueOfResult } from "../testing/valueOfResult";
import { houseRefusalWords, SWITCH_GROUPS } from "./house/houseWords";
import { plain, stretches } from "./numbers/line";
import { numeralWords, placesName } from "./numbers/numberWords";
import { answerInWords } from "./squares/answerSteps";
import { stepWords } from "./stepWords";
import { EVERY_BOOK } from "./wordbooks";

const byPlaces = PRESETS.fillersTrueValue;
const byDigits: HouseRules = { ...byPlaces, numberNames: "byDigits" };

const runOn = (line: string, house: HouseRules) => {
  const problem = valueOfResult(readProblem(line, house), `${line} does not read`);
  return runOf(workingOf(problem, house), EVERY_METHOD);
};

const said = (line: string, house: HouseRules): readonly string[] =>
  runOn(line, house).steps.map(({ reason }) => plain(stepWords(reason, house).say));

/** Reads words back into digits, by a way of its own, so that naming is tested against another reading. */
function spokenDigits(words: string): string {
  const names = "zero one two three four five six seven eight nine".split(" ");
  return words
    .split(" ")
    .map((word) => names.indexOf(word))
    .join("");
}

const SMALL =
  "zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen".split(
    " ",
  );
const TENS = "_ _ twenty thirty forty fifty sixty seventy eighty ninety".split(" ");
const POWERS = ["thousand", "million", "billion", "trillion", "quadrillion"];

/** The count that cardinal words stand for. */
function countSpoken(words: string): bigint {
  let total = 0n;
  let group = 0n;
  for (const word of words.replaceAll("-", " ").split(" ")) {
    if (SMALL.includes(word)) group += BigInt(SMALL.indexOf(word));
    else if (TENS.includes(word)) group += BigInt(10 * TENS.indexOf(word));
    else if (word === "hundred") group *= 100n;
    else {
      total += group * 1000n ** BigInt(POWERS.indexOf(word) + 1);
      group = 0n;
    }
  }
  return total + group;
}

describe("numbers in words", () => {
  const numeral = (whole: string, fraction = ""): Decimal => ({
    kind: "decimal",
    negative: false,
    whole,
    fraction,
    point: fraction !== "",
  });

  it.each([
    [numeral("31", "605"), "thirty-one and six hundred five thousandths", "thirty-one point six zero five"],
    [numeral("20", "40"), "twenty and forty hundredths", "twenty point four zero"],
    [numeral("", "5"), "five tenths", "point five"],
    [numeral("0", "1"), "one tenth", "zero point one"],
    [numeral("1000000"), "one million", "one million"],
    [numeral("007"), "seven", "seven"],
    [numeral("3", "000000000000001"), "three and one quadrillionth", `three point ${"zero ".repeat(14)}one`],
    [{ ...numeral("2", "5"), negative: true }, "minus two and five tenths", "minus two point five"],
  ])("are right in both styles: %o", (value, places, digits) => {
    expect(numeralWords(value, byPlaces)).toBe(places);
    expect(numeralWords(value, byDigits)).toBe(digits);
  });

  it("can be read back to the same digits, for every numeral that can be read", () => {
    fc.assert(
      fc.property(anyDecimal, (value) => {
        const [whole = "", digits] = numeralWords(value, byDigits).split(/ ?point /);
        expect(whole === "" ? 0n : countSpoken(whole)).toBe(BigInt(value.whole || "0"));
        if (value.fraction !== "") expect(spokenDigits(digits ?? "")).toBe(value.fraction);

        const parts = numeralWords(value, byPlaces).split(" and ");
        if (value.fraction === "") {
          expect(countSpoken(parts[0] ?? "")).toBe(BigInt(value.whole || "0"));
        } else {
          const last = parts.at(-1) ?? "";
          const count = last.slice(0, last.lastIndexOf(" "));
          expect(countSpoken(count)).toBe(BigInt(value.fraction));
          const name = last.slice(last.lastIndexOf(" ") + 1);
          const plural = placesName(-value.fraction.length, byPlaces);
          expect(name).toBe(BigInt(value.fraction) === 1n ? plural.slice(0, -1) : plural);
        }
      }),
      { numRuns: 1500 },
    );
  });
});

describe("what is said at a step", () => {
  it("is a finished sentence in every house, marked in pairs, with nothing left out", () => {
    // What chance may not draw in so many runs is made besides.
    const seldom = runOf(
      workingOf(problemOf("3 + (−5)"), PRESETS.fillersTrueValue, "counters"),
      EVERY_METHOD,
    );
    const parts = runOf(workingOf(problemOf("3/4 of $10"), PRESETS.fillersTrueValue), EVERY_METHOD);
    const seen = new Set<string>([...seldom.steps, ...parts.steps].map(({ reason }) => reason.kind));
    const faults = (
      { say, why, ask }: ReturnType<typeof stepWords>,
      house: HouseRules,
    ): readonly string[] => [
      ...[say, why, ask].filter(
        (line) =>
          !/^[\p{Lu}\p{Sc}\d“−.,].*[.?]$/su.test(plain(line)) ||
          /undefined|NaN|\[object| {2}|\.\.|_/.test(line) ||
          line.split("*").length % 2 === 0 ||
          stretches(line)
            .map(({ text }) => text)
            .join("") !== plain(line),
      ),
      ...(ask.endsWith("?") ? [] : [ask]),
      ...(house.onesTerm === "units" && /\bones\b/.test(say) ? [say] : []),
      ...(house.decimalMark === "comma" && /\bpoint\b/.test(say) ? [say] : []),
    ];
    fc.assert(
      fc.property(anyTask, anyHouse, ({ problem, method }, house) => {
        const { steps } = runOf(workingOf(problem, house, method), EVERY_METHOD);
        for (const { reason } of steps) seen.add(reason.kind);
        expect(steps.flatMap(({ reason }) => faults(stepWords(reason, house), house))).toEqual([]);
      }),
      { numRuns: 2500 },
    );
    expect([...seen].sort()).toEqual(EVERY_BOOK.flatMap(({ steps }) => Object.keys(steps)).sort());
  });

  it("is short, or true to the place values, in the terms of the house", () => {
    const short: HouseRules = { ...byPlaces, narration: "short" };
    expect(said("5.7 + 2.6", short)).toContain("7 and 6 make 13: write 3, carry 1.");
    expect(said("5.7 + 2.6", { ...short, carryTerm: "regroup" })).toContain(
      "7 and 6 make 13: write 3, regroup 10 as 1.",
    );
    expect(said("5.7 + 2.6", { ...short, carryPlace: "unwritten" })).toContain(
      "7 and 6 make 13: write 3, keep 1 in mind.",
    );
    expect(said("5.7 + 2.6", byPlaces)).toContain(
      "Seven tenths and six tenths make thirteen tenths: three tenths stay, ten tenths are one whole to carry.",
    );
    expect(said("5.7 + 2.6", { ...byPlaces, carryTerm: "exchange", onesTerm: "units" })).toContain(
      "Seven tenths and six tenths make thirteen tenths: three tenths stay, ten tenths are exchanged for one unit.",
    );
    expect(said("5 - 2.004", { ...short, borrowTerm: "exchange" })).toContain(
      "4 from 0 won't go: exchange 1 from the 5. The 5 becomes 4, each zero between becomes 9 and the 0 becomes 10.",
    );
  });
});

describe("what is said of products and quotients", () => {
  const one = (line: string, kind: string, house: HouseRules, method?: MethodId): string => {
    const problem = valueOfResult(readProblem(line, house), `${line} does not read`);
    const step = runOf(workingOf(problem, house, method), EVERY_METHOD).steps.find(
      ({ reason }) => reason.kind === kind,
    );
    if (step === undefined) throw new Error(`${line} has no ${kind}`);
    return plain(stepWords(step.reason, house).say);
  };
  const comma = PRESETS.commaBelow;

  it.each([
    ["23 × 14", "digitProduct", "4 times 3 ones are 12 ones: write 2, carry 1 ten."],
    ["23 × 14", "openRow", "The 1 stands for one ten: open its row with a zero."],
    ["23 × 104", "zeroRow", "Times zero gives nothing: skip this row."],
    ["0.06 × 0.3", "countPlaces", "Count the places after the point: 2 + 1 = 3."],
    ["0.06 × 0.3", "pointByCounting", "From the right end the point makes 3 hops to the left: 0.018."],
    ["0.45 × 1000", "shiftDigits", "Every digit moves 3 places to the left, past the point: 450."],
    ["45 ÷ 1000", "shiftDigits", "Every digit moves 3 places to the right, past the point: 0.045."],
    ["8.61 ÷ 0.7", "takePart", undefined],
    ["6.3 ÷ 0.7", "takePart", "6 is less than 7, so take 63."],
    ["86 ÷ 7", "howMany", "8 tens among 7: 1 ten each."],
    ["86 ÷ 7 with remainder", "remainderLeft", "The quotient is 12, and 2 is left: the remainder."],
    [
      "7.25 ÷ 0.5 with remainder",
      "remainderLeft",
      "The quotient is 14. What is left, 2.5, was made 10 times too large: the remainder is 0.25.",
    ],
    ["46 ÷ 8 as a mixed number", "simplifyPart", "Both have 2 as a factor: 6/8 is 3/4."],
    ["1 ÷ 6", "repetendFound", "4 is left, as before: from here the digit 6 comes again for ever."],
    [
      "1 ÷ 9967",
      "goesOnTooLong",
      "The digits come again only after 9,966 places: stop here and round to 9 places.",
    ],
    [
      "2 ÷ 3 to tenths",
      "roundAnswer",
      "6 comes after the tenths: up. The 6 in the tenths becomes 7: 0.66 ≈ 0.7.",
    ],
    [
      "round 3.96 to tenths",
      "roundAnswer",
      "6 comes after the tenths: up. The 9 in the tenths becomes ten, which carries on: 3.96 ≈ 4.0.",
    ],
    ["compare 0.45 and 0.405", "comparePlace", "The ones: 0 and 0, the same. Go on."],
  ])("%s, %s", (line, kind, said) => {
    if (said === undefined) expect(() => one(line, kind, byPlaces)).toThrow();
    else expect(one(line, kind, byPlaces)).toBe(said);
  });

  it("follows the notation of the house", () => {
    expect(one("0,06 · 0,3", "pointByCounting", comma)).toBe(
      "From the right end the comma makes 3 hops to the left: 0,018.",
    );
    expect(one("7,2 : 0,08", "writeDivision", comma)).toBe(
      "The dividend 720 goes left, the divisor 8 into the corner right of it.",
    );
    expect(one("12.5 × 0.4", "compareWithEstimate", byPlaces)).toBe("5 is close to the estimate 4.");
    expect(one("2.4 × 0.51", "compareWithEstimate", byPlaces)).toBe(
      "The estimate was 1. With these digits 0.1224 is too small and 12.24 too large: 1.224 is right.",
    );
    expect(one("23 × 14", "cellProduct", byPlaces, "lattice")).toBe(
      "1 ten times 2 tens make 2 hundreds: 0 above the diagonal, 2 below.",
    );
    expect(one("53.2 − 27.8", "hopUp", byPlaces, "counting-up")).toBe("From 27.8 up 0.2 to 28.");
  });

  it.each([
    [1n, 2n, "one half"],
    [3n, 4n, "three quarters"],
    [5n, 6n, "five sixths"],
    [7n, 12n, "seven twelfths"],
    [1n, 20n, "one twentieth"],
    [3n, 101n, "three one-hundred-firsts"],
    [5n, 9967n, "5 over 9967"],
  ])("reads %s over %s as %s", (numerator, denominator, words) => {
    expect(
      answerInWords({ kind: "mixed", negative: false, whole: 0n, numerator, denominator }, byPlaces),
    ).toBe(words);
    expect(
      answerInWords({ kind: "mixed", negative: false, whole: 2n, numerator, denominator }, byPlaces),
    ).toBe(`two and ${words}`);
  });
});

describe("house rules", () => {
  it("offer every switch in just one group", () => {
    expect(SWITCH_GROUPS.flatMap(({ switches }) => switches).sort()).toEqual([...SWITCH_NAMES].sort());
  });

  it("refuse what they don't know in a sentence that says what they do", () => {
    for (const choices of [{ preset: "loud" }, { volume: "loud" }, { narration: "loud" }]) {
      const house = houseRulesFrom(choices);
      expect(house.ok).toBe(false);
      if (!house.ok) expect(houseRefusalWords(house.error)).toContain("loud" in choices ? "" : "“");
    }
    const narration = houseRulesFrom({ narration: "loud" });
    expect(!narration.ok && houseRefusalWords(narration.error)).toContain(SWITCHES.narration.join(", "));
  });
});
