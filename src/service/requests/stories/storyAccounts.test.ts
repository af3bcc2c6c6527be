import { describe, expect, it } from "vitest";
import { choicesOf, PRESETS } from "@/core/house";
import { answerOf } from "@/core/methods";
import { writeAnswer } from "@/core/problem";
import { drawStory, STORY_KINDS, type StoryPatternId, wantedWhole, wrongLines } from "@/core/stories";
import { valueOfResult } from "@/core/testing/valueOfResult";
import { WORKSHOP } from "@/core/wording";
import { accountForStories, storyProbeShown } from "./storyAccounts";

const rules = PRESETS.fillersTrueValue;
const house = choicesOf(rules);

/** What a learner says to each story of a probe: rightly, or by a pattern where it can show. */
const answers = (seed: number, pattern?: StoryPatternId) =>
  storyProbeShown({ seed, house, stock: WORKSHOP }).map(({ kind, seed: own }) => {
    const found = STORY_KINDS.find(({ id }) => id === kind);
    const drawn = valueOfResult(
      found && drawStory(found.id, WORKSHOP, rules, own),
      `${kind} is not told again`,
    );
    const wrong = wrongLines(drawn).find((one) => one.pattern === pattern);
    const whole = wantedWhole(drawn);
    const right = whole === undefined ? writeAnswer(drawn.working.answer, rules) : String(whole);
    return { kind, seed: own, said: wrong ? writeAnswer(answerOf(wrong.problem, rules), rules) : right };
  });

const shown = (given: ReturnType<typeof answers>) => {
  return valueOfResult(accountForStories({ answers: given, house }), "it was refused");
};

describe("eight stories", () => {
  it("are eight different ones, the same for the same seed, and show nothing where all is right", () => {
    const stories = storyProbeShown({ seed: 4, house, stock: WORKSHOP });
    expect(new Set(stories.map(({ text }) => text)).size).toBe(8);
    expect(storyProbeShown({ seed: 4, house, stock: WORKSHOP })).toEqual(stories);
    const { verdicts, accounts } = shown(answers(4));
    expect(accounts).toEqual([]);
    expect(verdicts.every((one) => one === "right")).toBe(true);
  });

  it("name what was done to them, and say on how many it showed", () => {
    for (const pattern of ["unit-not-changed", "all-numbers-used", "first-step-as-answer"] as const) {
      const [first] = shown(answers(4, pattern)).accounts;
      expect([first?.pattern, first?.shown]).toEqual([pattern, first?.of]);
      expect(first?.of).toBeGreaterThan(0);
    }
  });

  it("leave out what can't be read, and refuse a kind that is none", () => {
    const [first = { kind: "", seed: 0, said: "" }] = answers(4);
    expect(shown([{ ...first, said: "no idea" }])).toEqual({ verdicts: ["unread"], accounts: [] });
    expect(accountForStories({ answers: [{ kind: "nothing", seed: 1, said: "3" }] }).ok).toBe(false);
  });
});
