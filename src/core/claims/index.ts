export { type Claiming, falseSteps } from "./claims";
export * from "./ratio";
