import { describe, expect, it } from "vitest";
import { houseRulesFrom, PRESETS } from "../../house";
import { readGiven } from "../../marking";
import { adversarialLine } from "../../testing/adversarialLines";
import { readOneQuantity, readProblem } from "./readProblem";

const LINES = 10_000;
const LENGTH = 2000;
const house = PRESETS.fillersTrueValue;
const problemOf = (line: string) => {
  const read = readProblem(line, house);
  if (!read.ok) throw new Error(`${line} does not read`);
  return read.value;
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
    return (given: string) => readGiven(given, problem, house);
  }),
];

describe("reading", () => {
  // Were a reader to take more than its line's length, this would not end: the time of each is in the bench.
  it("ends for ten thousand lines made to hold it up, each reader in turn", () => {
    for (let nth = 0; nth < LINES; nth++) {
      const line = adversarialLine(nth, LENGTH);
      expect(line.length).toBeLessThanOrEqual(LENGTH);
      READERS[(nth * 7 + Math.floor(nth / READERS.length)) % READERS.length]?.(line);
    }
  });

  it("ends for the lines that once did not", () => {
    for (const [problem, given] of [
      ["17 ÷ 5", `5 each${" ".repeat(1985)}\nx\ny`],
      ["17 ÷ 5", `${"5 r ".repeat(490)}`],
      ["3 lb 4 oz + 2 lb", `${"a ".repeat(900)}1`],
    ] as const)
      expect(readGiven(given, problemOf(problem), house).ok).toBe(false);
    for (const line of [`5 ft in ${"aand".repeat(490)}1`, `${" ".repeat(1990)}=`, `${"= ".repeat(900)}1`])
      expect(readProblem(line, house).ok).toBe(false);
  });
});
