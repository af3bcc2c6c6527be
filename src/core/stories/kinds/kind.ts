import type { RandomSource } from "../../sheets";
import { thingsWith } from "../stock/drawing";
import type { Measured, Thing } from "../stock/stock";
import type { StoryUnits } from "../stock/storyUnits";

/** How the quantities of a story hang together. */
export const STRUCTURES = ["partsWhole", "comparison", "equalGroups", "change"] as const;
export type Structure = (typeof STRUCTURES)[number];

/** What is drawn for a story: its givens as typed, the things it is about, and the line that works it. */
export interface StoryDraft {
  readonly givens: Readonly<Record<string, string>>;
  readonly things: readonly Thing[];
  /** The line with the names of givens in braces: `{a} + {b}`. */
  readonly line: string;
  /** Givens that the question does not need. */
  readonly needless?: readonly string[];
  /** Givens that the text has in another unit than the line, and the sign of the unit that the line has them in. */
  readonly told?: Readonly<Record<string, { readonly text: string; readonly into: string }>>;
}

/** What learners do with a story apart from its arithmetic. */
export const STORY_PATTERN_IDS = [
  "word-for-operation",
  "all-numbers-used",
  "part-left-out",
  "first-step-as-answer",
  "other-question",
  "all-to-all",
  "unit-not-changed",
  "remainder-against-sense",
] as const;
export type StoryPatternId = (typeof STORY_PATTERN_IDS)[number];

export interface StoryKind<Id extends string = string> {
  readonly id: Id;
  readonly structure: Structure;
  /** Structures by which it can be seen just as well. */
  readonly also?: readonly Structure[];
  /** How many operations it takes. */
  readonly steps: 1 | 2 | 3;
  /**
   * The lines that learners with a pattern work in its place, in the same braces; after a point stand `bare` for a
   * number without its unit, `under` for a fraction's denominator, `rest` for what is missing from it to one.
   */
  readonly wrong?: Readonly<Partial<Record<StoryPatternId, readonly string[]>>>;
  /** The given that the text does not tell though the question needs it; the words by which every answer names it, and those that name another. */
  readonly missing?: {
    readonly given: string;
    readonly named: (things: readonly Thing[]) => readonly string[];
    readonly other?: string;
  };
  /** Where the question makes a whole number of a quotient with a remainder: up where all have to be held, down where only full ones count. */
  readonly rounds?: "up" | "down";
  /** Whether its text has units of the metric system, whatever the list is in. */
  readonly isMetric?: true;
  /** Draws one; none where it did not come out well, and another try has to. */
  readonly draw: (
    chances: RandomSource,
    things: readonly Thing[],
    units: StoryUnits,
  ) => StoryDraft | undefined;
}

/** A draft of so many things with something known of each, made by what is left over. */
export const about =
  (
    known: Measured,
    count: number,
    make: (
      chances: RandomSource,
      things: readonly [Thing, Thing, Thing],
      units: StoryUnits,
    ) => Omit<StoryDraft, "things"> | undefined,
  ) =>
  (chances: RandomSource, things: readonly Thing[], units: StoryUnits): StoryDraft | undefined => {
    const chosen = thingsWith(chances, things, known, count);
    const [x, y = x, z = y] = chosen ?? [];
    if (chosen === undefined || x === undefined || y === undefined || z === undefined) return undefined;
    const made = make(chances, [x, y, z], units);
    return made && { ...made, things: chosen };
  };
