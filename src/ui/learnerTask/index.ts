export { TaskScreen } from "./TaskScreen";
