import type { StoryKindId } from "../../stories";
import type { KindWords } from "./kinds/kindWords";
import { MEASURE_STORY_WORDS } from "./kinds/measureStoryWords";
import { MISSING_STORY_WORDS } from "./kinds/missingStoryWords";
import { MONEY_STORY_WORDS } from "./kinds/moneyStoryWords";
import { NUMBER_STORY_WORDS } from "./kinds/numberStoryWords";
import { RATE_STORY_WORDS } from "./kinds/rateStoryWords";

/** The made-up people of stories. */
export const PEOPLE = [
  "Nadia",
  "Tom",
  "Iris",
  "Owen",
  "Ragna",
  "Milo",
  "Petra",
  "Yusuf",
  "Lena",
  "Aaron",
] as const;

/** How each kind of story is told. */
export const STORY_WORDS: Readonly<Record<StoryKindId, KindWords>> = {
  ...MONEY_STORY_WORDS,
  ...MEASURE_STORY_WORDS,
  ...RATE_STORY_WORDS,
  ...NUMBER_STORY_WORDS,
  ...MISSING_STORY_WORDS,
};

/** Why no story is told: there is no such kind. */
export const NO_STORY = (id: string): string =>
  `There is no kind of story “${id.slice(0, 60)}”. The list of stories has all of them.`;
