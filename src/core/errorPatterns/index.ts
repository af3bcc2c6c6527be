export {
  type ErrorPattern,
  PATTERN_SKILLS,
  type PatternFacts,
  type PatternSkill,
} from "./contract/errorPattern";
export { PATTERN_IDS, type PatternId } from "./contract/patternIds";
export { EVERY_PATTERN, PATTERNS, patternIdOf, patternsNamed } from "./errorPatterns";
export { EXAMPLES } from "./examples";
export { answersLike, SMALL_SPACE } from "./explaining/answerSpace";
export { estimateJudged } from "./explaining/estimateJudged";
export {
  type Explanation,
  explanationsOf,
  type Likelihood,
  likelihoodOf,
  type Showings,
} from "./explaining/explain";
export { markedAnswer, waysKept } from "./explaining/explainAnswer";
export {
  type PatternResults,
  patternAnswers,
  patternResults,
  patternsFor,
} from "./explaining/patternResults";
export {
  type Answered,
  isSteady,
  sheetExplanations,
  showingsOn,
  stands,
  type UnknownWay,
  unknownWayOn,
  waysTaken,
} from "./explaining/sheet";
export { answerValueIn } from "./explaining/value";
export { type Replay, replayOf, slipsBehind, undoingOf } from "./replaying/replay";
export { separatingProblem, type Twin, twinProblem } from "./replaying/separating";
export { isSlip, SLIPS } from "./slips/slipFacts";
export { type SlipAbout, slipsOf } from "./slips/slips";
export { type PatternReason, wrongWorking } from "./wrongWorking";
