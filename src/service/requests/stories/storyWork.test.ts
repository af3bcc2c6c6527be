import { describe, expect, it } from "vitest";
import { storiesRequested } from "./stories";
import { markStoryWork, storyRecord } from "./storyWork";

/** A story of a kind: its line, and what its answer is worth. */
function story(kind: string, seed = 3) {
  const told = storiesRequested({ kind, count: 1, seed });
  const one = told.ok ? told.value[0] : undefined;
  if (one === undefined) throw new Error(`${kind} is not told`);
  return one;
}

describe("a learner's answer as it is kept in their record", () => {
  it("is one to the line of its story", () => {
    const { kind, seed, chain } = story("how-much-heavier");
    expect(storyRecord({ kind, seed, answer: "5 g" })).toEqual({ line: chain, bySense: null });
  });

  it("is right by its sense where a quotient is rounded, whatever the line comes to", () => {
    const { kind, seed, chain, answer } = story("boxes-that-are-needed");
    const [full = "", , boxes = ""] = answer.match(/\d+/g) ?? [];
    expect(storyRecord({ kind, seed, answer: `${boxes} boxes` })).toEqual({ line: chain, bySense: "right" });
    for (const wrong of [full, `${full} r 1`, "no idea", ""])
      expect([wrong, storyRecord({ kind, seed, answer: wrong })?.bySense]).toEqual([wrong, "wrong"]);
  });

  it("is none where no number answers the story, or there is no such kind", () => {
    expect(storyRecord({ kind: "box-that-was-not-weighed", seed: 3, answer: "605 g" })).toBeNull();
    expect(storyRecord({ kind: "nothing", seed: 3, answer: "605 g" })).toBeNull();
  });

  it("is marked only while the story is told as it stands on its sheet", () => {
    const { kind, seed, text } = story("how-much-heavier");
    const work = { tapped: [], answer: "5 g" };
    expect(markStoryWork({ kind, seed, text, work }).ok).toBe(true);
    expect(markStoryWork({ kind, seed, text: "Another one.", work }).ok).toBe(false);
  });
});
