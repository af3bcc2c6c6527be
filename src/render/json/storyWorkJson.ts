import type { HouseChoices } from "@/core/house";
import { writeProblem } from "@/core/problem";
import { done, failed, type Result } from "@/core/result";
import { KINDS_ON_SHEETS, STORY_KINDS, type StockList, type StoryPatternId } from "@/core/stories";
import { markedStory, type StoryWork } from "@/core/storyMarking";
import {
  NO_STORY,
  STORY_PATTERN_WORDS,
  type StageMark,
  slipNameWords,
  stageMarks,
  WORKSHOP,
} from "@/core/wording";
import { toldFor } from "./storyJson";
import type { ProgramError } from "./workJson";

/** What a learner did with a story of a kind and a seed. */
export interface StoryWorkRequest {
  readonly kind: string;
  readonly seed: number;
  readonly house?: HouseChoices | undefined;
  readonly stock?: StockList | undefined;
  /** As it stands on a sheet: one that is told otherwise by now is not marked. */
  readonly text?: string | undefined;
  readonly work: StoryWork & { readonly frame?: string | undefined };
}

/** A learner's work marked, in words: each stage that was done, and to the tutor what may lie behind a wrong answer. */
export interface StoryWorkMarked {
  readonly stages: readonly StageMark[];
  readonly behind: readonly {
    /** The pattern of the story, where it is one; and the names of what went wrong, the story first. */
    readonly pattern: StoryPatternId | null;
    readonly names: readonly string[];
    readonly helps: string | null;
    /** What was worked. */
    readonly problem: string;
  }[];
}

/** Marks a learner's work on a story stage by stage. */
export function storyWorkMarked({
  kind,
  seed,
  house: choices,
  stock = WORKSHOP,
  text,
  work,
}: StoryWorkRequest): Result<StoryWorkMarked, ProgramError> {
  const found = STORY_KINDS.find(({ id }) => id === kind);
  const told = found && toldFor(found.id, seed, choices ?? {}, stock);
  if (told === undefined || (text !== undefined && text !== told.whole))
    return failed({ code: "unknownKind", message: NO_STORY(kind) });
  const { story, house, frame } = told;
  const marked = markedStory(story, work, house);
  const isRightFrame = work.frame === undefined ? undefined : work.frame === frame;
  const explanations = marked.answer?.kind === "marked" ? marked.answer.explanations : [];
  return done({
    stages: stageMarks(story, marked, work.structure, isRightFrame, house),
    behind: explanations.map(({ pattern, arithmetic, problem }) => ({
      pattern: pattern ?? null,
      names: [
        ...(pattern === undefined ? [] : [STORY_PATTERN_WORDS[pattern].name]),
        ...(arithmetic?.patterns ?? []).map((id) => slipNameWords(id, [], house)),
      ],
      helps: pattern === undefined ? null : STORY_PATTERN_WORDS[pattern].helps,
      problem: writeProblem(problem, house),
    })),
  });
}

/** The line that answers a story, as its answer is kept in a learner's record; none where a line alone does not answer it. */
export function storyLine({
  kind,
  seed,
  house: choices,
  stock = WORKSHOP,
}: Omit<StoryWorkRequest, "text" | "work">): string | null {
  const found = KINDS_ON_SHEETS.find(({ id }) => id === kind);
  const told = found && toldFor(found.id, seed, choices ?? {}, stock);
  return told === undefined ? null : writeProblem(told.story.working.problem, told.house);
}
