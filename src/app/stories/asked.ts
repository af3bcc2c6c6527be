import "server-only";

import { choicesOf } from "@/core/house";
import { STORY_KINDS, type StoryKindId } from "@/core/stories";
import { compute } from "@/threads/pool";
import { savedHouse, usedStock } from "../reading/saved";

type Asked = Readonly<Record<string, string | undefined>>;

/** The seed that an address asks for; the first one where it does not say. */
export const seedOf = ({ seed = "" }: Asked): number => (/^\d{1,9}$/.test(seed) ? Number(seed) : 1);

/** The story that an address asks for, told in the tutor's house about the things of their stock list. */
export async function askedTold(parameters: Asked) {
  const kind: StoryKindId = STORY_KINDS.find(({ id }) => id === parameters.kind)?.id ?? "total-of-two";
  const seed = seedOf(parameters);
  const house = savedHouse();
  const shown = await compute("storyShown", { kind, seed, house: choicesOf(house), stock: usedStock() });
  return { kind, seed, house, shown };
}
