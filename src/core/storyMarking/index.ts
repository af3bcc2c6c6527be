export { answerIn } from "./answerIn";
export { type LineMark, type MarkedStory, markedStory, type StoryWork } from "./markedStory";
export { type StoryExplanation, type StoryMarked, storyExplained } from "./storyExplained";
export { canShow, type StoryAccount, storySheetAccounts } from "./storySheet";
