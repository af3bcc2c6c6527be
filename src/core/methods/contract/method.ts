import type { Operation, Problem, ProblemKind } from "../../problem";
import { done, failed, type Result } from "../../result";
import type { WorkContext } from "./workContext";
import type { MethodResult } from "./working";

/** Why a method does not take a problem; `Because` are the reasons of its own. */
export type MethodRefusal<Because extends string = string> =
  /** It is for problems of another kind. */
  | { readonly kind: "otherKind"; readonly worksOn: ProblemKind }
  | { readonly kind: "otherOperation"; readonly worksOn: readonly Operation[] }
  /** A reason of the method's own, whose sentence stands with its words; `most` is the limit that is passed, where it is one. */
  | { readonly kind: "own"; readonly because: Because; readonly most: number };

/**
 * Problems for the bench, as small as they come, as in a lesson, and as large as can be typed and the method
 * takes: as typed, with `<3.2>` for any number of three whole digits and two decimals, and `<2-11>` for any whole
 * number from the first to the second.
 */
export type BenchProblems = Readonly<Record<"small" | "usual" | "largest", string>>;

/**
 * One written procedure of one school, for problems of one kind: what it is called in data, a sample, and how it
 * works. Its words stand in the wordbook. `Decisions` are the points at which a learner may do otherwise.
 */
export interface Method<
  Id extends string,
  Why,
  Asked extends Problem,
  Decisions extends object,
  Because extends string = never,
> {
  readonly id: Id;
  /** A small problem that shows what it does, typed with a point and the plain signs. */
  readonly sample: string;
  readonly bench: BenchProblems;
  /** The decisions that reach the right answer. */
  readonly sound: Decisions;
  /** The problem ready to be worked, or why it is not taken. */
  takes(problem: Asked): Result<Taken<Why, Decisions>, MethodRefusal<Because>>;
}

/** A problem that a method took. */
export interface Taken<Why, Decisions> {
  /**
   * The problem worked with some decisions; only sound ones are sure to reach the right answer. `solve` works what
   * is left to other methods, on a page of its own or as the body of this one. Throws `Stuck` where the decisions
   * can't go on.
   */
  work<Inner>(context: WorkContext<Decisions, Inner>): MethodResult<Why | Inner>;
}

/** Takes a problem, or what was made of it, to be worked by a procedure. */
export const taken = <Given, Why, Decisions>(
  given: Given,
  procedure: <Inner>(given: Given, context: WorkContext<Decisions, Inner>) => MethodResult<Why | Inner>,
): { readonly ok: true; readonly value: Taken<Why, Decisions> } =>
  done({ work: (context) => procedure(given, context) });

/** Of a method in which nothing is known to be done otherwise. */
export type NoDecisions = Readonly<Record<never, never>>;

/** Any method at all: for lists of them. */
export type AnyMethod = Method<string, unknown, Problem, object, string>;

/** The id of a method, its reasons, and the reasons it has for refusing. */
export type IdOf<M> = M extends Method<infer Id, infer _W, infer _A, infer _D, infer _B> ? Id : never;
export type ReasonOf<M> = M extends Method<infer _I, infer Why, infer _A, infer _D, infer _B> ? Why : never;
export type RefusesOf<M> =
  M extends Method<infer _I, infer _W, infer _A, infer _D, infer Because> ? Because : never;

/** Refuses a problem since the method is for these operations. */
export const otherOperation = (
  ...worksOn: readonly Operation[]
): { readonly ok: false; readonly error: MethodRefusal<never> } =>
  failed({ kind: "otherOperation", worksOn });

/** A refusal for a reason of the method's own. */
export const because = <const Because extends string>(why: Because, most = 0): MethodRefusal<Because> => ({
  kind: "own",
  because: why,
  most,
});

/** Refuses a problem for a reason of the method's own. */
export const refused = <const Because extends string>(
  why: Because,
  most?: number,
): { readonly ok: false; readonly error: MethodRefusal<Because> } => failed(because(why, most));
