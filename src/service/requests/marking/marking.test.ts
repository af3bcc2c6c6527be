import { describe, expect, it } from "vitest";
import type { PatternId, Showings } from "@/core/errorPatterns";
import { choicesOf, PRESETS } from "@/core/house";
import { writeAnswer } from "@/core/problem";
import { valueOfResult } from "@/core/testing/valueOfResult";
import { patternWords, STORY_PATTERN_WORDS, WORKSHOP } from "@/core/wording";
import { storiesRequested, workRequested } from "@/service/requests";
import { markHandedIn } from "./handIn";
import { chancesOf, markAnswers, rightAnswers, summarise } from "./marking";

const house = choicesOf(PRESETS.fillersTrueValue);
const histories = new Map();

/** One answer of Iris, marked. */
const marked = (problem: string, given: string) => {
  const [mark] = markAnswers({ house, answers: [{ problem, given, learner: "iris" }], histories });
  if (mark === undefined) throw new Error("an answer is marked");
  return mark;
};

describe("an answer on a sheet", () => {
  it.each([
    ["12.5 × 0.4", "5", "right"],
    ["12.5 × 0.4", " 5.0 ", "right"],
    ["12.5 × 0.4", "= 5", "right"],
    ["3/4 + 1/4", "1", "right"],
    ["3 × $1.98", "$5.94", "right"],
    ["3 × $1.98", "5.94", "right"],
    ["53.2 − 17.8", "44.6", "wrong"],
    ["30 ÷ 7 with remainder", "4 r 2", "right"],
  ])("of %s, %s, is %s", (problem, given, verdict) => {
    const mark = marked(problem, given);
    if (verdict === "right") expect(["right", "form"]).toContain(mark.verdict);
    else expect(mark.verdict).toBe(verdict);
    expect(mark.error).toBe("");
  });

  it("that can't be read says so, and has no verdict on it", () => {
    for (const given of ["blue", "5 6", "12..5", "−"]) {
      const mark = marked("12.5 × 0.4", given);
      expect(mark.verdict, given).toBe("unread");
      expect(mark.error, given).toMatch(/^[A-Z“].*\.$/);
      expect(mark.patterns).toEqual([]);
    }
  });

  it("to a problem that does not read says what is wrong with the problem", () => {
    const mark = marked("12.5 × ", "5");
    expect(mark.verdict).toBe("unread");
    expect(mark.error).toMatch(/\.$/);
  });

  it("that is wrong is explained by name, the likeliest first, and says what else could have shown", () => {
    const mark = marked("53.2 − 17.8", "44.6");
    expect(mark.explanations[0]).toMatchObject({
      patterns: ["sub-column-gap"],
      names: [patternWords("sub-column-gap").name],
    });
    expect(mark.patterns).toEqual(["sub-column-gap"]);
    expect(mark.shown).toContain("sub-column-gap");
    expect(mark.chances.length).toBeGreaterThan(mark.shown.length);
    expect(mark.probability).toBe(mark.explanations[0]?.probability);
  });

  it("shows no pattern where it is right, though it could have", () => {
    const mark = marked("53.2 − 17.8", "35.4");
    expect(mark.verdict).toBe("right");
    expect(mark.shown).toEqual([]);
    expect(mark.chances).toContain("sub-column-gap");
    expect(JSON.parse(chancesOf("53.2 − 17.8", JSON.stringify(house)))).toEqual(mark.chances);
  });

  it("is explained by what its learner has shown before, where the answer can't tell", () => {
    const both = markAnswers({
      house,
      answers: [
        { problem: "0.52 + 3", given: "0.55", learner: "iris" },
        { problem: "0.52 + 3", given: "0.55", learner: "tomas" },
      ],
      histories: new Map([
        ["iris", new Map<PatternId, Showings>([["add-whole-on-end", { shown: 6, chances: 6 }]])],
        ["tomas", new Map<PatternId, Showings>([["add-right-flush", { shown: 6, chances: 6 }]])],
      ]),
    });
    expect(both.map(({ patterns }) => patterns)).toEqual([["add-whole-on-end"], ["add-right-flush"]]);
  });
});

describe("a whole sheet", () => {
  it("has its right answers as the house writes them, and none where a problem does not read", () => {
    const comma = choicesOf({ ...PRESETS.fillersTrueValue, decimalMark: "comma" });
    expect(rightAnswers({ house, problems: ["12.5 × 0.4", "5 −", "1 ÷ 4"] })).toEqual(["5", "", "0.25"]);
    expect(rightAnswers({ house: comma, problems: ["12,5 × 0,5"] })).toEqual(["6,25"]);
  });

  it("chances of a task that makes no sense are none, and never throw", () => {
    for (const [problem, rules] of [
      ["12.5 ×", JSON.stringify(house)],
      ["1 + 1", "{"],
      ["1 + 1", JSON.stringify({ preset: "nobody's" })],
    ] as const)
      expect(chancesOf(problem, rules)).toBe("[]");
  });

  it("of one learner is told by one cause, where five answers have one", () => {
    const answers = [
      ["53.2 − 17.8", "44.6"],
      ["6.24 − 3.58", "3.34"],
      ["705 − 231", "534"],
      ["82 − 47", "45"],
      ["9.1 − 4.6", "5.5"],
    ].map(([problem = "", given = ""]) => ({ problem, given, verdict: "wrong" }));
    const summary = summarise({ house, answers, stories: [], stock: WORKSHOP });
    expect(summary.account).toMatchObject({ patterns: ["sub-column-gap"], explains: 5 });
    expect(summary.showings[0]).toMatchObject({ pattern: "sub-column-gap", shown: 5, steady: true });
    expect([summary.right, summary.form, summary.wrong]).toEqual([0, 0, 5]);
  });
});

describe("an answer to a story whose quotient is rounded", () => {
  const judged = (given: string, whole: string) => {
    const [mark] = markAnswers({
      house,
      answers: [{ problem: "41 ÷ 5 with remainder", given, learner: "iris", whole }],
      histories,
    });
    return [mark?.verdict, mark?.patterns];
  };

  it("is the whole number that its sense asks for, alone or in a sentence, and not what the line comes to", () => {
    for (const given of ["9", "9 boxes", "8 boxes are full, so 9 are needed.", " 9 "])
      expect([given, judged(given, "9")]).toEqual([given, ["right", []]]);
    for (const given of ["8", "8 r 1", "8.2", "8 boxes and 1 is left"])
      expect([given, judged(given, "9")]).toEqual([given, ["wrong", []]]);
    for (const given of ["8", "8 full boxes", "8 boxes, and 1 bell is left"])
      expect([given, judged(given, "8")]).toEqual([given, ["right", []]]);
    expect(judged("9", "8")).toEqual(["wrong", []]);
    expect(judged("none", "8")[0]).toBe("unread");
  });

  it("is explained by its columns where the quotient itself is wrong", () => {
    expect(judged("5", "9")[0]).toBe("wrong");
  });
});

describe("a sheet with stories", () => {
  const told = ["how-much-dearer", "how-much-heavier", "still-missing"].flatMap((kind) => {
    const stories = storiesRequested({ kind, count: 1, seed: 3, house });
    return stories.ok ? stories.value : [];
  });
  /** What is answered where everything is added that should be taken away. */
  const added = told.map(({ kind: id, seed, text, chain }) => {
    const kind: string = id;
    const sum = workRequested({ problem: chain.replace("−", "+"), house });
    return { kind, seed, text, chain, said: sum.ok ? writeAnswer(sum.value.answer, sum.value.house) : "" };
  });
  const summary = (stories: readonly (typeof added)[number][]) =>
    summarise({
      house,
      answers: stories.map(({ chain, said }) => ({ problem: chain, given: said, verdict: "wrong" })),
      stories,
      stock: WORKSHOP,
    });

  it("says what was done with its stories, and on how many", () => {
    expect(told.length).toBe(3);
    expect(summary(added).stories[0]).toMatchObject({
      name: STORY_PATTERN_WORDS["word-for-operation"].name,
      shown: 3,
      of: 3,
    });
  });

  it("looks for nothing in the columns of a quotient that is rounded by sense", () => {
    const answers = [{ problem: "105 ÷ 10 with remainder", given: "10", verdict: "wrong" }];
    const told = (whole: string | undefined) =>
      summarise({ house, answers: answers.map((one) => ({ ...one, whole })), stories: [], stock: WORKSHOP });
    expect(told(undefined).showings.length).toBeGreaterThan(0);
    expect([told("11").showings, told("11").account, told("11").wrong]).toEqual([[], undefined, 1]);
  });

  it("leaves stories out that are told otherwise by now, and those of no kind", () => {
    const other = added.map((one, nth) => ({
      ...one,
      text: "Another one.",
      kind: nth === 0 ? "none" : one.kind,
    }));
    expect(summary(other).stories).toEqual([]);
  });
});

describe("work handed in", () => {
  const sent = {
    problem: "403 − 127",
    house,
    answer: "376",
    marks: [],
    hints: 2,
    estimate: "300",
    seconds: 95,
  };

  it("is told and kept alike, with the address that replays its pattern", () => {
    const done = valueOfResult(markHandedIn({ sent, history: new Map() }), "it was refused");
    const { told, work } = done;
    expect(told.verdict).toBe("wrong");
    expect(told.right).toBe("276");
    expect(told.explanations[0]?.replay).toMatch(/patterns=sub-zero-to-nine-stop.*given=376/);
    expect(work).toMatchObject({
      problem: "403 − 127",
      given: "376",
      hints: 2,
      seconds: 95,
      estimate: "300",
    });
    expect(work.mark.patterns).toEqual(["sub-zero-to-nine-stop"]);
    expect(JSON.parse(work.marks)).toEqual([]);
  });

  it("keeps only marks that are marks, whatever a browser sends", () => {
    const glyph = { kind: "glyph", col: 1, row: 2, text: "7", look: "written" };
    const done = markHandedIn({
      sent: { ...sent, marks: [glyph, { kind: "glyph", col: "left" }, "7", null, { kind: "bomb" }] },
      history: new Map(),
    });
    expect(done.ok && JSON.parse(done.value.work.marks)).toEqual([glyph]);
  });

  it.each([
    [{ ...sent, house: { preset: "nobody's" } }, "unknownPreset"],
    [{ ...sent, problem: "403 −" }, ""],
    [{ ...sent, answer: "blue" }, "given."],
  ])("that can't be read is refused with a sentence", (bad, code) => {
    const done = markHandedIn({ sent: bad, history: new Map() });
    expect(done.ok).toBe(false);
    if (done.ok) return;
    expect(done.error.code.startsWith(code)).toBe(true);
    expect(done.error.message).toMatch(/^[A-Z“].*[.?]$/);
  });
});
