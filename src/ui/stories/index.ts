export { OwnStories } from "./OwnStories";
export type { OwnDraft } from "./ownDraft";
export { StockScreen } from "./StockScreen";
export { StoriesScreen } from "./StoriesScreen";
export { StoryProbe } from "./StoryProbe";
export { StoryTurn } from "./StoryTurn";
