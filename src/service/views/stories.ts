import { z } from "zod";
import { STORY_PATTERN_IDS } from "@/core/stories";
import { keptStory } from "../kept/ownStory";
import type { OwnStoryShown } from "../requests/stories/ownStory";
import type { StoryAccounts } from "../requests/stories/storyAccounts";
import type { BarPart, StoryPicture } from "../requests/stories/storyPicture";
import type { StoryWorkMarked } from "../requests/stories/storyWork";

/* What the server answers about stories. */

const bar = z.object({
  size: z.number(),
  label: z.string(),
  asked: z.boolean(),
}) satisfies z.ZodType<BarPart>;

const picture = z.discriminatedUnion("kind", [
  z.object({
    kind: z.literal("bars"),
    rows: z.array(z.array(bar)),
    braces: z.array(z.object({ row: z.number(), from: z.number(), to: z.number(), label: z.string() })),
    comes: z.string(),
  }),
  z.object({
    kind: z.literal("line"),
    from: z.number(),
    to: z.number(),
    ends: z.tuple([z.string(), z.string()]),
    by: z.string(),
    comes: z.string(),
    withZero: z.boolean(),
  }),
]) satisfies z.ZodType<StoryPicture>;

/** What came of a text of the tutor's own. */
export const ownStoryShown = z.object({
  numbers: z.array(z.object({ text: z.string(), at: z.number() })),
  worked: z
    .object({
      line: z.string(),
      answer: z.string(),
      picture: picture.nullable(),
      operations: z.array(z.object({ line: z.string(), comes: z.string() })),
    })
    .nullable(),
  message: z.string(),
}) satisfies z.ZodType<OwnStoryShown>;

const workMarked = z.object({
  stages: z.array(
    z.object({
      stage: z.enum(["givens", "structure", "line", "answer", "sentence"]),
      right: z.boolean(),
      words: z.string(),
    }),
  ),
  behind: z.array(
    z.object({
      pattern: z.enum(STORY_PATTERN_IDS).nullable(),
      names: z.array(z.string()),
      helps: z.string().nullable(),
      problem: z.string(),
    }),
  ),
}) satisfies z.ZodType<StoryWorkMarked>;

/** Work on a story, marked; and whether it is in the learner's record. */
export const storyWorkMarked = workMarked.extend({ kept: z.boolean() });

/** What answers to several stories show. */
export const storyAccounts = z.object({
  verdicts: z.array(z.enum(["right", "form", "wrong", "unread"])),
  accounts: z.array(
    z.object({
      pattern: z.enum(STORY_PATTERN_IDS),
      name: z.string(),
      does: z.string(),
      helps: z.string(),
      probability: z.number(),
      likely: z.string(),
      shown: z.number(),
      of: z.number(),
    }),
  ),
}) satisfies z.ZodType<StoryAccounts>;

/** The tutor's own stories. */
export const ownStoriesView = z.object({
  stories: z.array(keptStory.state.and(z.object({ id: z.string() }))),
});
