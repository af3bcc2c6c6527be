import type { HouseRules } from "../house";
import { exactAnswer, type Problem, type ReadError, readProblem } from "../problem";
import { STORY_KINDS, type Story, type StoryPatternId, type Structure, wrongLines } from "../stories";
import { type StoryMarked, storyExplained } from "./storyExplained";

/** What a learner did with a story, stage by stage; what was not done yet is left out. */
export interface StoryWork {
  /** The names of the givens that were tapped. */
  readonly tapped: readonly string[];
  readonly structure?: Structure | undefined;
  /** The line that was put together, in the notation of the house. */
  readonly line?: string | undefined;
  /** The answer as it was typed, alone or in a sentence. */
  readonly answer?: string | undefined;
}

/** What was put together to be worked. */
export type LineMark =
  | { readonly kind: "right" }
  /** Another problem, by a pattern where one is known. */
  | { readonly kind: "other"; readonly problem: Problem; readonly pattern: StoryPatternId | undefined }
  | { readonly kind: "unread"; readonly error: ReadError }
  /** Something was to be worked though a number is missing. */
  | { readonly kind: "tooEarly" };

/** What was given as the answer, beside the story and beside what the learner worked. */
type AnswerMark =
  | { readonly kind: "unread" }
  | ({ readonly kind: "marked"; readonly followsOwnLine: boolean } & StoryMarked);

/** A learner's work on a story, each stage marked by itself: the right structure with wrong arithmetic is not the reverse. */
export interface MarkedStory {
  readonly givens: { readonly missed: readonly string[]; readonly needless: readonly string[] };
  readonly structure: boolean | undefined;
  readonly line: LineMark | undefined;
  readonly answer: AnswerMark | undefined;
}

/** Marks what a learner did with a story. */
export function markedStory(story: Story, work: StoryWork, house: HouseRules): MarkedStory {
  const needed = story.givens.filter((one) => one.needed).map(({ name }) => name);
  const kind = STORY_KINDS.find(({ id }) => id === story.kind);
  const line = work.line === undefined ? undefined : lineMarked(story, work.line, house);
  return {
    givens: {
      missed: needed.filter((name) => !work.tapped.includes(name)),
      needless: work.tapped.filter((name) => !needed.includes(name)),
    },
    structure: work.structure === undefined ? undefined : fits(work.structure, story, kind?.also ?? []),
    line,
    answer: work.answer === undefined ? undefined : answerMarked(story, work.answer, line, house),
  };
}

const fits = (structure: Structure, story: Story, also: readonly Structure[]): boolean =>
  structure === story.structure || also.includes(structure);

/** A line beside a story: any that comes to the same as the story's own works it. */
function lineMarked(story: Story, line: string, house: HouseRules): LineMark {
  const read = readProblem(line, house);
  if (!read.ok) return { kind: "unread", error: read.error };
  if (story.missing !== undefined) return { kind: "tooEarly" };
  const { problem } = story.working;
  if (isSameWork(read.value, problem)) return { kind: "right" };
  const known = wrongLines(story).find((wrong) => isSameWork(read.value, wrong.problem));
  return { kind: "other", problem: read.value, pattern: known?.pattern };
}

/** Whether two problems come to the same; whether it is enough is what is left of it, and a quotient may be written whole or not. */
const isSameWork = (one: Problem, other: Problem): boolean => exactAnswer(one).equals(exactAnswer(other));

function answerMarked(story: Story, said: string, line: LineMark | undefined, house: HouseRules): AnswerMark {
  const marked = storyExplained(story, said, house);
  if (!marked.ok) return { kind: "unread" };
  const own = line?.kind === "other" ? line.problem : undefined;
  const followsOwnLine =
    own !== undefined &&
    marked.value.explanations.some(
      ({ problem, arithmetic }) => arithmetic === undefined && isSameWork(problem, own),
    );
  // Who put the right line together did nothing else with the story.
  const explanations = marked.value.explanations.filter(
    ({ pattern }) => line?.kind !== "right" || pattern === undefined,
  );
  return { kind: "marked", followsOwnLine, verdict: marked.value.verdict, explanations };
}
