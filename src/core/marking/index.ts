export type { GivenError, LearnerAnswer as Given, Wants } from "./learnerAnswer";
export { readLearnerAnswer as readGiven } from "./readLearnerAnswer";
export {
  cleanName,
  LONGEST_ANSWER,
  LONGEST_GUESS,
  LONGEST_NAME,
  LONGEST_NOTE,
  MOST_LEARNERS,
  MOST_ROWS,
} from "./sheetLimits";
export { answerValue, FORM_FAULTS, type FormFault, sameAnswer, type Verdict, verdictOf } from "./verdict";
