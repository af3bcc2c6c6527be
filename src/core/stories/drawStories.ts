import type { HouseRules } from "../house";
import { writeProblem } from "../problem";
import { STORY_KINDS, type StoryKindId } from "./kinds";
import { STORY_PATTERN_IDS, type StoryPatternId } from "./kinds/kind";
import type { StockList } from "./stock/stock";
import { drawStory, type Story } from "./story";

/** How many seeds are tried for each story that is wanted, since none comes twice. */
const TRIES_EACH = 20;

const lineOf = ({ working: { problem, house } }: Story): string => writeProblem(problem, house);

/**
 * Stories of some kinds in turn, from a seed on; fewer where the kinds have no more. None comes twice: none with the
 * numbers of another, or whatever else `same` takes for the same.
 */
export function drawStories(
  kinds: readonly StoryKindId[],
  count: number,
  stock: StockList,
  house: HouseRules,
  seed: number,
  same: (story: Story) => string = lineOf,
): readonly Story[] {
  const seen = new Set<string>();
  const stories: Story[] = [];
  for (let nth = 0; nth < count * TRIES_EACH && stories.length < count; nth++) {
    const kind = kinds[nth % Math.max(1, kinds.length)];
    if (kind === undefined) break;
    const drawn = drawStory(kind, stock, house, seed + nth);
    if (!drawn.ok) continue;
    const key = same(drawn.value);
    if (seen.has(key)) continue;
    seen.add(key);
    stories.push(drawn.value);
  }
  return stories;
}

/** The patterns that can show on a kind of story. */
const patternsOn = (kind: StoryKindId): readonly StoryPatternId[] => {
  const found = STORY_KINDS.find(({ id }) => id === kind);
  return STORY_PATTERN_IDS.filter(
    (pattern) =>
      found?.wrong?.[pattern] !== undefined ||
      (pattern === "remainder-against-sense" && found?.rounds !== undefined),
  );
};

/** What a pattern's first showing is worth, its second, and its third: one of them may be answered carelessly. */
const WORTH = [1, 0.7, 0.1] as const;

/** So many kinds on which every pattern can show about equally often: what is set to find out what a learner does with stories. */
export function coveringKinds(count: number): readonly StoryKindId[] {
  const times = new Map<StoryPatternId, number>();
  const chosen: StoryKindId[] = [];
  const worth = (kind: StoryKindId): number =>
    patternsOn(kind).reduce((sum, pattern) => sum + (WORTH[times.get(pattern) ?? 0] ?? 0), 0);
  const left = STORY_KINDS.filter(({ missing }) => missing === undefined).map(({ id }) => id);
  while (chosen.length < count && left.length > 0) {
    const best = left.reduce((most, one) => (worth(one) > worth(most) ? one : most));
    chosen.push(best);
    left.splice(left.indexOf(best), 1);
    for (const pattern of patternsOn(best)) times.set(pattern, (times.get(pattern) ?? 0) + 1);
  }
  return chosen;
}
