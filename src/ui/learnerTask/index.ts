export { TURN_KEYS } from "./hand/strokeKeys";
export { TaskScreen as TurnScreen } from "./TaskScreen";
