export { OwnStoriesScreen } from "./own/OwnStoriesScreen";
export type { OwnDraft } from "./own/ownDraft";
export { StoriesScreen } from "./StoriesScreen";
export { StoryProbe } from "./StoryProbe";
export { StockScreen } from "./stock/StockScreen";
export { StoryTask } from "./task/StoryTask";
