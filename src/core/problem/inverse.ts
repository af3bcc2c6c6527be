import type { SignedOperation } from "./operation";

/** The operation that undoes another one. */
export const INVERSE = {
  add: "subtract",
  subtract: "add",
  multiply: "divide",
  divide: "multiply",
} as const satisfies Record<SignedOperation, SignedOperation>;

/**
 * How an operation with two numbers is undone: the operation that leads from what it came to, and from the other one of its
 * numbers, back to its first or its second.
 */
export function undoneWith<Value>(
  operation: SignedOperation,
  back: "toFirst" | "toSecond",
  result: Value,
  other: Value,
): { readonly operation: SignedOperation; readonly operands: readonly [Value, Value] } {
  // What was taken away, or divided by, is found from the first number: its own operation leads back to it.
  const same = back === "toSecond" && (operation === "subtract" || operation === "divide");
  return same
    ? { operation, operands: [other, result] }
    : { operation: INVERSE[operation], operands: [result, other] };
}
