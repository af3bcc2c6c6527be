export { StoriesScreen } from "./StoriesScreen";
export { StoryTurn } from "./StoryTurn";
