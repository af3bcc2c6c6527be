import type { HouseRules } from "../house";
import { STORY_PATTERN_IDS, type Story, type StoryPatternId, wantedWhole, wrongLines } from "../stories";
import { storyExplained } from "./storyExplained";

/** An answer to a story of a sheet, as it was typed. */
export interface StoryAnswered {
  readonly story: Story;
  readonly said: string;
}

/** How likely each account is after a sheet: a pattern of stories, or none. */
export interface StoryAccount {
  readonly pattern: StoryPatternId | "sound";
  readonly probability: number;
  /** On how many stories it showed, of how many on which it could. */
  readonly shown: number;
  readonly of: number;
}

/** How often an answer is not what its account leads to; how much of that is right where the account is not; and how much looks like another account by chance. */
const CARELESS = 0.12;
const RIGHT_BY_CHANCE = 0.6;
const ALIKE_BY_CHANCE = 0.05;

/** Whether a pattern can show on a story at all. */
export const canShow = (story: Story, pattern: StoryPatternId): boolean =>
  pattern === "remainder-against-sense"
    ? wantedWhole(story) !== undefined
    : wrongLines(story).some((one) => one.pattern === pattern);

/** What may lie behind all the answers of a sheet of stories, likeliest first. */
export function storySheetAccounts(
  answers: readonly StoryAnswered[],
  house: HouseRules,
): readonly StoryAccount[] {
  const marked = answers.flatMap(({ story, said }) => {
    const found = storyExplained(story, said, house);
    if (!found.ok) return [];
    const { verdict, explanations } = found.value;
    const shows = new Set(explanations.flatMap(({ pattern }) => (pattern === undefined ? [] : [pattern])));
    return [{ story, isRight: verdict.kind !== "wrong", shows }];
  });
  const accounts = (["sound", ...STORY_PATTERN_IDS] as const).map((pattern) => {
    const can = pattern === "sound" ? [] : marked.filter(({ story }) => canShow(story, pattern));
    const shown = pattern === "sound" ? 0 : can.filter(({ shows }) => shows.has(pattern)).length;
    const chance = marked.reduce((product, { story, isRight, shows }) => {
      const expected = pattern !== "sound" && canShow(story, pattern);
      if (expected && shows.has(pattern)) return product * (1 - CARELESS);
      if (isRight) return product * (expected ? CARELESS * RIGHT_BY_CHANCE : 1 - CARELESS);
      return product * CARELESS * (shows.size > 0 ? ALIKE_BY_CHANCE : 1 - ALIKE_BY_CHANCE);
    }, 1);
    return { pattern, chance, shown, of: can.length };
  });
  const sum = accounts.reduce((all, { chance }) => all + chance, 0);
  return accounts
    .map(({ chance, ...rest }) => ({ ...rest, probability: sum === 0 ? 0 : chance / sum }))
    .sort((one, other) => other.probability - one.probability);
}
