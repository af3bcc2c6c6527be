import { type HouseChoices, houseRulesFrom } from "@/core/house";
import { writeProblem } from "@/core/problem";
import { writeQuantity } from "@/core/quantity";
import { done, failed, type Result } from "@/core/result";
import { drawStory, STORY_KINDS, type StoryKindId } from "@/core/stories";
import {
  houseRefusalWords,
  NO_STORY,
  STORY_WORDS,
  type StoryStretch,
  toldStory,
  WORKSHOP,
} from "@/core/wording";
import { type StoryPicture, storyPicture } from "./storyPicture";
import { type ProgramError, workLine } from "./workJson";

/** What stories are asked for: a kind, how many, and from which seed on. */
export interface StoriesRequest {
  readonly kind: string;
  readonly count: number;
  readonly seed: number;
  readonly house?: HouseChoices | undefined;
}

/** A story as programs get it. */
interface StoryJson {
  readonly kind: StoryKindId;
  readonly structure: string;
  /** What is told, with the question at its end; and the question by itself. */
  readonly text: string;
  readonly question: string;
  readonly givens: readonly { readonly name: string; readonly value: string; readonly needed: boolean }[];
  /** The problem that answers the question, as a line that `work` reads. */
  readonly chain: string;
  /** The answer as a sentence, and what it is worth, as `work --lines` gives it. */
  readonly answer: string;
  readonly value: string;
  readonly unit: string | null;
}

/** How many seeds are tried for each story that is wanted, since none comes twice. */
const TRIES_EACH = 20;

/** Stories of one kind, none twice; fewer where the kind has no more. */
export function storiesRequested({
  kind,
  count,
  seed,
  house: choices,
}: StoriesRequest): Result<readonly StoryJson[], ProgramError> {
  const house = houseRulesFrom(choices ?? {});
  if (!house.ok) return failed({ code: house.error.kind, message: houseRefusalWords(house.error) });
  const found = STORY_KINDS.find(({ id }) => id === kind);
  if (found === undefined) return failed({ code: "unknownKind", message: NO_STORY(kind) });
  const stories = new Map<string, StoryJson>();
  for (let nth = 0; nth < count * TRIES_EACH && stories.size < count; nth++) {
    const drawn = drawStory(found.id, WORKSHOP, house.value, seed + nth);
    if (!drawn.ok) continue;
    const { givens, working, structure } = drawn.value;
    const { text, question, answer } = toldStory(drawn.value, house.value);
    if (stories.has(text)) continue;
    const { value, unit } = workLine(working);
    stories.set(text, {
      kind: found.id,
      structure,
      text: `${text} ${question}`,
      question,
      givens: givens.map(({ name, quantity, needed }) => ({
        name,
        value: writeQuantity(quantity, house.value),
        needed,
      })),
      chain: writeProblem(working.problem, house.value),
      answer,
      value,
      unit,
    });
  }
  return done([...stories.values()]);
}

/** A story as its page shows it: its text in stretches, which of its givens are needed, and why it is worked so. */
export interface ShownStory {
  readonly kind: StoryKindId;
  readonly stretches: readonly StoryStretch[];
  readonly question: string;
  readonly needless: readonly string[];
  readonly why: string;
  readonly picture: StoryPicture;
  readonly chain: string;
  readonly answer: string;
}

/** One story of a kind, as its page shows it. */
export function storyShown({
  kind,
  seed,
  house: choices,
}: {
  readonly kind: StoryKindId;
  readonly seed: number;
  readonly house: HouseChoices;
}): ShownStory | undefined {
  const house = houseRulesFrom(choices);
  const drawn = house.ok ? drawStory(kind, WORKSHOP, house.value, seed) : undefined;
  if (!house.ok || !drawn?.ok) return undefined;
  const { stretches, question, answer } = toldStory(drawn.value, house.value);
  return {
    kind,
    stretches,
    question,
    needless: drawn.value.givens.flatMap(({ name, needed }) => (needed ? [] : [name])),
    why: STORY_WORDS[kind].why,
    picture: storyPicture(drawn.value),
    chain: writeProblem(drawn.value.working.problem, house.value),
    answer,
  };
}

/** Every kind of story: its name, its structure, and how many operations it takes. */
export const storiesListed = () =>
  STORY_KINDS.map(({ id, structure, steps }) => ({ id, name: STORY_WORDS[id].name, structure, steps }));
