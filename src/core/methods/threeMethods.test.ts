import { describe, expect, it } from "vitest";
import { type HouseRules, PRESETS } from "../house";
import { writeAnswer } from "../problem";
import { problemOf } from "../testing/problems";
import { plain, stepWords } from "../wording";
import { type MethodId, methodsFor, workingOf } from ".";

const house = PRESETS.fillersTrueValue;

const by = (method: MethodId, line: string, rules: Partial<HouseRules> = {}) => {
  const working = workingOf(problemOf(line), { ...house, ...rules }, method);
  if (working.method !== method) throw new Error(`${method} does not take ${line}`);
  return working;
};
const answer = (method: MethodId, line: string, rules: Partial<HouseRules> = {}): string =>
  writeAnswer(by(method, line, rules).answer, { ...house, ...rules });
const said = (method: MethodId, line: string, rules: Partial<HouseRules> = {}): readonly string[] =>
  by(method, line, rules).steps.map(({ reason }) => plain(stepWords(reason, { ...house, ...rules }).say));
const takes = (method: MethodId, line: string): boolean =>
  methodsFor(problemOf(line)).some(({ id, refusal }) => id === method && refusal === undefined);

describe("partial quotients", () => {
  it.each([
    ["852 ÷ 6", "142"],
    ["86.1 ÷ 7", "12.3"],
    ["7.2 ÷ 0.08", "90"],
    ["100 ÷ 7 with remainder", "14 r 2"],
    ["3 ÷ 7 with remainder", "0 r 3"],
    ["25 ÷ 4 as a mixed number", "6 1/4"],
    ["10 ÷ 3 to 2 places", "≈ 3.33"],
    ["5 ÷ 6", "0.8(3)"],
    ["1 ÷ 7", "0.(142857)"],
    ["0 ÷ 5", "0"],
    ["1 ÷ 8", "0.125"],
    ["9009 ÷ 9", "1001"],
    ["8.60 ÷ 2", "4.3"],
    ["20.5 ÷ 5 to 1 place", "4.1"],
  ])("of %s come to %s, by place and by doubles alike", (line, right) => {
    expect(answer("partial-quotients", line)).toBe(right);
    expect(answer("partial-quotients", line, { chunks: "doubles" })).toBe(right);
    expect(answer("partial-quotients", line, { divisionLayout: "corner" })).toBe(right);
  });

  it("take hundreds, tens and ones of times, or only what doubling gives", () => {
    const counts = (chunks: HouseRules["chunks"]): readonly string[] =>
      by("partial-quotients", "182 ÷ 14", { chunks }).steps.flatMap(({ reason }) =>
        reason.kind === "takeChunk" ? [writeAnswer(reason.times, house)] : [],
      );
    expect(counts("byPlace")).toEqual(["10", "3"]);
    expect(counts("doubles")).toEqual(["10", "2", "1"]);
  });

  it("say each chunk with its size, and what they come to together", () => {
    const lines = said("partial-quotients", "852 ÷ 6");
    expect(lines).toContain("100 times 6 is 600: count 100 at the side.");
    expect(lines).toContain("852 take away 600 leaves 252.");
    expect(lines).toContain("Add what was counted: 100, 40 and 2 make 142.");
    expect(said("partial-quotients", "5 ÷ 6")).toContain(
      "0.02 is left. It has the digits of 0.2, so 3 comes again for ever.",
    );
  });

  it("are the house's own way where it says so", () => {
    expect(workingOf(problemOf("852 ÷ 6"), { ...house, division: "chunks" }).method).toBe(
      "partial-quotients",
    );
  });
});

describe("compensation", () => {
  it.each([
    ["4.99 + 2.75", "7.74"],
    ["52 − 19.9", "32.1"],
    ["3 × $1.98", "$5.94"],
    ["$1.98 × 3", "$5.94"],
    ["38 + 45", "83"],
    ["302 + 67", "369"],
    ["9 + 7", "16"],
    ["4.99 + 1.98 + 2.5", "9.47"],
    ["198 × 4", "792"],
    ["6 × 31", "186"],
    ["$10 − $2.99", "$7.01"],
    ["2 × $4.95", "$9.90"],
    ["5 × $1.98", "$9.90"],
    ["7.31 − 3.98", "3.33"],
    ["99c + $2.50", "$3.49"],
    ["100 − 98", "2"],
  ])("of %s comes to %s", (line, right) => {
    expect(answer("compensation", line)).toBe(right);
  });

  it.each(["2.5 + 3.4", "46 + 37.2", "5 × 6", "1.5 × 2.98", "20 − 60", "4.99 + 2.75 to 1 place", "$6 ÷ 3"])(
    "leaves %s to others",
    (line) => {
      expect(takes("compensation", line)).toBe(false);
    },
  );

  it("says by how much it was changed, and which way it is put right", () => {
    expect(said("compensation", "52 − 19.9")).toContain(
      "0.1 too much was taken away. Put it back: 32 + 0.1 = 32.1.",
    );
    expect(said("compensation", "4.99 + 2.75")).toContain(
      "0.01 too much was added. Take it off: 7.75 − 0.01 = 7.74.",
    );
    expect(said("compensation", "302 + 64")).toContain("2 too little was added. Add it: 364 + 2 = 366.");
    expect(said("compensation", "3 × $1.98")).toContain(
      "Each of the 3 was $0.02 too much: $0.06 altogether. Take it off: $6 − $0.06 = $5.94.",
    );
  });
});

describe("cross products", () => {
  it.each([
    ["compare 5/8 and 7/12", "5/8 > 7/12"],
    ["compare 2/3 and 4/6", "2/3 = 4/6"],
    ["compare 2 1/3 and 9/4", "2 1/3 > 9/4"],
    ["compare 3 and 7/2", "3 < 7/2"],
    ["compare 0.25 and 1/3", "0.25 < 1/3"],
    ["compare 11/12 and 12/13", "11/12 < 12/13"],
  ])("of %s say %s", (line, right) => {
    expect(answer("cross-products", line)).toBe(right);
  });

  it("say why they are enough: both over the product of the denominators", () => {
    expect(said("cross-products", "compare 5/8 and 7/12")).toEqual(
      expect.arrayContaining([
        "The first numerator times the second denominator: 5 × 12 = 60.",
        "Written out, 5/8 = 60/96 and 7/12 = 56/96.",
        "So only the products count: 60 is more than 56.",
      ]),
    );
  });

  it("compare two at a time, and do nothing else", () => {
    expect(takes("cross-products", "1/2 + 1/3")).toBe(false);
    expect(takes("cross-products", "order 1/2; 1/3; 1/4")).toBe(false);
  });
});
