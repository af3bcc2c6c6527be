import type { SignedOperation } from "../../problem";

/** The signs that learners write for operations. */
export const OPERATIONS: Readonly<Record<string, SignedOperation>> = {
  "+": "add",
  "−": "subtract",
  "-": "subtract",
  "×": "multiply",
  "·": "multiply",
  x: "multiply",
  "÷": "divide",
  ":": "divide",
};
