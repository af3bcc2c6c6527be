export {
  CALCULATOR_KEYS,
  type Calculator,
  type CalculatorKey,
  CLEARED,
  display,
  keysFor,
  press,
} from "./calculator";
export { tickedOff } from "./copying";
export type { Direction } from "./estimating/direction";
export { estimateOf, guessAgainst } from "./estimating/estimate";
export type { Estimate } from "./estimating/roughAnswer";
export type { Inverse } from "./inverse";
export type { PlausibilityReason } from "./plausibility";
export { type Run, runOf } from "./run";
export type { CheckReason, RunReason } from "./runReason";
export { soFar } from "./soFar";
