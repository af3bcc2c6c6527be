import "server-only";

export {
  deleteBoard,
  findBoard,
  keepBoard,
  listBoards,
  pinBoard,
  renameBoard,
  restoreBoard,
} from "./boards";
export { database } from "./database";
export { readSetting, writeSetting } from "./settings";
