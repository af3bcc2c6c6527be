export { type LookedInto, SafeKeepingScreen } from "./SafeKeepingScreen";
export { timeInWords } from "./words";
