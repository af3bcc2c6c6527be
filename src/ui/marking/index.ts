export { MarkingScreen } from "./MarkingScreen";
export { type Cell, keyOf } from "./marks";
