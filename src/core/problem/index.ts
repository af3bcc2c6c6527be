export {
  type Answer,
  answerParts,
  belowZero,
  joinerOf,
  quantityOf,
  type Relation,
  writeAnswer,
} from "./answer";
export { answerValueOf, divisorOf, exactAnswer, exactValue, isRight, roundedTo } from "./exact";
export { type Branch, type Expression, needsBrackets } from "./expression";
export { INVERSE, undoneWith } from "./inverse";
export {
  comparedOf,
  decimalsOf,
  fractionsOf,
  isAmount,
  isDecimal,
  isMeasure,
  isNumeral,
  mapDecimals,
  measuresOf,
  moneyProblem,
  signedOf,
  termsOf,
  thingAndTimes,
  withOperands,
} from "./makeProblem";
export type { Join, Operation, SignedOperation } from "./operation";
export { partialValues } from "./partialValues";
export { partsOfAmount } from "./partsOfAmount";
export {
  type AnswerForm,
  AS_IT_COMES,
  type Asks,
  type ChainProblem,
  type DecimalForm,
  type DecimalProblem,
  type FractionProblem,
  type MeasureProblem,
  MOST_HANDED,
  MOST_OPERANDS,
  type MoneyProblem,
  operandsOf,
  PROBLEM_KINDS,
  type Problem,
  type ProblemKind,
  type QuantitiesProblem,
  type ReadingNotation,
  type SignedProblem,
  type Term,
  type TermsProblem,
  termsIn,
} from "./problem";
export { fractionOf } from "./quantityValue";
export { problemOf } from "./reading/problemOf";
export { type InText, quantitiesIn } from "./reading/quantitiesIn";
export type { FormOf, ReadError } from "./reading/readError";
export { refusesForm } from "./reading/readForm";
export { LONGEST_LINE, readOneQuantity, readProblem } from "./reading/readProblem";
export { MOST_FRACTION_DIGITS } from "./reading/readQuantity";
export { type Token, tokensOf, wordOf } from "./reading/tokens";
export {
  numbersParts,
  problemParts,
  signOf,
  writeExpression,
  writeForm,
  writeProblem,
  writeUnformed,
} from "./writeProblem";
