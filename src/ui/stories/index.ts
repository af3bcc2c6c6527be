export { OwnStory } from "./OwnStory";
export { StockScreen } from "./StockScreen";
export { StoriesScreen } from "./StoriesScreen";
export { StoryTurn } from "./StoryTurn";
