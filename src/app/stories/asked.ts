import { STORY_KINDS, type StoryKindId } from "@/core/stories";

/** The kind and the seed of a story that an address asks for; the first one of the first kind where it does not say. */
export function askedStory({ kind: asked, seed: typed = "" }: Readonly<Record<string, string | undefined>>): {
  readonly kind: StoryKindId;
  readonly seed: number;
} {
  return {
    kind: STORY_KINDS.find(({ id }) => id === asked)?.id ?? "total-of-two",
    seed: /^\d{1,9}$/.test(typed) ? Number(typed) : 1,
  };
}
