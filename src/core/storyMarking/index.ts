export { type LineMark, type MarkedStory, markedStory, type StoryWork } from "./markedStory";
export { storyExplained } from "./storyExplained";
export { canShow, storySheetAccounts } from "./storySheet";
