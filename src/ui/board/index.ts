export { boardAddress, readAddress } from "./address";
export { BoardScreen } from "./BoardScreen";
export { Paper, sheetFor } from "./Paper";
export { startOfBoard } from "./startOfBoard";
