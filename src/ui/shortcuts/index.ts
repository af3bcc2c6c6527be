export { BOARD_KEYS, type BoardAct, boardActOf } from "./boardKeys";
export { KeysHelp } from "./KeysHelp";
export { showKeys } from "./shownKeys";
export { isBare, useShortcuts } from "./useShortcuts";
