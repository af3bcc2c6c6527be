import type { Quantity } from "../quantity";
import type { SignedOperation } from "./operation";

/** Several operations in one line, as a tree: brackets are where it branches against the order of operations. `at` is where a part stood in the line it is read from; a problem knows no line, and has 0 there. */
export type Expression = Leaf | Branch;

interface Leaf {
  readonly kind: "quantity";
  readonly at: number;
  readonly quantity: Quantity;
}

export interface Branch {
  readonly kind: "operation";
  readonly at: number;
  readonly op: SignedOperation;
  readonly left: Expression;
  readonly right: Expression;
}

/** An expression that knows no line. */
export const unplaced = (branch: Branch): Branch => {
  const side = (part: Expression): Expression =>
    part.kind === "quantity" ? { ...part, at: 0 } : unplaced(part);
  return { ...branch, at: 0, left: side(branch.left), right: side(branch.right) };
};

/** The quantities of an expression from left to right. */
export const quantitiesOf = (expression: Expression): readonly Quantity[] =>
  expression.kind === "quantity"
    ? [expression.quantity]
    : [...quantitiesOf(expression.left), ...quantitiesOf(expression.right)];

/** Adding and subtracting bind less than multiplying and dividing. */
const binds = (op: SignedOperation): number => (op === "add" || op === "subtract" ? 1 : 2);

/** Whether a part of an operation needs brackets round it in one line. */
export function needsBrackets(part: Expression, of: SignedOperation, side: "left" | "right"): boolean {
  if (part.kind === "quantity") return false;
  if (binds(part.op) !== binds(of)) return binds(part.op) < binds(of);
  return side === "right";
}
