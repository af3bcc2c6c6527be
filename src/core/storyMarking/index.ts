export { type LineMark, type MarkedStory, markedStory, type StoryWork } from "./markedStory";
export { roundedBySense, storyExplained } from "./storyExplained";
export { canShow, storySheetAccounts } from "./storySheet";
