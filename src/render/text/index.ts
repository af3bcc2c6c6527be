export { textBoard } from "./textBoard";
