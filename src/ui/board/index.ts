export { BoardScreen } from "./BoardScreen";
export { boardAddress, readAddress } from "./state/address";
export { KEYS } from "./state/keys";
export { startOfBoard } from "./state/startOfBoard";
