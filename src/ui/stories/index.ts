export { StoriesScreen } from "./StoriesScreen";
