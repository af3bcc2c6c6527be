import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { PRESETS } from "../house";
import { readLearnerAnswer, sameAnswer } from "../marking";
import { drawn, type Step, workingOf } from "../methods";
import { writeAnswer } from "../problem";
import { anyHouse } from "../testing/arbitrary";
import { coinciding } from "../testing/coinciding";
import {
  evenChances,
  firstLedAstray,
  ledAstray,
  names,
  noisySheet,
  problemsOf,
  skillOf,
  waysOf,
} from "../testing/learners";
import { problemOf } from "../testing/problems";
import { runsOf } from "../testing/runs";
import { valueOfResult } from "../testing/valueOfResult";
import { patternWords, remedyWords, wrongStepWords } from "../wording";
import {
  type ErrorPattern,
  EVERY_PATTERN,
  estimateJudged,
  explanationsOf,
  markedAnswer,
  PATTERN_IDS,
  PATTERNS,
  patternsNamed,
  replayOf,
  SLIPS,
  separatingProblem,
  sheetExplanations,
  showingsOn,
  undoingOf,
  wrongWorking,
} from ".";
import { answerValueIn, isSameValue } from "./explaining/value";

const house = PRESETS.fillersTrueValue;
/** A judgement, which no written answer shows. */
const UNWRITTEN = "check-times-always-grows";
const WRITTEN = EVERY_PATTERN.filter(({ id }) => id !== UNWRITTEN);

/** What a step writes into squares: only the lines under it may be of another length. */
const glyphs = ({ marks }: Pick<Step<unknown>, "marks">): string =>
  marks.flatMap((mark) => (mark.kind === "glyph" || mark.kind === "small" ? [mark.text] : [])).join(" ");

const pattern = (id: string): ErrorPattern => {
  const found = EVERY_PATTERN.find((one) => one.id === id);
  if (found === undefined) throw new Error(`there is no ${id}`);
  return found;
};

describe("the catalogue", () => {
  it("has every id once, with facts that say something", () => {
    expect([...EVERY_PATTERN, ...SLIPS].map(({ id }) => id)).toEqual([...PATTERN_IDS]);
    for (const { id, lookAlikes } of [...EVERY_PATTERN, ...SLIPS]) {
      const { name, does, shows, apart } = patternWords(id);
      for (const text of [name, does, shows, apart, remedyWords(id, undefined, house)])
        expect(text.length).toBeGreaterThan(5);
      expect(remedyWords(id, undefined, house)).toMatch(/^[^a-z].*[.?!]$/);
      expect(lookAlikes).not.toContain(id);
    }
  });

  it("says of look-alikes that they look alike both ways", () => {
    for (const { id, lookAlikes } of EVERY_PATTERN) {
      for (const other of lookAlikes) expect(pattern(other).lookAlikes, `${other} of ${id}`).toContain(id);
    }
  });

  it.each(WRITTEN.map((one) => [one.id, one] as const))("%s leads where its example says", (_, one) => {
    const [line, written] = one.example;
    const problem = problemOf(line);
    const given = valueOfResult(readLearnerAnswer(written, problem, house), `${written} can't be read`);
    const working = wrongWorking(problem, house, [one]);
    expect(working && sameAnswer(problem, working.answer, given.answer)).toBe(true);
    const { verdict, explanations } = markedAnswer(waysOf(problem, house), given, house);
    expect(verdict.kind).toBe("wrong");
    const found = explanations.slice(0, 3).map(({ patterns }) => patterns.join());
    expect(found).toContain(one.id);
  });

  it.each(SLIPS.map((one) => [one.id, one] as const))("%s is found in its example", (_, one) => {
    const problem = problemOf(one.example[0]);
    const given = valueOfResult(
      readLearnerAnswer(one.example[1], problem, house),
      `${one.example[1]} can't be read`,
    );
    const { explanations } = markedAnswer(waysOf(problem, house), given, house);
    expect(explanations.flatMap(({ patterns }) => patterns)).toContain(one.id);
  });
});

describe("a pattern on any problem of its skill, in any house", () => {
  it.each(WRITTEN.map((one) => [one.id, one] as const))("%s gives a whole working, or none", (_, one) => {
    const problems = problemsOf(skillOf(one), 40, 11);
    fc.assert(
      fc.property(fc.constantFrom(...problems), anyHouse, (problem, rules) => {
        const working = wrongWorking(problem, rules, [one]);
        if (working === undefined) return;
        expect(working.problem).toBe(problem);
        const { layout, steps } = drawn(working);
        expect(steps.flatMap(({ marks }) => marks).length).toBeGreaterThan(0);
        expect(coinciding(layout, steps)).toEqual([]);
      }),
      { numRuns: runsOf("patternWorkings") },
    );
    // It comes into some of them, and leads to something else than what is right.
    const leads = problemsOf(skillOf(one), 300, 11).some((problem) => {
      const working = wrongWorking(problem, house, [one]);
      return (
        working &&
        !isSameValue(
          answerValueIn(problem, working.answer),
          answerValueIn(problem, workingOf(problem, house).answer),
        )
      );
    });
    expect(leads).toBe(true);
  });
});

describe("every way to a wrong answer", () => {
  it("is replayed to just the answer it is known by, of problems of every skill", () => {
    for (const skill of Object.keys(PATTERNS) as (keyof typeof PATTERNS)[]) {
      for (const problem of problemsOf(skill, runsOf("waysReplayed"), 17)) {
        const { ways, right } = waysOf(problem, house);
        for (const { patterns, value } of ways.filter(
          ({ patterns: [first] }) => !first?.startsWith("slip-"),
        )) {
          const replay = replayOf(problem, house, patterns);
          if (replay === undefined) throw new Error(`${patterns.join()} is not replayed`);
          expect(answerValueIn(problem, replay.wrong.answer), patterns.join()).toEqual(value);
          expect(replay.sound.answer.kind).toBe(right.kind);
          expect(replay.departs).toBeLessThan(replay.wrong.steps.length);
          // Up to the departing step the two are one working.
          const before = replay.wrong.steps.slice(0, replay.departs);
          const beside = replay.sound.steps.slice(0, replay.departs);
          expect(before.map(({ reason }) => reason)).toEqual(beside.map(({ reason }) => reason));
          expect(before.map(glyphs)).toEqual(beside.map(glyphs));
          for (const { reason } of replay.wrong.steps) {
            expect(wrongStepWords(reason, house).say).toMatch(/\S/);
          }
          const undoing = undoingOf(problem, replay.wrong.answer, house);
          if (undoing !== undefined) expect(writeAnswer(undoing.comes, house)).not.toBe(undoing.ought);
        }
      }
    }
  });
});

describe("explaining", () => {
  it("never gives a right answer a pattern", () => {
    for (const one of WRITTEN) {
      for (const problem of problemsOf(skillOf(one), 3, 5)) {
        const ways = waysOf(problem, house);
        const marked = markedAnswer(ways, { answer: ways.right, bare: false }, house);
        expect(marked).toEqual({ verdict: { kind: "right" }, explanations: [] });
        const right = answerValueIn(problem, ways.right);
        expect(ways.ways.some(({ value }) => isSameValue(value, right))).toBe(false);
      }
    }
  });

  it("names two patterns that go together, where neither alone leads there", () => {
    const both = [pattern("sub-borrow-unpaid"), pattern("sub-right-flush")];
    const problem = problemOf("15.2 − 0.34");
    const astray = ledAstray(both, problem, house);
    if (astray === undefined) throw new Error("the two lead nowhere");
    const found = explanationsOf(astray.ways, astray.answer);
    expect(found.map(({ patterns }) => [...patterns].sort().join())).toContain(
      "sub-borrow-unpaid,sub-right-flush",
    );
    // Two that take one decision otherwise can't go together.
    const same = [pattern("sub-column-gap"), pattern("sub-stuck-writes-zero")];
    expect(wrongWorking(problem, house, same)).toBeUndefined();
  });

  it("gives no wild explanation", () => {
    const problem = problemOf("4521.7 + 386.94");
    for (const written of ["1207.33", "9999.9", "3", "88888.12"]) {
      const given = valueOfResult(readLearnerAnswer(written, problem, house), `${written} can't be read`);
      expect(markedAnswer(waysOf(problem, house), given, house)).toEqual({
        verdict: { kind: "wrong" },
        explanations: [],
      });
    }
  });

  it("prefers what a learner has shown before, of patterns that one answer can't tell apart", () => {
    const problem = problemOf("8 − 3.45");
    const astray = ledAstray([pattern("sub-tail-brought-down")], problem, house);
    if (astray === undefined) throw new Error("the pattern leads nowhere");
    const [usual] = explanationsOf(astray.ways, astray.answer);
    expect(usual?.patterns).not.toEqual(["sub-tail-brought-down"]);
    const history = new Map([
      ["sub-tail-brought-down", { shown: 6, chances: 7 }],
      ["sub-column-gap", { shown: 0, chances: 9 }],
      ["sub-zero-top-copied", { shown: 0, chances: 9 }],
    ] as const);
    expect(explanationsOf(astray.ways, astray.answer, history)[0]?.patterns).toEqual([
      "sub-tail-brought-down",
    ]);
  });

  it("has a problem that separates look-alikes that can be separated", () => {
    const problem = problemOf("8 − 3.45");
    const pairs = [
      ["sub-tail-brought-down", "sub-column-gap"],
      ["sub-zero-top-copied", "sub-two-halves"],
    ] as const;
    for (const [one, other] of pairs) {
      const separating = separatingProblem(problem, house, [one], [other]);
      if (separating === undefined) throw new Error(`nothing separates ${one} from ${other}`);
      const { problem: set, answers } = separating;
      expect(sameAnswer(set, ...answers), `${one} and ${other}`).toBe(false);
      // What each is said to answer is what it leads to; where it does not show, that is the right answer.
      [one, other].forEach((id, nth) => {
        const led = wrongWorking(set, house, patternsNamed([id]) ?? [])?.answer ?? waysOf(set, house).right;
        const told = answers[nth];
        expect(told && sameAnswer(set, led, told), id).toBe(true);
      });
    }
  });

  it("tells a pattern from a slip by a problem on which the pattern shows again", () => {
    const separating = separatingProblem(
      problemOf("586 − 382"),
      house,
      ["slip-digit-miscopied"],
      ["sub-equal-copied"],
    );
    if (separating === undefined) throw new Error("nothing separates the two");
    const { problem: set, answers } = separating;
    expect(sameAnswer(set, waysOf(set, house).right, answers[0])).toBe(true);
    expect(sameAnswer(set, waysOf(set, house).right, answers[1])).toBe(false);
  });
});

describe("an estimate", () => {
  it.each([
    ["12 × 0.3", "40", true],
    ["12 × 0.3", "4", false],
    ["0.3 × 12", "15", true],
    ["6 ÷ 0.5", "3", true],
    ["6 ÷ 0.5", "12", false],
    ["12 × 3", "4", undefined],
    ["12 + 0.3", "40", undefined],
    ["0.2 × 0.3", "1", undefined],
  ])("of %s as %s shows the belief that times always grows: %s", (line, guess, shown) => {
    const read = readLearnerAnswer(guess, problemOf("1 + 1"), house);
    if (!read.ok || read.value.answer.kind !== "decimal") throw new Error(`${guess} is no number`);
    expect(estimateJudged(problemOf(line), read.value.answer)?.shown).toBe(shown);
  });
});

describe("learners made from patterns", () => {
  const chance = evenChances(42);

  it("with one pattern and some noise are told by their sheets", () => {
    let [named, sheets] = [0, 0];
    for (const one of WRITTEN) {
      const chosen = firstLedAstray([one], problemsOf(skillOf(one), 160, 3), house, 10);
      if (chosen.length < 10) continue;
      const answers = noisySheet(chosen, 0.15, chance);
      sheets += 1;
      const [best] = sheetExplanations(answers);
      if (chosen.every((each) => names(best?.patterns, one, each, house))) named += 1;
      const shown = showingsOn(answers).find(({ pattern: id }) => id === one.id);
      expect(shown?.chances).toBe(10);
      expect(shown?.shown).toBeGreaterThanOrEqual(5);
      expect(shown?.steady).toBe((shown?.shown ?? 0) >= 6);
    }
    expect(sheets).toBeGreaterThan(60);
    expect(named / sheets).toBeGreaterThanOrEqual(0.95);
  });

  it("with two patterns are told by their sheets too", () => {
    const two = [pattern("sub-borrow-unpaid"), pattern("sub-right-flush")];
    const answers = problemsOf("subtraction", 60, 9)
      .flatMap((problem) => {
        const working = wrongWorking(problem, house, two);
        return working === undefined ? [] : [{ ways: waysOf(problem, house), given: working.answer }];
      })
      .slice(0, 16);
    const [best] = sheetExplanations(answers);
    expect([...(best?.patterns ?? [])].sort()).toEqual(["sub-borrow-unpaid", "sub-right-flush"]);
    expect(best?.explains).toBe(best?.wrong);
  });

  it("without a pattern are not given one", () => {
    const problems = problemsOf("subtraction", 12, 21);
    const answers = problems.map((problem) => ({
      ways: waysOf(problem, house),
      given: waysOf(problem, house).right,
    }));
    expect(sheetExplanations(answers)).toEqual([]);
    expect(showingsOn(answers)).toEqual([]);
  });
});
