export { TURN_KEYS } from "./hand/strokeKeys";
export { TaskScreen } from "./TaskScreen";
