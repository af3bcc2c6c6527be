import "server-only";

export { attemptsOf, cellsOf, keepHandedIn } from "./attempts";
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
export { type CellsKept, type CellWrite, keepCells, waitingOn } from "./cells";
export { historiesOf, historyOf } from "./counts";
export { type Data, database, dataFolder, FILE_NAME, isReadOnly, replaceDatabase } from "./database";
export {
  findKeptSheet,
  givenTo,
  type KeptSheet,
  keepSheet,
  listKeptSheets,
  noteGiven,
  setSheetAside,
  sheetOfCode,
} from "./keptSheets";
export {
  addLearner,
  findLearner,
  listLearners,
  removeLearner,
  renameLearner,
  restoreLearner,
} from "./learners";
export { metBefore } from "./metBefore";
export { packedCellsOf } from "./packedCells";
export { lastRevision } from "./revision";
export {
  changeSetting,
  type KeptSetting,
  keepSetting,
  readSetting,
  settingNow,
  unreadSettings,
} from "./settings";
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
} from "./sheets";
