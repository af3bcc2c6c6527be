import type { HouseRules } from "../../house";
import type { MethodId } from "../../methods";
import type { Answer, Problem } from "../../problem";
import type { DecisionOverride } from "./decisionOverride";
import type { PatternId } from "./patternIds";

/** The skills whose work the patterns belong to. */
export const PATTERN_SKILLS = [
  "addition",
  "subtraction",
  "multiplication",
  "division",
  "fractions",
  "integers",
  "money",
  "units",
  "chains",
  "judging",
  "shifting",
  "across",
] as const;

export type PatternSkill = (typeof PATTERN_SKILLS)[number];

/** A problem worked as parts of it, each for itself, and what they are put together to. */
export interface Split {
  readonly parts: readonly Problem[];
  /** Whether they are worked one after the other, the last one to the answer; else side by side. */
  readonly inTurn?: boolean;
  /** The answer, from those of the parts; none where they can't be put together. */
  joins(answers: readonly Answer[]): Answer | undefined;
}

/** What a learner with a pattern does otherwise; everything else is done soundly. */
export interface PatternAct {
  /** What is decided otherwise, and in which methods. */
  readonly decides?: readonly DecisionOverride[];
  /** The methods it comes out in, where it is not a decision of theirs: one of them is taken if the house's own is not among them. */
  readonly methods?: readonly MethodId[];
  /** What the decisions take for granted of the house. */
  readonly rules?: Partial<HouseRules>;
  /** How the problem is read; none where it is read as it stands. */
  readonly reads?: (problem: Problem) => Problem | undefined;
  /** How the problem falls apart; none where it does not. */
  readonly splits?: (problem: Problem) => Split | undefined;
  /** What is written for the answer that was worked out; none where it is written as it is. */
  readonly writes?: (answer: Answer, problem: Problem) => Answer | undefined;
  /** What is decided so by sound workers too, where the house does not: the sound way beside it is worked like that. */
  readonly soundly?: readonly DecisionOverride[];
  /** Whether what is written is written at once, with nothing worked before it. */
  readonly atOnce?: boolean;
  /** Whether only the last line is written otherwise, and nothing that is worked on the way to it. */
  readonly atTheEnd?: boolean;
  /** What a problem must have for the pattern to come in at all. */
  readonly needs?: (problem: Problem) => boolean;
}

/** What is known of a pattern beside what it does; what is said of it stands in the wordbook. */
export interface PatternFacts {
  readonly id: PatternId;
  /** A problem, and the answer that a learner with the pattern gives. */
  readonly example: readonly [problem: string, answer: string];
  /** Patterns that often give the same answer, so that one answer can't tell them apart. */
  readonly lookAlikes: readonly PatternId[];
}

/** A systematic error, with the decisions that carry it out. */
export interface ErrorPattern extends PatternFacts, PatternAct {
  /** How often it is met, roughly, against the others: 1 seldom, 3 often. */
  readonly frequency: 1 | 2 | 3;
}

/** Patterns of one skill. */
export type PatternsOf = readonly ErrorPattern[];
