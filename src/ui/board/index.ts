export { readAddress } from "./address";
export { BoardScreen } from "./BoardScreen";
export { startOfBoard } from "./startOfBoard";
