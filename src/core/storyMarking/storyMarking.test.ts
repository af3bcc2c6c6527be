import { describe, expect, it } from "vitest";
import { PRESETS } from "../house";
import { answerOf } from "../methods";
import { writeAnswer, writeProblem } from "../problem";
import {
  coveringKinds,
  drawStories,
  drawStory,
  STORY_KINDS,
  STORY_PATTERN_IDS,
  STRUCTURES,
  type Story,
  type StoryPatternId,
  wantedWhole,
  wrongLines,
} from "../stories";
import { evenChances } from "../testing/learners";
import { runsOf } from "../testing/runs";
import { valueOfResult } from "../testing/valueOfResult";
import { WORKSHOP, wordedStory } from "../wording";
import { canShow, markedStory, storyExplained, storySheetAccounts } from ".";

const house = PRESETS.fillersTrueValue;

const story = (kind: (typeof STORY_KINDS)[number]["id"], seed = 1): Story => {
  return valueOfResult(drawStory(kind, WORKSHOP, house, seed), `${kind} has no story`);
};

/** What a learner with a pattern says: the answer alone. */
function answering(one: Story, pattern: StoryPatternId | "sound"): string {
  if (one.missing !== undefined && pattern === "sound") return wordedStory(one, house).answer;
  const [wrong] = wrongLines(one).filter((found) => found.pattern === pattern);
  if (wrong !== undefined) return writeAnswer(answerOf(wrong.problem, house), house);
  const whole = wantedWhole(one);
  const { answer } = one.working;
  if (whole !== undefined && answer.kind === "remainder") {
    const quotient = BigInt(answer.quotient.whole);
    return String(pattern === "remainder-against-sense" ? quotient + (whole > quotient ? 0n : 1n) : whole);
  }
  return writeAnswer(answer, house);
}

describe("an answer to a story", () => {
  it("is right as it is worked, typed alone or in the sentence that is told", () => {
    for (const { id } of STORY_KINDS)
      for (let seed = 1; seed <= runsOf("storyAnswers"); seed++) {
        const one = story(id, seed);
        const ways = [answering(one, "sound"), wordedStory(one, house).answer];
        for (const said of ways) {
          const marked = storyExplained(one, said, house);
          expect([id, said, marked.ok ? marked.value.verdict.kind : marked.error]).toEqual([
            id,
            said,
            "right",
          ]);
        }
      }
  });

  it("is accounted for by what was done with the story, where that leads to it and the right way does not", () => {
    for (const { id } of STORY_KINDS)
      for (const pattern of STORY_PATTERN_IDS) {
        const one = story(id, 5);
        if (!canShow(one, pattern) || answering(one, pattern) === answering(one, "sound")) continue;
        const marked = storyExplained(one, answering(one, pattern), house);
        const found = marked.ok ? marked.value.explanations.map((account) => account.pattern) : [];
        expect([id, pattern, answering(one, pattern), found.includes(pattern)]).toEqual([
          id,
          pattern,
          answering(one, pattern),
          true,
        ]);
      }
  });

  it("tells the story from the columns, and finds both at once", () => {
    const several = story("several-and-one-more", 2);
    const right = several.working;
    const off = writeAnswer(right.answer, house).replace(/\d(?=\.)/, (digit) =>
      String((Number(digit) + 1) % 10),
    );
    const marked = storyExplained(several, off, house);
    expect(marked.ok && marked.value.explanations.every(({ pattern }) => pattern === undefined)).toBe(true);
    expect(marked.ok && marked.value.explanations.length).toBeGreaterThan(0);
  });

  it("names what simulated learners do with stories within a sheet of eight, one answer in ten careless", () => {
    const chance = evenChances(11);
    const LEARNERS = 12;
    const kinds = coveringKinds(8);
    let [named, all] = [0, 0];
    for (const pattern of STORY_PATTERN_IDS)
      for (let learner = 0; learner < LEARNERS; learner++) {
        const stories = drawStories(kinds, 8, WORKSHOP, house, 1000 * learner + 17);
        const answers = stories.map((one) => {
          const careless = chance() < 0.1;
          return { story: one, said: answering(one, careless ? "sound" : pattern) };
        });
        const [first] = storySheetAccounts(answers, house);
        all += 1;
        if (first?.pattern === pattern) named += 1;
      }
    expect([named / all >= 0.85, named, all]).toEqual([true, named, all]);
  });
});

describe("a learner's work on a story", () => {
  it("is marked stage by stage: all right where it is", () => {
    for (const { id } of STORY_KINDS) {
      const one = story(id, 3);
      const marked = markedStory(
        one,
        {
          tapped: one.givens.filter(({ needed }) => needed).map(({ name }) => name),
          structure: one.structure,
          line: writeProblem(one.working.problem, house),
          answer: answering(one, "sound"),
        },
        house,
      );
      expect(marked).toMatchObject({
        givens: { missed: [], needless: [] },
        structure: true,
        line: { kind: one.missing === undefined ? "right" : "tooEarly" },
        answer: { kind: "marked", verdict: { kind: "right" } },
      });
    }
  });

  it("of a story with a number missing is right where that is named, however it is put, and never where a number is given", () => {
    const answered = (kind: (typeof STORY_KINDS)[number]["id"], said: string) => {
      const marked = storyExplained(story(kind, 3), said, house);
      return marked.ok ? marked.value.verdict.kind : "unread";
    };
    const box = "box-that-was-not-weighed";
    for (const said of [
      "What the empty box weighs",
      "we don't know how heavy the box is",
      "The weight of the BOX is missing!",
      "you can't, the box isn't weighed",
    ])
      expect([said, answered(box, said)]).toEqual([said, "right"]);
    for (const said of ["what the full box weighs", "no idea", "", "one number"])
      expect([said, answered(box, said)]).toEqual([said, "unread"]);
    for (const said of ["605 g", "The box weighs 80 g", "0"])
      expect([said, answered(box, said)]).toEqual([said, "wrong"]);
    const total = story("total-with-a-price-missing", 3);
    const [x, y] = total.things.map(({ one }) => one);
    for (const said of [`the price of the ${y}`, `It doesn’t say what the ${y} costs.`])
      expect(answered("total-with-a-price-missing", said)).toBe("right");
    expect(answered("total-with-a-price-missing", `what the ${x} costs`)).toBe("unread");
    expect(answered("change-from-a-note-that-is-not-named", "how big the note was")).toBe("right");
  });

  it("keeps apart what was chosen and what was worked: a wrong line worked rightly, a right one worked wrongly", () => {
    const one = story("how-much-dearer", 4);
    const [wrong] = wrongLines(one);
    if (wrong === undefined) throw new Error("no wrong line");
    const chosen = markedStory(
      one,
      {
        tapped: ["a"],
        structure: STRUCTURES[0],
        line: writeProblem(wrong.problem, house),
        answer: answering(one, wrong.pattern),
      },
      house,
    );
    expect(chosen).toMatchObject({
      givens: { missed: ["b"], needless: [] },
      structure: false,
      line: { kind: "other", pattern: "word-for-operation" },
      answer: { kind: "marked", verdict: { kind: "wrong" }, followsOwnLine: true },
    });
    const worked = markedStory(
      one,
      { tapped: ["a", "b"], line: writeProblem(one.working.problem, house), answer: "$9999" },
      house,
    );
    expect(worked).toMatchObject({
      line: { kind: "right" },
      answer: { kind: "marked", verdict: { kind: "wrong" }, followsOwnLine: false },
    });
    expect(markedStory(one, { tapped: [], line: "5 +", answer: "much" }, house)).toMatchObject({
      line: { kind: "unread" },
      answer: { kind: "unread" },
    });
  });
});
