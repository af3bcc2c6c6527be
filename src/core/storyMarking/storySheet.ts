import type { HouseRules } from "../house";
import { STORY_PATTERN_IDS, type Story, type StoryPatternId, wantedWhole, wrongLines } from "../stories";
import { ENOUGH, storyExplained } from "./storyExplained";

/** An answer to a story of a sheet, as it was typed. */
export interface StoryAnswered {
  readonly story: Story;
  readonly said: string;
}

/** How likely each account is after a sheet: a pattern of stories, none, or something that is not known here. */
export interface StoryAccount {
  readonly pattern: StoryPatternId | "sound" | "unknown";
  readonly probability: number;
  /** On how many stories it showed, of how many on which it could. */
  readonly shown: number;
  readonly of: number;
}

/** How often an answer is not what its account leads to; how much of that is right where the account is not; and how much looks like another account by chance. */
const CARELESS = 0.12;
const RIGHT_BY_CHANCE = 0.6;
const ALIKE_BY_CHANCE = 0.05;
/** How often something unknown leads to a right answer; a wrong one looks like a pattern by chance only. */
const RIGHT_WHERE_UNKNOWN = 0.35;

interface Marked {
  readonly story: Story;
  readonly isRight: boolean;
  /** The patterns that account for it well enough by themselves. */
  readonly shows: ReadonlySet<StoryPatternId>;
}

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
  const marked = answers.flatMap(({ story, said }): readonly Marked[] => {
    const found = storyExplained(story, said, house);
    if (!found.ok) return [];
    const { verdict, explanations } = found.value;
    const shows = new Set(
      explanations.flatMap(({ pattern, weight }) =>
        pattern === undefined || weight < ENOUGH ? [] : [pattern],
      ),
    );
    return [{ story, isRight: verdict.kind !== "wrong", shows }];
  });
  const each = (chanceOf: (answer: Marked) => number): number =>
    marked.reduce((product, answer) => product * chanceOf(answer), 1);
  /** How likely a wrong answer is that does not follow from the account. */
  const stray = ({ shows }: Marked): number => (shows.size > 0 ? ALIKE_BY_CHANCE : 1 - ALIKE_BY_CHANCE);
  const accounts: readonly (Omit<StoryAccount, "probability"> & { readonly chance: number })[] = [
    ...STORY_PATTERN_IDS.map((pattern) => {
      const can = marked.filter(({ story }) => canShow(story, pattern));
      const chance = each((answer) => {
        const expected = can.includes(answer);
        if (expected && answer.shows.has(pattern)) return 1 - CARELESS;
        if (answer.isRight) return expected ? CARELESS * RIGHT_BY_CHANCE : 1 - CARELESS;
        return CARELESS * stray(answer);
      });
      return { pattern, chance, shown: can.filter(({ shows }) => shows.has(pattern)).length, of: can.length };
    }),
    {
      pattern: "sound",
      chance: each((answer) => (answer.isRight ? 1 - CARELESS : CARELESS * stray(answer))),
      shown: 0,
      of: 0,
    },
    {
      pattern: "unknown",
      chance: each((answer) =>
        answer.isRight ? RIGHT_WHERE_UNKNOWN : (1 - RIGHT_WHERE_UNKNOWN) * stray(answer),
      ),
      shown: 0,
      of: 0,
    },
  ];
  const sum = accounts.reduce((all, { chance }) => all + chance, 0);
  return accounts
    .map(({ chance, ...rest }) => ({ ...rest, probability: sum === 0 ? 0 : chance / sum }))
    .sort((one, other) => other.probability - one.probability);
}
