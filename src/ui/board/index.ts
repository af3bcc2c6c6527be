export { BoardScreen } from "./BoardScreen";
export { boardAddress } from "./state/address";
export { readAddress } from "./state/readAddress";
export { startOfBoard } from "./state/startOfBoard";
