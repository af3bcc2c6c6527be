import type { HouseChoices } from "@/core/house";
import { writeProblem } from "@/core/problem";
import { done, failed, type Result } from "@/core/result";
import {
  KINDS_ON_SHEETS,
  STORY_KINDS,
  type StockList,
  type StoryPatternId,
  wantedWhole,
} from "@/core/stories";
import { markedStory, roundedBySense, type StoryWork } from "@/core/storyMarking";
import {
  NO_STORY,
  STORY_PATTERN_WORDS,
  type StageMark,
  slipNameWords,
  stageMarks,
  WORKSHOP,
} from "@/core/wording";
import type { Refusal } from "../../refusal";
import { toldFor } from "./stories";

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
export function markStoryWork({
  kind,
  seed,
  house: choices,
  stock = WORKSHOP,
  text,
  work,
}: StoryWorkRequest): Result<StoryWorkMarked, Refusal> {
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

/** What of an answer to a story is kept in a learner's record. */
export interface StoryRecord {
  /** The line that answers the story. */
  readonly line: string;
  /** What the answer is where a whole number is wanted of the line's quotient; none where the line's own answer is. */
  readonly bySense: "right" | "wrong" | null;
}

/** An answer to a story as it is kept in a learner's record; none where no number answers the story. */
export function storyRecord({
  kind,
  seed,
  house: choices,
  stock = WORKSHOP,
  answer,
}: Omit<StoryWorkRequest, "text" | "work"> & { readonly answer: string }): StoryRecord | null {
  const found = KINDS_ON_SHEETS.find(({ id }) => id === kind);
  const told = found && toldFor(found.id, seed, choices ?? {}, stock);
  if (told === undefined) return null;
  const { story, house } = told;
  const whole = wantedWhole(story);
  const rounded =
    whole === undefined ? undefined : roundedBySense(story.working.answer, whole, answer, house);
  return {
    line: writeProblem(story.working.problem, house),
    bySense: whole === undefined ? null : rounded === "right" ? "right" : "wrong",
  };
}
