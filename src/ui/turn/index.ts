export { GIVEN_PARTS, type GivenPart } from "./given";
export { TURN_KEYS } from "./strokeKeys";
export { TurnScreen } from "./TurnScreen";
export { givenMarks, turnOf } from "./turn";
