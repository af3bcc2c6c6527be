import { type Likelihood, likelihoodOf } from "@/core/errorPatterns";
import { type HouseChoices, type HouseRules, houseRulesFrom } from "@/core/house";
import { done, failed, type Result } from "@/core/result";
import {
  coveringKinds,
  drawStories,
  drawStory,
  STORY_KINDS,
  type StockList,
  type Story,
  type StoryPatternId,
} from "@/core/stories";
import { storyExplained, storySheetAccounts } from "@/core/storyMarking";
import {
  houseRefusalWords,
  LIKELIHOOD_WORDS,
  NO_STORY,
  STORY_PATTERN_WORDS,
  WORKSHOP,
  wordedStory,
} from "@/core/wording";
import type { Refusal } from "../../refusal";

/** How many stories are set to find out what a learner does with them. */
const STORIES = 8;

/** Stories on which every pattern can show, told; the same ones for the same seed. */
export function storyProbeShown({
  seed,
  house: choices,
  stock,
}: {
  readonly seed: number;
  readonly house: HouseChoices;
  readonly stock: StockList;
}): readonly { readonly kind: string; readonly seed: number; readonly text: string }[] {
  const house = houseRulesFrom(choices);
  if (!house.ok) return [];
  return drawStories(coveringKinds(STORIES), STORIES, stock, house.value, seed).map((story) => {
    return { kind: story.kind, seed: story.seed, text: wordedStory(story, house.value).whole };
  });
}

/** Answers to stories, each by the kind and the seed of its story. */
export interface StoryAccountsRequest {
  readonly answers: readonly {
    readonly kind: string;
    readonly seed: number;
    /** As it stands on a sheet: one that is told otherwise by now is left out. */
    readonly text?: string | undefined;
    readonly said: string;
  }[];
  readonly house?: HouseChoices | undefined;
  readonly stock?: StockList | undefined;
}

/** What each answer is, and what may lie behind them all, the likeliest first. */
export interface StoryAccounts {
  readonly verdicts: readonly ("right" | "form" | "wrong" | "unread")[];
  readonly accounts: readonly {
    readonly pattern: StoryPatternId;
    readonly name: string;
    readonly does: string;
    readonly helps: string;
    readonly probability: number;
    readonly likely: string;
    /** On how many of the stories it showed, of how many on which it could. */
    readonly shown: number;
    readonly of: number;
  }[];
}

/** What answers to several stories show together; a pattern is told only where it showed on most of the stories on which it can. */
export function accountForStories({
  answers,
  house: choices,
  stock = WORKSHOP,
}: StoryAccountsRequest): Result<StoryAccounts, Refusal> {
  const house = houseRulesFrom(choices ?? {});
  if (!house.ok) return failed({ code: house.error.kind, message: houseRefusalWords(house.error) });
  const answered: { readonly story: Story; readonly said: string }[] = [];
  for (const { kind, seed, text, said } of answers) {
    const found = STORY_KINDS.find(({ id }) => id === kind);
    const drawn = found && drawStory(found.id, stock, house.value, seed);
    if (drawn?.ok && (text === undefined || text === wordedStory(drawn.value, house.value).whole))
      answered.push({ story: drawn.value, said });
    else if (text === undefined) return failed({ code: "unknownKind", message: NO_STORY(kind) });
  }
  return done({
    verdicts: answered.map(({ story, said }) => verdictOf(story, said, house.value)),
    accounts: storySheetAccounts(answered, house.value).flatMap(({ pattern, ...account }) => {
      const likelihood: Likelihood = likelihoodOf(account.probability);
      const told = account.shown * 2 > account.of && account.probability >= LEAST;
      if (pattern === "sound" || pattern === "unknown" || !told) return [];
      const likely = LIKELIHOOD_WORDS[likelihood];
      return [{ pattern, ...STORY_PATTERN_WORDS[pattern], ...account, likely }];
    }),
  });
}

/** Below this an account is no better than a guess. */
const LEAST = 0.05;

function verdictOf(story: Story, said: string, house: HouseRules): StoryAccounts["verdicts"][number] {
  const marked = storyExplained(story, said, house);
  return marked.ok ? marked.value.verdict.kind : "unread";
}
