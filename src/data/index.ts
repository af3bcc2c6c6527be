import "server-only";

export { allUnread } from "./aside/allUnread";
export { replacing } from "./backup/replacing";
export {
  deleteBoard,
  findBoard,
  type KeptBoard,
  keepBoard,
  listBoards,
  pinBoard,
  renameBoard,
  restoreBoard,
} from "./boards";
export type { Data } from "./data";
export { closeDatabase, database, dataFolder, FILE_NAME, isReadOnly, replaceDatabase } from "./database";
export { attemptsOf, keepHandedIn, keptSquaresOf } from "./marking/attempts";
export {
  addLearner,
  findLearner,
  listLearners,
  removeLearner,
  renameLearner,
  restoreLearner,
} from "./marking/learners";
export {
  applyActs,
  deleteSheet,
  findSheet,
  listSheets,
  type MarkingSheet,
  openSheet,
  restoreSheet,
  sheetNow,
  sizeAfter,
} from "./marking/markingSheets";
export { packedCellsOf } from "./marking/packedSquares";
export { historiesOf, historyOf } from "./marking/patternCounts";
export { seenProblems } from "./marking/seenProblems";
export { type CellsKept, type CellWrite, keepCells, waitingOn } from "./marking/squares";
export {
  findOwnThing,
  keepOwnThing,
  listOwnThings,
  type OwnOnDisk,
  setOwnThingDeleted,
  unreadOwnThings,
} from "./own/ownThings";
export { type DataWriter, lastReplaced, lastRevision } from "./revision";
export {
  changeSetting,
  type KeptSetting,
  keepSetting,
  readSetting,
  settingNow,
  unreadSettings,
} from "./settings";
export {
  findKeptSheet,
  givenTo,
  type KeptSheet,
  keepSheet,
  listKeptSheets,
  noteGiven,
  setSheetAside,
} from "./sheets/keptSheets";
export { giveOut, type SheetVersion, versionToMark } from "./sheets/sheetVersions";
