export { LearnerScreen, type RecordedAnswer } from "./LearnerScreen";
export { LearnersScreen } from "./LearnersScreen";
