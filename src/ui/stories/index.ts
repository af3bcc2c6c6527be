export { OwnStory } from "./OwnStory";
export { StockScreen } from "./StockScreen";
export { StoriesScreen } from "./StoriesScreen";
export { StoryProbe } from "./StoryProbe";
export { StoryTurn } from "./StoryTurn";
