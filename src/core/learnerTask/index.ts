export { assessPaper as lookedAt, type PaperAssessment as Looked } from "./assessPaper";
export {
  type ExplanationView as ToldExplanation,
  explanationView as toldExplanation,
} from "./explanationView";
export { GIVEN_PARTS, type GivenPart } from "./givenParts";
export {
  givenInPlace,
  givenMarks,
  type LearnerTask as Turn,
  learnerTaskOf as turnOf,
  type TaskWay as TurnWay,
} from "./learnerTask";
export { markedWork } from "./markedWork";
export {
  choicesFor,
  type PatternChoice as Choice,
  type ShownWay,
  type WrongWay,
  wrongWayOf,
} from "./wrongWay";
