export { StoriesScreen } from "./StoriesScreen";
export { type LearnersStory, StoryTurn } from "./StoryTurn";
