export { type Given, type GivenError, readGiven, type Wants } from "./given";
export {
  cleanName,
  LONGEST_ANSWER,
  LONGEST_NAME,
  LONGEST_NOTE,
  MOST_LEARNERS,
  MOST_ROWS,
} from "./sheetLimits";
export { answerValue, FORM_FAULTS, type FormFault, sameAnswer, type Verdict, verdictOf } from "./verdict";
