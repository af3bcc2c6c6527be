export { assessPaper, type PaperAssessment } from "./assessPaper";
export {
  type ExplanationView,
  explanationView,
} from "./explanationView";
export { GIVEN_PARTS, type GivenPart } from "./givenParts";
export {
  givenInPlace,
  givenMarks,
  type LearnerTask,
  learnerTaskOf,
  type TaskWay,
} from "./learnerTask";
export { markedWork } from "./markedWork";
export {
  choicesFor,
  type PatternChoice,
  type ShownWay,
  type WrongWay,
  wrongWayOf,
} from "./wrongWay";
