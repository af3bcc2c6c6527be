import { z } from "zod";
import { done } from "@/core/result";
import { LONGEST_STORY, OWN_FORMS, OWN_LINE } from "@/core/stories";
import { ownThing } from "./ownThing";

/** The most numbers of a text that are left out, and the longest of them; the longest line in letters. */
const MOST_LEFT = 40;
const LONGEST_LEFT = 60;
const LONGEST_LETTERS = 120;

/** What is chosen for a story of the tutor's own. */
export const ownFormSchema = {
  form: z.enum([...OWN_FORMS.map(({ id }) => id), OWN_LINE]),
  line: z.string().max(LONGEST_LETTERS).default(""),
  left: z.array(z.string().max(LONGEST_LEFT)).max(MOST_LEFT).default([]),
  turned: z.boolean().default(false),
};

const storySchema = z.object({
  text: z.string().trim().min(1, "Write the story before you keep it.").max(LONGEST_STORY),
  ...ownFormSchema,
  /** The answer as a sentence, with `…` for what comes out; empty where it is the number alone. */
  answer: z.string().max(LONGEST_STORY).default(""),
});

type StoryState = z.infer<typeof storySchema>;

/** A story that a tutor wrote. */
export interface OwnStory extends Omit<StoryState, "left"> {
  readonly left: readonly string[];
}

export const keptStory = ownThing("story", {
  called: "story",
  most: 300,
  state: storySchema,
  check: (story) => done<OwnStory>(story),
  stateOf: (story: OwnStory): StoryState => ({ ...story, left: [...story.left] }),
});
