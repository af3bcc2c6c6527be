import type { StoryKind } from "./kind";
import { MEASURE_KINDS } from "./measureKinds";
import { MONEY_KINDS } from "./moneyKinds";
import { NUMBER_KINDS } from "./numberKinds";

const KINDS = [...MONEY_KINDS, ...MEASURE_KINDS, ...NUMBER_KINDS] as const;

export type StoryKindId = (typeof KINDS)[number]["id"];

/** Every kind of story, in the order in which they are learned. */
export const STORY_KINDS: readonly StoryKind<StoryKindId>[] = KINDS;
