export { boardAddress, readAddress } from "./address";
export { BoardScreen } from "./BoardScreen";
export { KEYS } from "./keys";
export { startOfBoard } from "./startOfBoard";
