export { TURN_KEYS } from "./strokeKeys";
export { TurnScreen } from "./TurnScreen";
