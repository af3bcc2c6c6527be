import type { ChainProblem, Problem, SignedOperation } from "../../problem";
import type { Amount, Quantity } from "../../quantity";

/** What the steps of a chain do and why; what is worked on the way has its own reasons. */
export type ChainReason =
  | { readonly kind: "writeChain"; readonly problem: ChainProblem }
  | {
      readonly kind: "nextInChain";
      readonly op: SignedOperation;
      readonly problem: Problem;
      /** Why it is this one's turn. */
      readonly because: "brackets" | "timesFirst" | "leftFirst" | "last";
      /** What it comes to, where that is known by heart and needs no page of its own. */
      readonly known: Quantity | undefined;
    }
  | {
      /** A fraction of an amount becomes what it is worked as. */
      readonly kind: "takeParts";
      readonly problem: ChainProblem;
      readonly amount: Amount;
      readonly taken: bigint;
      readonly of: bigint;
      readonly first: "share" | "times";
      readonly rest: ChainProblem;
    }
  | {
      readonly kind: "putBack";
      readonly problem: Problem;
      readonly result: Quantity;
      /** The chain with the result in the place of what was worked. */
      readonly rest: ChainProblem;
    };
