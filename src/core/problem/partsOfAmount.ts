import { asFraction, simplest, wholeNumeral } from "../number";
import { type Amount, MINOR_PLACES, type Quantity } from "../quantity";
import { exactValue } from "./exact";
import type { Branch, Expression } from "./expression";
import { isNumeral } from "./makeProblem";

/** A fraction of an amount as it is worked: shared into as many parts as the bottom says, of which as many are taken as the top says. */
export interface PartsOfAmount {
  readonly amount: Amount;
  /** How many are taken, of how many. */
  readonly taken: bigint;
  readonly of: bigint;
  /** What is done first: shared, or, where that leaves something over, taken so many times. */
  readonly first: "share" | "times";
  readonly expression: Branch;
}

const leaf = (quantity: Quantity): Expression => ({ kind: "quantity", at: 0, quantity });

/** Whether an expression comes to whole pieces of the smallest money. */
export const isWholeMoney = (expression: Expression): boolean =>
  exactValue(expression).mul(10n ** BigInt(MINOR_PLACES)).d === 1n;

/**
 * What a fraction or a mixed number times an amount is worked as; none of another operation, or where it does not come
 * out in whole pieces of money.
 */
export function partsOfAmount(operation: Branch): PartsOfAmount | undefined {
  const { op, left, right } = operation;
  if (op !== "multiply" || left.kind !== "quantity" || right.kind !== "quantity") return undefined;
  const [number, amount] = left.quantity.kind === "amount" ? [right, left] : [left, right];
  const { quantity } = number;
  if (amount.quantity.kind !== "amount" || !isNumeral(quantity) || quantity.kind === "decimal")
    return undefined;
  const { numerator: taken, denominator: of } = simplest(asFraction(quantity));
  if (quantity.negative || !isWholeMoney(operation)) return undefined;
  const by = (op: "multiply" | "divide", side: Expression, count: bigint): Branch => ({
    kind: "operation",
    at: 0,
    op,
    left: side,
    right: leaf(wholeNumeral(count)),
  });
  const parts = { amount: amount.quantity, taken, of };
  if (of === 1n) return { ...parts, first: "times", expression: by("multiply", amount, taken) };
  const share = by("divide", amount, of);
  if (taken === 1n) return { ...parts, first: "share", expression: share };
  return isWholeMoney(share)
    ? { ...parts, first: "share", expression: by("multiply", share, taken) }
    : { ...parts, first: "times", expression: by("divide", by("multiply", amount, taken), of) };
}

/** A number that money is taken times, other than a decimal, as it stands: a fraction, or what a sum or a quotient comes to. */
export const mayBeFraction = (expression: Expression): boolean =>
  expression.kind === "quantity"
    ? isNumeral(expression.quantity) && expression.quantity.kind !== "decimal"
    : expression.op === "divide" || mayBeFraction(expression.left) || mayBeFraction(expression.right);
