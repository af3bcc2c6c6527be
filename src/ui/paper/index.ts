export { Paper, sheetFor } from "./Paper";
