export { FollowUp } from "./FollowUp";
export { KeptSheetsScreen } from "./KeptSheetsScreen";
export { ProbeScreen } from "./ProbeScreen";
export { recipeAddress, recipeFrom } from "./recipeAddress";
export { SheetEditor } from "./SheetEditor";
export { SheetsScreen } from "./SheetsScreen";
