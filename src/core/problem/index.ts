export { type Answer, type Relation, writeAnswer } from "./answer";
export { exactAnswer, fractionOf, isRight, worthOf } from "./exact";
export {
  type AnswerForm,
  AS_IT_COMES,
  MOST_OPERANDS,
  OPERATIONS,
  type Operation,
  type Problem,
  type SignedOperation,
  signOf,
  writeForm,
  writeProblem,
} from "./problem";
export type { ReadError } from "./readError";
export { LONGEST_LINE, readNumber, readProblem } from "./readProblem";
