export { LearnerScreen, type RecordedAnswer, type RecordedSlip } from "./LearnerScreen";
export { LearnersScreen } from "./LearnersScreen";
