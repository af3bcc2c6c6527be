import "server-only";

export {
  type BoardState,
  deleteBoard,
  findBoard,
  type KeptBoard,
  keepBoard,
  listBoards,
  pinBoard,
  renameBoard,
  restoreBoard,
} from "./boards";
export { database } from "./database";
export { readSetting, writeSetting } from "./settings";
