import { describe, expect, it } from "vitest";
import { choicesOf, houseRulesFrom, PRESETS } from "@/core/house";
import { type OwnFormId, STORY_KINDS } from "@/core/stories";
import { valueOfResult } from "@/core/testing/valueOfResult";
import { WORKSHOP } from "@/core/wording";
import { workOwnStory } from "./ownStory";
import { storyShown } from "./stories";

const house = choicesOf(PRESETS.fillersTrueValue);

function shown(text: string, form: OwnFormId, left: readonly string[] = [], choices = house, turned = false) {
  return valueOfResult(workOwnStory({ text, form, left, turned, house: choices }), "it was refused");
}

describe("a story of a tutor's own", () => {
  it("is worked by its numbers as they stand in the text, whatever words are between", () => {
    const text = "Owen has 2 h 35 min. The first job takes 1 h 50 min! How long is left?";
    expect(shown(text, "part").worked).toMatchObject({
      line: "2 h 35 min − 1 h 50 min",
      answer: "45 min",
    });
    expect(shown("A drum of 3/4 and one of 1/8, what together?", "whole").worked?.answer).toBe("7/8");
    expect(
      shown("Petra, 12 years old, buys 3 bells at $7.25 each.", "altogether", ["12"]).worked,
    ).toMatchObject({
      line: "3 × $7.25",
      answer: "$21.75",
    });
    const euro = valueOfResult(houseRulesFrom({ decimalMark: "comma", currency: "EUR" }), "no house");
    expect(shown("Ein 3,5 und 2,25.", "whole", [], choicesOf(euro)).worked?.answer).toBe("5,75");
  });

  it("changes with the text, and says where it no longer fits", () => {
    expect(shown("One of 350 g and one of 1.2 kg.", "whole").worked?.answer).toBe("1 kg 550 g");
    expect(shown("One of 350 g.", "whole")).toMatchObject({
      worked: null,
      message: expect.stringMatching(/two numbers at least/),
    });
    expect(shown("One of 350 g and one of $2.", "whole").message).toMatch(/can’t be worked/);
    expect(shown("Nothing.", "whole")).toMatchObject({
      worked: null,
      message: expect.stringMatching(/two numbers at least/),
    });
    expect(shown(`${"9 ".repeat(990)}x`, "whole").worked).not.toBeNull();
  });

  it("begins from a drawn story with the very line that works it", () => {
    const begins = STORY_KINDS.filter(({ id }) => {
      const story = storyShown({ kind: id, seed: 3, house, stock: WORKSHOP });
      if (story === undefined || story.own === null) return false;
      const text = `${story.stretches.map((one) => one.text).join("")} ${story.question}`;
      const { left, turned, form } = story.own;
      expect([id, shown(text, form, left, house, turned).worked?.line]).toEqual([id, story.chain]);
      return true;
    });
    expect(begins.length).toBeGreaterThan(15);
  });
});
