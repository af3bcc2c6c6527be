import type { Reason } from "../methods";
import type { Decimal } from "../number";
import type { Answer, Problem } from "../problem";

/** What columns have carried so far: each must take in what the one before it gave. */
export interface Chains {
  columns: number;
  products: number;
  diagonals: number;
  parts: number;
  paying: number;
  owed: number;
}

/** What is known beside a reason: the problem that its page works, and what was carried up to here. */
export interface KnownBeside {
  readonly problem: Problem;
  /** What the whole working comes to, where this reason ends it; none on a page by the way. */
  readonly answer: Answer | undefined;
  /** The numbers of that problem where it is one of decimals; none otherwise. */
  readonly operands: readonly Decimal[];
  readonly chains: Chains;
  /** What columns of units have carried. */
  readonly units: { carried: bigint };
}

type Kind = Reason["kind"];

/** Whether each thing that a reason states holds, worked out by arithmetic that the methods know nothing of. */
export type Claims<One extends Kind> = (
  reason: Extract<Reason, { readonly kind: One }>,
  known: KnownBeside,
) => readonly boolean[];

/** The claims of every kind of reason; or, said openly, that it states none: it writes, draws or names what is worked elsewhere. */
export type ClaimsTable = { readonly [One in Kind]: Claims<One> | "noArithmetic" };
