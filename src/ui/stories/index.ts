export { OwnStoriesScreen } from "./own/OwnStoriesScreen";
export type { OwnDraft } from "./own/ownDraft";
export { StockScreen } from "./StockScreen";
export { StoriesScreen } from "./StoriesScreen";
export { StoryProbe } from "./StoryProbe";
export { StoryTask } from "./task/StoryTask";
