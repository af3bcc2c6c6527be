export { GIVEN_PARTS } from "./given";
export { TURN_KEYS } from "./strokeKeys";
export { TurnScreen } from "./TurnScreen";
export { givenMarks } from "./turn";
