import "server-only";

export {
  type Attempt,
  attemptsOf,
  attemptsOnSheet,
  clearAttempt,
  clearRowsFrom,
  countsOf,
  historyOf,
  keepAttempt,
} from "./attempts";
export {
  deleteBoard,
  findBoard,
  keepBoard,
  listBoards,
  pinBoard,
  renameBoard,
  restoreBoard,
} from "./boards";
export { type Data, database } from "./database";
export {
  findLearner,
  keepLearner,
  type Learner,
  listLearners,
  removeLearner,
  restoreLearner,
} from "./learners";
export {
  deleteMarkingSheet,
  findMarkingSheet,
  keepMarkingSheet,
  listMarkingSheets,
  type MarkingSheet,
  restoreMarkingSheet,
} from "./markingSheets";
export { readSetting, writeSetting } from "./settings";
