export { LearnerScreen } from "./LearnerScreen";
export { LearnersScreen } from "./LearnersScreen";
