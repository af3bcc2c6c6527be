export { boardAddress } from "../../service/boardAddress";
export { BoardScreen } from "./BoardScreen";
export { readAddress } from "./state/readAddress";
export { startOfBoard } from "./state/startOfBoard";
