export { BOARD_KEYS, type BoardAct, boardActOf } from "./boardKeys";
export { KeysHelp } from "./KeysHelp";
export { showKeys } from "./keysHelp";
export { isBare, useShortcuts } from "./useShortcuts";
