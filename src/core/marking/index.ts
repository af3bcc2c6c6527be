export type { GivenError, LearnerAnswer, Wants } from "./learnerAnswer";
export { readLearnerAnswer } from "./readLearnerAnswer";
export {
  cleanName,
  LONGEST_ANSWER,
  LONGEST_GUESS,
  LONGEST_NAME,
  LONGEST_NOTE,
  MOST_ANSWERS_AT_ONCE,
  MOST_LEARNERS,
  MOST_ROWS,
} from "./sheetLimits";
export { answerValue, FORM_FAULTS, type FormFault, sameAnswer, type Verdict, verdictOf } from "./verdict";
