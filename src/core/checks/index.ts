export {
  CALCULATOR_KEYS,
  type Calculator,
  type CalculatorKey,
  CLEARED,
  display,
  keysFor,
  press,
} from "./calculator";
export { type Estimate, guessAgainst } from "./estimate";
export type { Inverse } from "./inverse";
export { type Run, type RunReason, runOf } from "./run";
