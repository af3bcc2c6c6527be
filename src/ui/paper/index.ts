export { Drawn } from "./Drawn";
export { Paper, sheetFor } from "./Paper";
