import { houseRulesFrom, PRESETS } from "@/core/house";
import { readLearnerAnswer } from "@/core/marking";
import { readOneQuantity, readProblem } from "@/core/problem";
import { adversarialLine } from "@/core/testing/reading/adversarialLines";
import { rounded } from "./workings";

const LINES = 10_000;
const LENGTH = 2000;
const house = PRESETS.fillersTrueValue;

/** The answers that are read are to these. */
const PROBLEMS = [
  "17 ÷ 5",
  "3 lb 4 oz + 2 lb",
  "compare 1/2 and 0.4",
  "order 1; 2; 3",
  "is $10 enough for $3",
];

/** Lines that once held the server up: for good, and for seconds. */
const HANGS = {
  "form: 60 × aand": () => readProblem(`5 ft in ${"aand".repeat(60)}1`, house),
  "answer: 1,985 spaces": () => given("17 ÷ 5", `5 each${" ".repeat(1985)}\nx\ny`),
} as const;

function given(line: string, typed: string): unknown {
  const problem = readProblem(line, house);
  if (!problem.ok) throw new Error(`given: ${line} does not read`);
  return readLearnerAnswer(typed, problem.value, house);
}

const timed = (read: () => unknown): number => {
  const from = performance.now();
  read();
  return performance.now() - from;
};

/** Milliseconds that each reader takes for lines of 2,000 characters made to hold it up: the middle, and the worst of 10,000. */
export function measureReading() {
  const readers: Readonly<Record<string, (line: string) => unknown>> = {
    problem: (line) => readProblem(line, house),
    "problem, comma": (line) => readProblem(line, PRESETS.commaBelow),
    quantity: (line) => readOneQuantity(line, house),
    currency: (line) => houseRulesFrom({ currency: line }),
    ...Object.fromEntries(
      PROBLEMS.map((problem) => [`answer to ${problem}`, (line: string) => given(problem, line)]),
    ),
  };
  const lines = Object.entries(readers).map(([reader, read]) => {
    const times = Array.from({ length: LINES }, (_, nth) =>
      timed(() => read(adversarialLine(nth, LENGTH))),
    ).sort((a, b) => a - b);
    return { reader, median: rounded(times[LINES / 2] ?? 0, 2), worst: rounded(times.at(-1) ?? 0, 1) };
  });
  const hangs = Object.entries(HANGS).map(([line, read]) => ({
    line,
    milliseconds: rounded(timed(read), 2),
  }));
  return { lines, hangs };
}
