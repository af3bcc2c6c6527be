export { type Estimate, guessAgainst } from "./estimate";
export type { Inverse } from "./inverse";
export { type Run, type RunReason, runOf } from "./run";
