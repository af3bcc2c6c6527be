import { describe, expect, it } from "vitest";
import { PRESETS } from "@/core/house";
import { drawStory, STORY_KINDS } from "@/core/stories";
import { valueOfResult } from "@/core/testing/valueOfResult";
import { WORKSHOP } from "@/core/wording";
import { storyPicture } from "./storyPicture";

const house = PRESETS.fillersTrueValue;

describe("the picture of a story", () => {
  it("is to scale: bars that make up one another are equally long, and something is asked", () => {
    for (const { id } of STORY_KINDS)
      for (let seed = 1; seed <= 20; seed++) {
        const drawn = valueOfResult(drawStory(id, WORKSHOP, house, seed), `${id} has no story`);
        const picture = storyPicture(drawn);
        if (picture.kind === "line") {
          expect(Number.isFinite(picture.to) && picture.from !== picture.to).toBe(true);
          continue;
        }
        const parts = picture.rows.flat();
        for (const { size } of parts) expect([id, size > 0]).toEqual([id, true]);
        const [first, second] = picture.rows.map((row) => row.reduce((sum, { size }) => sum + size, 0));
        // Money that is enough or not, and prices by the hour, are compared with something else.
        if (/^(?:enough|labour|cable-by|oil-by|grease-by|pace)/.test(id)) continue;
        expect([id, Math.abs((first ?? 0) - (second ?? 1)) < 1e-6]).toEqual([id, true]);
        expect([id, parts.some(({ asked }) => asked)]).toEqual([id, true]);
      }
  });
});
