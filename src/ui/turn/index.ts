export { TURN_KEYS } from "./hand/strokeKeys";
export { TurnScreen } from "./TurnScreen";
