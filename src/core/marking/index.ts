export { type Given, type GivenError, readGiven, type Wants } from "./given";
export { answerWorth, type FormFault, sameAnswer, type Verdict, verdictOf } from "./verdict";
