import { estimateOf } from "@/core/checks";
import { type HouseChoices, type HouseRules, houseRulesFrom } from "@/core/house";
import { writeProblem } from "@/core/problem";
import { writeQuantity } from "@/core/quantity";
import { done, failed, type Result } from "@/core/result";
import {
  drawStories,
  drawStory,
  STORY_KINDS,
  type StockList,
  type Story,
  type StoryKindId,
  type StoryOfRow,
} from "@/core/stories";
import {
  estimateLine,
  houseRefusalWords,
  NO_STORY,
  OTHER_FRAMES,
  STORY_NAMES,
  STORY_WORDS,
  type StoryStretch,
  WORKSHOP,
  type WordedWork,
  wordedStory,
  wordedWork,
} from "@/core/wording";
import type { Refusal } from "../../refusal";
import { workLine } from "../work";
import { type OwnStart, ownStartOf } from "./ownStory";
import { type StoryPicture, storyPicture } from "./storyPicture";

/** What stories are asked for: a kind, how many, and from which seed on. */
export interface StoriesRequest {
  readonly kind: string;
  readonly count: number;
  readonly seed: number;
  readonly house?: HouseChoices | undefined;
  /** The list that the stories are about; the workshop's where none is given. */
  readonly stock?: StockList | undefined;
}

/** A story as programs get it. */
interface StoryJson {
  readonly kind: StoryKindId;
  /** By which it is told again. */
  readonly seed: number;
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
  /** The number that the text does not say though the line has it; none where nothing is missing. */
  readonly missing: string | null;
}

/** Stories of one kind, none twice; fewer where the kind has no more. */
export function storiesRequested({
  kind,
  count,
  seed,
  house: choices,
  stock = WORKSHOP,
}: StoriesRequest): Result<readonly StoryJson[], Refusal> {
  const house = houseRulesFrom(choices ?? {});
  if (!house.ok) return failed({ code: house.error.kind, message: houseRefusalWords(house.error) });
  const found = STORY_KINDS.find(({ id }) => id === kind);
  if (found === undefined) return failed({ code: "unknownKind", message: NO_STORY(kind) });
  const textOf = (story: Story): string => wordedStory(story, house.value).text;
  return done(
    drawStories([found.id], count, stock, house.value, seed, textOf).map((story) =>
      storyJson(story, house.value),
    ),
  );
}

function storyJson(story: Story, house: HouseRules): StoryJson {
  const { kind, seed, structure, givens, missing, working } = story;
  const { whole, question, answer } = wordedStory(story, house);
  const { value, unit } = workLine(working);
  return {
    kind,
    seed,
    structure,
    text: whole,
    question,
    givens: givens.map(({ name, quantity, needed }) => ({
      name,
      value: writeQuantity(quantity, house),
      needed,
    })),
    chain: writeProblem(working.problem, house),
    answer,
    value,
    unit,
    missing: missing === undefined ? null : writeQuantity(missing.quantity, house),
  };
}

/** A story as its page shows it: its text in stretches, which of its givens are needed, and why it is worked so. */
export interface ShownStory {
  readonly kind: StoryKindId;
  readonly stretches: readonly StoryStretch[];
  readonly question: string;
  readonly needless: readonly string[];
  readonly why: string;
  readonly picture: StoryPicture;
  readonly work: WordedWork;
  /** An easy problem near the story's own; none where there is none that helps. */
  readonly estimate: string | null;
  readonly chain: string;
  /** What the text does not say, as it is taken in the line; none where nothing is missing. */
  readonly missing: string | null;
  readonly answer: string;
  /** Its givens as they are typed into a line. */
  readonly givens: readonly { readonly name: string; readonly value: string }[];
  /** Sentences with a gap, one of which answers the question; none where the answer is yes or no. */
  readonly frames: readonly string[];
  /** The sentence that answers the question, with its gap; none where the answer is yes or no. */
  readonly gap: string | null;
  /** How it begins where the tutor changes it; none where it has more than one operation. */
  readonly own: OwnStart | null;
}

/** One story of a kind, as its page shows it. */
export function storyShown({
  kind,
  seed,
  house: choices,
  stock,
}: {
  readonly kind: StoryKindId;
  readonly seed: number;
  readonly house: HouseChoices;
  readonly stock: StockList;
}): ShownStory | undefined {
  const told = toldFor(kind, seed, choices, stock);
  if (told === undefined) return undefined;
  const { story, house, whole, stretches, question, answer, frame, others } = told;
  const estimate = estimateOf(story.working.problem, house);
  const chain = writeProblem(story.working.problem, house);
  return {
    kind,
    own: (others === undefined && ownStartOf(whole, chain, story.structure, house)) || null,
    stretches,
    question,
    needless: story.givens.flatMap(({ name, needed }) => (needed ? [] : [name])),
    why: STORY_WORDS[kind].why,
    picture: storyPicture(story),
    work: wordedWork(story, house),
    estimate: estimate === undefined ? null : estimateLine(estimate, house),
    missing: story.missing === undefined ? null : writeQuantity(story.missing.quantity, house),
    chain,
    answer,
    givens: story.givens.map(({ name, quantity }) => ({ name, value: writeQuantity(quantity, house) })),
    gap: frame ?? null,
    frames: frame === undefined ? [] : framesOf(frame, others ?? OTHER_FRAMES[story.structure], seed),
  };
}

/** The sentence that answers a story between two that do not, in an order that its seed gives. */
function framesOf(frame: string, others: readonly string[], seed: number): readonly string[] {
  const all = [...others];
  all.splice(seed % 3, 0, frame);
  return all;
}

/** A story of a kind, drawn and told in a house; none where there is none. */
export function toldFor(kind: StoryKindId, seed: number, choices: HouseChoices, stock: StockList) {
  const house = houseRulesFrom(choices);
  const drawn = house.ok ? drawStory(kind, stock, house.value, seed) : undefined;
  if (!house.ok || !drawn?.ok) return undefined;
  return { story: drawn.value, house: house.value, ...wordedStory(drawn.value, house.value) };
}

/** The picture of a story that stands on a sheet; none where its kind and seed no longer tell it so. */
export function storyDrawnAgain(
  { kind, seed, text }: StoryOfRow,
  house: HouseRules,
  stock: StockList,
): StoryPicture | undefined {
  const found = STORY_KINDS.find(({ id }) => id === kind);
  const drawn = found && seed !== undefined ? drawStory(found.id, stock, house, seed) : undefined;
  if (!drawn?.ok) return undefined;
  return wordedStory(drawn.value, house).whole === text ? storyPicture(drawn.value) : undefined;
}

/** Every kind of story: its name, its structure, and how many operations it takes. */
export const storiesListed = () =>
  STORY_KINDS.map(({ id, structure, steps }) => ({ id, name: STORY_NAMES[id], structure, steps }));
