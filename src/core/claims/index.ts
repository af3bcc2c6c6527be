export { asText } from "./asText";
export { brokenClaims, falseSteps } from "./claims";
export * from "./ratio";
