import { afterAll, describe, expect, it } from "vitest";
import { PRESETS } from "../house";
import { adversarialLine } from "../testing/reading/adversarialLines";
import { countingSteps } from "../testing/reading/countedSteps";
import { runsOf } from "../testing/runs";
import { valueOfResult } from "../testing/valueOfResult";

const SHORT = 500;
const LONG = 2000;
const house = PRESETS.fillersTrueValue;

/** Where a line is cut decides how much of it reads, so that four times the length may take more than four times the steps; a reader that goes back for each letter would take sixteen times. */
const MOST_TIMES = 7;

const { module, stepsOf, end } = await countingSteps(async () => ({
  ...(await import("./reading/readProblem")),
  ...(await import("../house")),
  ...(await import("../marking")),
}));
afterAll(end);
const { readProblem, readOneQuantity, houseRulesFrom, readLearnerAnswer } = module;

const problemOf = (line: string) => {
  return valueOfResult(readProblem(line, house), `${line} does not read`);
};

/** Every reader that a line can come to, by the problem that it would be the answer to. */
const READERS: readonly ((line: string) => unknown)[] = [
  (line) => readProblem(line, house),
  (line) => readProblem(line, PRESETS.commaBelow),
  (line) => readOneQuantity(line, house),
  (line) => houseRulesFrom({ currency: line }),
  ...[
    "17 ÷ 5",
    "3 lb 4 oz + 2 lb",
    "compare 1/2 and 0.4",
    "order 1; 2; 3",
    "is $10 enough for $3",
    "$10 ÷ 3",
  ].map((line) => {
    const problem = problemOf(line);
    return (given: string) => readLearnerAnswer(given, problem, house);
  }),
];

describe("reading", () => {
  it("takes no more steps for each letter of a long line than of a short one, of lines made to hold it up, each reader in turn", async () => {
    let most = 0;
    for (let nth = 0; nth < runsOf("readerSteps"); nth++) {
      const read = READERS[(nth * 7 + Math.floor(nth / READERS.length)) % READERS.length];
      if (read === undefined) throw new Error("there is a reader for each line");
      const [short, long] = [adversarialLine(nth, SHORT), adversarialLine(nth, LONG)];
      const [few, many] = [await stepsOf(() => read(short)), await stepsOf(() => read(long))];
      expect(many, `line ${nth}: ${short.slice(0, 40)}`).toBeLessThanOrEqual(MOST_TIMES * few);
      most = Math.max(most, few);
    }
    // They are held up: some of them are read to their end.
    expect(most).toBeGreaterThan(SHORT);
  });

  it("counts what takes more than its length as such", async () => {
    const pairs = (line: string): void => {
      for (const one of line) for (const other of line) if (readOneQuantity(one + other, house).ok) continue;
    };
    const line = "1".repeat(40);
    const [few, many] = [await stepsOf(() => pairs(line)), await stepsOf(() => pairs(line.repeat(4)))];
    expect(many).toBeGreaterThan(2 * MOST_TIMES * few);
  });

  it("ends for the lines that once did not", () => {
    for (const [problem, given] of [
      ["17 ÷ 5", `5 each${" ".repeat(1985)}\nx\ny`],
      ["17 ÷ 5", `${"5 r ".repeat(490)}`],
      ["3 lb 4 oz + 2 lb", `${"a ".repeat(900)}1`],
      ["3 lb 4 oz + 2 lb", `${"3 lb and ".repeat(200)}`],
      ["17 ÷ 5", "one and ".repeat(240)],
      ["17 ÷ 5", `${"5 ".repeat(900)}below zero`],
    ] as const)
      expect(readLearnerAnswer(given, problemOf(problem), house).ok, given.slice(0, 20)).toBe(false);
    for (const line of [`5 ft in ${"aand".repeat(490)}1`, `${" ".repeat(1990)}=`, `${"= ".repeat(900)}1`])
      expect(readProblem(line, house).ok).toBe(false);
  });
});
