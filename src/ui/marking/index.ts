export { MarkingScreen } from "./MarkingScreen";
