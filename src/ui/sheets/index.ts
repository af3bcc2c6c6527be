export { COUNTS } from "./counts";
export { SheetsScreen } from "./SheetsScreen";
