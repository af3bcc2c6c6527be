import { z } from "zod";
import { ID_PATTERN } from "@/core/id";
import { LONGEST_STORY, OWN_FORMS, OWN_LINE } from "@/core/stories";

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
  id: z.string().regex(ID_PATTERN),
  text: z.string().trim().min(1, "Write the story before you keep it.").max(LONGEST_STORY),
  ...ownFormSchema,
  /** The answer as a sentence, with `…` for what comes out; empty where it is the number alone. */
  answer: z.string().max(LONGEST_STORY).default(""),
});

/** The most stories that are kept. */
const MOST_STORIES = 300;

/** What is kept of them. */
export const ownStoriesSchema = z.object({ stories: z.array(storySchema).max(MOST_STORIES) });

/** The stories that a tutor wrote and kept, the newest first. */
export type OwnStories = z.infer<typeof ownStoriesSchema>;

/** What is sent about them: one that is put in its place or added, or one that is taken away. */
export const ownStoryChangeSchema = z.union([
  z.strictObject({ put: storySchema }),
  z.strictObject({ take: z.string().max(40) }),
]);

/** The stories that were kept, whatever else stands under their name. */
export function ownStoriesKept(value: unknown): OwnStories {
  const kept = ownStoriesSchema.safeParse(value);
  return kept.success ? kept.data : { stories: [] };
}

/** The stories after a change. Where there is no more room, a new one is not put. */
export function withOwnStory(
  { stories }: OwnStories,
  change: z.infer<typeof ownStoryChangeSchema>,
): OwnStories {
  if ("take" in change) return { stories: stories.filter(({ id }) => id !== change.take) };
  const { put } = change;
  if (stories.some(({ id }) => id === put.id))
    return { stories: stories.map((one) => (one.id === put.id ? put : one)) };
  return stories.length < MOST_STORIES ? { stories: [put, ...stories] } : { stories };
}

/** What is said where a story was not put. */
export const NO_ROOM_FOR_STORIES = `There is room for ${MOST_STORIES} stories of your own. Take one away first.`;
