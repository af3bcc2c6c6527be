export { type Answer, belowZero, joinerOf, quantityOf, type Relation, writeAnswer } from "./answer";
export { answerValueOf, divisorOf, exactAnswer, exactValue, fractionOf, isRight, roundedTo } from "./exact";
export { type Branch, type Expression, needsBrackets, quantitiesOf } from "./expression";
export type { Operation, SignedOperation } from "./operation";
export {
  type AnswerForm,
  AS_IT_COMES,
  type ChainProblem,
  type DecimalForm,
  type DecimalProblem,
  type FractionProblem,
  type MeasureProblem,
  MOST_HANDED,
  MOST_OPERANDS,
  type MoneyProblem,
  PROBLEM_KINDS,
  type Problem,
  type ProblemKind,
  type ReadingNotation,
  type SignedProblem,
} from "./problem";
export { problemOf } from "./problemOf";
export type { FormOf, ReadError } from "./reading/readError";
export { refusesForm } from "./reading/readForm";
export { LONGEST_LINE, readOneQuantity, readProblem } from "./reading/readProblem";
export { MOST_FRACTION_DIGITS } from "./reading/readQuantity";
export { type Token, tokensOf, wordOf } from "./reading/tokens";
export { signOf, writeExpression, writeForm, writeProblem, writeUnformed } from "./writeProblem";
