import "server-only";

import { choicesOf } from "@/core/house";
import { STORY_KINDS, type StoryKindId } from "@/core/stories";
import { compute } from "@/threads/pool";
import { savedHouse } from "../saved";
import { usedStock } from "../stock";

/** The kind and the seed of a story that an address asks for; the first one of the first kind where it does not say. */
function askedStory({ kind: asked, seed: typed = "" }: Readonly<Record<string, string | undefined>>): {
  readonly kind: StoryKindId;
  readonly seed: number;
} {
  return {
    kind: STORY_KINDS.find(({ id }) => id === asked)?.id ?? "total-of-two",
    seed: /^\d{1,9}$/.test(typed) ? Number(typed) : 1,
  };
}

/** The story that an address asks for, told in the tutor's house about the things of their stock list. */
export async function askedTold(parameters: Readonly<Record<string, string | undefined>>) {
  const { kind, seed } = askedStory(parameters);
  const house = savedHouse();
  const shown = await compute("storyShown", { kind, seed, house: choicesOf(house), stock: usedStock() });
  return { kind, seed, house, shown };
}
