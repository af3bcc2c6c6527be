import {
  type Answer,
  isAmount,
  operandsOf,
  type Problem,
  type ReadError,
  type Token,
  wordOf,
} from "../problem";
import type { Quantity, UnitId } from "../quantity";
import { done, type Result } from "../result";

/** An answer as a learner gave it. `bare` says that its unit, or the sign of its money, was left out. */
export interface LearnerAnswer {
  readonly answer: Answer;
  readonly bare: boolean;
}

/** Why what was typed is not an answer to its problem. */
export type GivenError =
  | ReadError
  /** A number alone, where units are asked for that it could be in. */
  | { readonly code: "whichUnit"; readonly at: number; readonly units: readonly string[] }
  /** A sentence with several numbers, of which each might be meant. */
  | { readonly code: "whichNumber"; readonly at: number; readonly numbers: readonly string[] }
  /** A relation, yes or no, or numbers in order were asked for. */
  | { readonly code: "notAnAnswer"; readonly at: number; readonly wants: Wants };

/** What kind of answer a problem wants, other than a quantity. */
export type Wants = "relation" | "order" | "yesOrNo" | "quotient" | "number" | "amount" | "measure";

/** What was given, or why it is no answer. */
export type ReadAnswer = Result<LearnerAnswer, GivenError>;

/** What was given, with nothing left out. */
export const readWhole = (answer: Answer): ReadAnswer => done({ answer, bare: false });

/** What some tokens say, with a space between. */
export const wordsOf = (tokens: readonly Token[]): string => tokens.map(wordOf).join(" ");

/** The stretch of a text that some of its tokens take. */
export const stretchText = (tokens: readonly Token[], text: string): string =>
  text.slice(tokens[0]?.at ?? text.length, tokens.at(-1)?.end ?? text.length);

const kindsIn = (problem: Problem): readonly Quantity["kind"][] =>
  operandsOf(problem).map(({ kind }) => kind);

/** The currency of a problem; none where it has no money. */
export const currencyOfProblem = (problem: Problem) => {
  return operandsOf(problem).find(isAmount)?.currency;
};

/** Whether the answer is an amount: in a quotient of two amounts it is a number. */
export const wantsMoney = (problem: Problem): boolean =>
  kindsIn(problem).includes("amount") &&
  !(problem.op === "divide" && kindsIn(problem).every((kind) => kind === "amount"));

/** The units an answer may be in; none where it is no measure. */
export function unitsAllowed(problem: Problem): readonly UnitId[] | undefined {
  if (!kindsIn(problem).includes("measure")) return undefined;
  if (problem.op === "divide" && kindsIn(problem).every((kind) => kind === "measure")) return undefined;
  if (problem.form.kind === "inUnits") return problem.form.units;
  return [
    ...new Set(
      operandsOf(problem).flatMap((operand) =>
        operand.kind === "measure" ? operand.parts.map(({ unit }) => unit) : [],
      ),
    ),
  ];
}
