import { describe, expect, it } from "vitest";
import { type HouseRules, houseRulesFrom, PRESETS } from "../../house";
import { operandsOf, writeAnswer, writeProblem } from "../../problem";
import { writeQuantity } from "../../quantity";
import { drawStory, MEASURES, STORY_KINDS, type Story } from "../../stories";
import { wrongAnswer } from "../../testing/answers";
import { brokenClaims } from "../../testing/claims/brokenClaims";
import { runsOf } from "../../testing/runs";
import { valueOfResult } from "../../testing/valueOfResult";
import { wordedStory } from "./wordedStory";
import { WORKSHOP } from "./workshop";

const euro = houseRulesFrom({ decimalMark: "comma", currency: "EUR" });
const houses: readonly HouseRules[] = [PRESETS.fillersTrueValue, ...(euro.ok ? [euro.value] : [])];
const EACH = runsOf("stories");

const stories = houses.flatMap((house) =>
  STORY_KINDS.flatMap(({ id }) =>
    Array.from({ length: EACH }, (_, seed) => {
      const drawn = valueOfResult(
        drawStory(id, WORKSHOP, house, seed * 31 + 7),
        `${id} has no story for seed ${seed}`,
      );
      return { story: drawn, house, ...wordedStory(drawn, house) };
    }),
  ),
);

/** Numbers as they stand in a text: whole, with a point or comma, or fractions. */
const numbersIn = (text: string): readonly string[] =>
  text.match(/\d{1,6}\/\d{1,6}|\d{1,6}(?:[.,]\d{1,4})?/g) ?? [];

const sorted = (all: readonly string[]): readonly string[] => [...all].sort();

/** Givens that the text names by a word and not by a number. */
const inWords = ({ kind }: Story, name: string): boolean =>
  (kind === "whole-from-a-part" || kind === "half-as-much") && name === "n";

describe("a story that is told", () => {
  it("has every given in its text and nothing else that is a number, and its working uses those that are needed", () => {
    for (const { story, house, text, question } of stories) {
      const written = story.givens
        .filter(({ name }) => !inWords(story, name))
        .flatMap(({ quantity }) => numbersIn(writeQuantity(quantity, house)));
      expect([text, sorted(numbersIn(text))]).toEqual([text, sorted(written)]);
      expect(numbersIn(question)).toEqual([]);
      const needed = story.givens
        .filter((one) => one.needed)
        .flatMap(({ quantity, changed }) => numbersIn(writeQuantity(changed?.quantity ?? quantity, house)));
      // What is missing is worked with all the same, and stands nowhere in the text.
      const missing =
        story.missing === undefined ? [] : numbersIn(writeQuantity(story.missing.quantity, house));
      const worked = operandsOf(story.working.problem).flatMap((one) => numbersIn(writeQuantity(one, house)));
      const line = writeProblem(story.working.problem, house);
      // A number of which a part is taken away stands in the line twice.
      const once = (all: readonly string[]): readonly string[] => sorted([...new Set(all)]);
      expect([line, once(worked)]).toEqual([line, once([...needed, ...missing])]);
    }
  });

  it("answers in a sentence what its working comes to", () => {
    for (const { story, house, answer, others } of stories) {
      if (story.missing !== undefined) {
        expect([answer, numbersIn(answer), others?.length]).toEqual([answer, [], 2]);
        continue;
      }
      // On a clock minutes have two digits.
      const said = numbersIn(answer.replace(/:0?(\d)/g, ":$1"));
      const comes = numbersIn(writeAnswer(story.working.answer, house).replace(" r ", " "));
      // A quotient that is rounded up says the next number besides; several of the same say how many they are.
      for (const one of comes.map((text) => text.replace(/[.,]00$/, "")))
        expect([answer, said.map((text) => text.replace(/[.,]00$/, ""))]).toEqual([
          answer,
          expect.arrayContaining([one]),
        ]);
    }
  });

  it("is written in right sentences: capitals, articles, no word twice, nothing unfilled", () => {
    for (const { text, question, answer } of stories)
      for (const part of [text, question, answer]) {
        expect(part).toMatch(/^[A-Z0-9$€−]/);
        expect(part).toMatch(/[.?]$/);
        expect(part).not.toMatch(/[{}]|undefined|\s\s|\s[.,?]/);
        expect(part).not.toMatch(/\b([a-z]{1,20}) \1\b/i);
        // "an" before an open sound, "a" before all others.
        expect(part).not.toMatch(/\ba [aeio]/i);
        expect(part).not.toMatch(/\ban (?!hour)[^aeiou]/i);
        expect(part).not.toMatch(/(?:^|[^\d.,])1 (?:degrees|wheels|boxes|spokes|hours)\b/);
        for (const sentence of part.split(". ")) expect(sentence).toMatch(/^[A-Z0-9$€−]/);
      }
  });

  it("is worked rightly, judged by arithmetic of its own and by what is claimed on the way", () => {
    for (const { story } of stories.filter((_, nth) => nth % 16 === 0))
      expect([story.kind, wrongAnswer(story.working), ...brokenClaims(story.working)]).toEqual([
        story.kind,
        undefined,
      ]);
  });

  it("keeps to what is plausible of its things", () => {
    for (const { story } of stories)
      for (const { quantity, name } of story.givens) {
        const thing = story.things["abc".indexOf(name)];
        if (quantity.kind !== "amount" || thing?.price === undefined) continue;
        if (!["total-of-two", "total-of-three", "how-much-dearer"].includes(story.kind)) continue;
        const cents = Number(quantity.numeral.whole) * 100 + Number(quantity.numeral.fraction.padEnd(2, "0"));
        expect(cents).toBeGreaterThanOrEqual(thing.price[0]);
        expect(cents).toBeLessThanOrEqual(thing.price[1]);
      }
    // Nothing in a story comes out below nothing but temperatures and heights.
    for (const { story, answer } of stories)
      if (!/^temperature|^height/.test(story.kind)) expect([story.kind, answer]).not.toContain("−");
    expect(stories.length).toBe(houses.length * STORY_KINDS.length * EACH);
  });

  it("has at least two dozen kinds, each with many different stories, the same one for the same seed", () => {
    expect(STORY_KINDS.length).toBeGreaterThanOrEqual(24);
    const [house = PRESETS.fillersTrueValue] = houses;
    for (const { id } of STORY_KINDS) {
      const texts = stories
        .filter((one) => one.story.kind === id && one.house === house)
        .map(({ text }) => text);
      expect([id, new Set(texts).size]).toEqual([id, expect.any(Number)]);
      expect(new Set(texts).size).toBeGreaterThan(EACH / 2);
      expect(drawStory(id, WORKSHOP, house, 5)).toEqual(drawStory(id, WORKSHOP, house, 5));
    }
  });

  it("is about a stock whose things are named once, with ranges that go up", () => {
    const names = WORKSHOP.things.map(({ one }) => one);
    expect(new Set(names).size).toBe(names.length);
    for (const thing of WORKSHOP.things)
      for (const id of MEASURES) {
        const [from = 0, to = 1] = thing[id] ?? [];
        expect([thing.one, id, from < to]).toEqual([thing.one, id, true]);
      }
    // There are things enough for every measure.
    for (const id of MEASURES)
      expect(WORKSHOP.things.filter((thing) => thing[id] !== undefined).length).toBeGreaterThanOrEqual(5);
  });
});
