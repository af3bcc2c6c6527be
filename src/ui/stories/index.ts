export { StockScreen } from "./StockScreen";
export { StoriesScreen } from "./StoriesScreen";
export { StoryTurn } from "./StoryTurn";
