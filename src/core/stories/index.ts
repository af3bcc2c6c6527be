export { STORY_KINDS, type StoryKindId, type Structure } from "./kinds";
export type { StockList, Thing } from "./stock";
export { drawStory, type Given, type Story } from "./story";
