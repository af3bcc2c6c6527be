import type { StoryKind } from "./kind";
import { MEASURE_KINDS } from "./measureKinds";
import { MISSING_KINDS } from "./missingKinds";
import { MONEY_KINDS } from "./moneyKinds";
import { NUMBER_KINDS } from "./numberKinds";
import { RATE_KINDS } from "./rateKinds";

const KINDS = [...MONEY_KINDS, ...MEASURE_KINDS, ...RATE_KINDS, ...NUMBER_KINDS, ...MISSING_KINDS] as const;

export type StoryKindId = (typeof KINDS)[number]["id"];

/** Every kind of story, in the order in which they are learned. */
export const STORY_KINDS: readonly StoryKind<StoryKindId>[] = KINDS;

/** The kinds that stand on sheets: those that a number answers. */
export const KINDS_ON_SHEETS = STORY_KINDS.filter(({ missing }) => missing === undefined);
