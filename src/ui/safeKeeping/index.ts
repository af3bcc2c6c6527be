export { SafeKeepingScreen } from "./SafeKeepingScreen";
export { type LookedInto, timeInWords } from "./words";
