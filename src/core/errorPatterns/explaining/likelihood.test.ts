import { describe, expect, it } from "vitest";
import { PRESETS } from "../../house";
import { explanationView } from "../../learnerTask";
import { readLearnerAnswer } from "../../marking";
import { problemsOf, waysOf } from "../../testing/learners";
import { problemOf } from "../../testing/problems";
import { measureUnknown } from "../../testing/simulating/leaveOneOut";
import { simulated } from "../../testing/simulating/simulated";
import { valueOfResult } from "../../testing/valueOfResult";
import { PATTERNS } from "../errorPatterns";
import { isSlip } from "../slips/slipFacts";
import { answersLike, SMALL_SPACE } from "./answerSpace";
import { explanationsOf, likelihoodOf } from "./explain";
import { markedAnswer } from "./explainAnswer";

const house = PRESETS.fillersTrueValue;
const SKILLS = Object.keys(PATTERNS) as (keyof typeof PATTERNS)[];

/** A seed that the weights were not looked at with. */
const SEED = 7071;

const answers = SKILLS.flatMap((skill) => simulated(skill, 60, SEED, house)).map((one) => ({
  ...one,
  right: waysOf(one.problem, house).right,
  found: explanationsOf(waysOf(one.problem, house), one.answer),
}));

const key = (patterns: readonly string[]): string => [...patterns].sort().join();

describe("how likely an explanation is said to be", () => {
  it("is never much more than how often it is true, of two patterns at once too", () => {
    const all = answers.flatMap(({ found, patterns }) =>
      found.map((one) => ({ said: one.probability, is: key(one.patterns) === key(patterns) ? 1 : 0 })),
    );
    const over = (some: typeof all): number =>
      some.reduce((sum, { said, is }) => sum + said - is, 0) / some.length;
    for (let tenth = 0; tenth < 10; tenth++) {
      const bin = all.filter(({ said }) => Math.min(9, Math.floor(said * 10)) === tenth);
      if (bin.length > 40) expect(over(bin), `about ${tenth / 10}`).toBeLessThan(0.14);
    }
  });

  it("is how often it is true of simulated learners", () => {
    const bins = Array.from({ length: 10 }, () => ({ count: 0, said: 0, is: 0 }));
    for (const { found, patterns } of answers) {
      // Of two at once more is left open than learners need who have nothing but what is in the catalogue.
      for (const one of found.filter((each) => each.patterns.length < 2)) {
        const bin = bins[Math.min(9, Math.floor(one.probability * 10))];
        if (bin === undefined) throw new Error("there are ten bins");
        bin.count += 1;
        bin.said += one.probability;
        bin.is += key(one.patterns) === key(patterns) ? 1 : 0;
      }
    }
    expect(answers.length).toBeGreaterThan(600);
    // The bars of 0.08 are held by `npm run measure`, which has ten times as many answers: here the bins are small.
    for (const { count, said, is } of bins.filter((bin) => bin.count > 40))
      expect(Math.abs(said - is) / count, `${said / count} said, ${is / count} is`).toBeLessThan(0.14);
  });

  it("is never much where there are few other answers, and least of all for a slip", () => {
    const small = answers.filter(
      ({ right, answer }) => Math.min(answersLike(right), answersLike(answer)) < SMALL_SPACE,
    );
    expect(small.length).toBeGreaterThan(100);
    for (const { found } of small) {
      for (const { patterns, probability } of found) {
        expect(likelihoodOf(probability)).not.toBe("veryLikely");
        if (patterns.some(isSlip)) expect(probability).toBeLessThanOrEqual(0.4);
      }
    }
  });

  it("is seldom much where what is behind an answer is not in the catalogue, and never where the answer only lies near the right one", () => {
    const { leftOut, near } = measureUnknown(4);
    const share = (of: typeof near, what: "likely" | "veryLikely"): number =>
      of.reduce((sum, one) => sum + one[what], 0) / of.reduce((sum, one) => sum + one.answers, 0);
    expect(share(leftOut, "likely")).toBeLessThanOrEqual(0.1);
    expect(share(leftOut, "veryLikely")).toBeLessThanOrEqual(0.02);
    expect(share(near, "likely")).toBeLessThanOrEqual(0.1);
    expect(share(near, "veryLikely")).toBeLessThanOrEqual(0.02);
  });

  it("is never more than possible for a slip", () => {
    for (const { found } of answers)
      for (const { patterns, probability } of found)
        if (patterns.some(isSlip)) expect(likelihoodOf(probability)).toBe("possible");
  });

  it("is never certain", () => {
    for (const { found } of answers)
      for (const { probability } of found) expect(probability).toBeLessThan(0.96);
  });

  it("is nothing for answers from nowhere, of four digits or more", () => {
    let [seen, left] = [0, 0];
    for (const problem of SKILLS.flatMap((skill) => problemsOf(skill, 120, SEED))) {
      const { right } = waysOf(problem, house);
      if (right.kind !== "decimal" || answersLike(right) < 10_000) continue;
      // Digits that have nothing to do with the right ones: each moved on by as many as its place and the problem say.
      const digits = [...(right.whole + right.fraction)].map((digit, index) =>
        String(1 + ((Number(digit) * 7 + seen * 3 + index * 5) % 9)),
      );
      const at = right.whole.length;
      const given = { ...right, whole: digits.slice(0, at).join(""), fraction: digits.slice(at).join("") };
      seen += 1;
      left += explanationsOf(waysOf(problem, house), given).length === 0 ? 1 : 0;
    }
    expect(seen).toBeGreaterThan(100);
    expect(left / seen).toBeGreaterThan(0.9);
  });
});

describe("a slip", () => {
  it.each([
    ["12.03 − 4.578", "10.452", "slip-digit-miscopied", "the 4 of 4.578 copied as 1"],
    ["8 × 7", "54", "slip-fact-neighbour", "8 × 7 taken for 54"],
    ["268 + 157", "45", "slip-digit-left-out", "the 2 of the answer left out"],
    ["268 + 157", "4225", "slip-digit-twice", "the 2 of the answer written twice"],
    ["6.3 × 7", "41.4", "slip-digits-swapped", "41 written as 14"],
    ["−8 − 5", "13", "slip-sign-dropped", "the other sign written"],
    ["12.5 − 4.2", "16.7", "slip-wrong-operation", "12.5 + 4.2 worked"],
    ["4.7 + 3.8", "8.6", "slip-fact-off-by-one", "8.6 written for 8.5"],
  ])("in %s = %s says what went wrong", (line, typed, id, words) => {
    const problem = problemOf(line);
    const given = valueOfResult(readLearnerAnswer(typed, problem, house), `${typed} can't be read`);
    const ways = waysOf(problem, house);
    const { explanations } = markedAnswer(ways, given, house);
    const slip = explanations.find(({ patterns }) => patterns.join() === id);
    if (slip === undefined) throw new Error(`${id} is not among ${JSON.stringify(explanations)}`);
    expect(explanationView(ways, given.answer, slip, house).names[0]).toContain(words);
  });
});
