export { mishapsOf } from "./execution";
export { EXECUTION_SLIPS } from "./executionSlips";
export { type Explanation, explanationsOf, type History, type Showings } from "./explain";
export { type Marked, markedAnswer, waysKept } from "./explainAnswer";
export { type Replay, replayOf, undoingOf } from "./replay";
export { separatingProblem } from "./separating";
export {
  type Answered,
  isSteady,
  type SheetExplanation,
  type SlipShowings,
  sheetExplanations,
  showingsOn,
  waysTaken,
} from "./sheet";
export { SLIP_SKILLS, type Slip, type SlipAct, type SlipFacts, type SlipSkill } from "./slip";
export { SLIP_IDS, type SlipId } from "./slipIds";
export { type SlippedWorking, type SlipReason, slippedWorking } from "./slipped";
export { EVERY_SLIP, SLIPS, slipFacts, slipIdOf, slipsNamed } from "./slips";
export { slippedStepWords } from "./slipWords";
export { slipsFor, type WrongWay, type WrongWays, wrongWays } from "./wrongWays";
