import type { HouseRules } from "@/core/house";
import type { Working } from "@/core/methods";
import { writeAnswer, writeProblem } from "@/core/problem";
import type { StoryOfRow } from "@/core/stories";

/** A sheet with its workings, as it goes out into a file. */
export interface SheetOut {
  readonly name: string;
  readonly house: HouseRules;
  readonly rows: readonly SheetOutRow[];
}

interface SheetOutRow {
  readonly working: Working;
  readonly skill?: string | undefined;
  /** From 0 for plain to 3 for the trap. */
  readonly notch?: number | undefined;
  readonly story?: StoryOfRow | undefined;
}

/** How a row stands in a file: problem and answer as the house writes them, with its place on the ladder, notches counted from 1. */
export interface FileRow {
  readonly problem: string;
  readonly answer: string;
  readonly skill?: string | undefined;
  readonly notch?: number | undefined;
  /** The story it answers, and that answer as a sentence. */
  readonly story?: string | undefined;
  readonly sentence?: string | undefined;
  /** The whole number that answers the story, where its quotient is rounded by sense. */
  readonly whole?: string | undefined;
}

export const fileRows = ({ rows, house }: SheetOut): readonly FileRow[] =>
  rows.map(({ working, skill, notch, story }) => ({
    problem: writeProblem(working.problem, house),
    answer: story?.whole ?? writeAnswer(working.answer, house),
    ...(skill === undefined ? {} : { skill }),
    ...(notch === undefined ? {} : { notch: notch + 1 }),
    ...(story === undefined ? {} : { story: story.text, sentence: story.answer }),
    ...(story?.whole === undefined ? {} : { whole: story.whole }),
  }));
