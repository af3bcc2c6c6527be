export { SheetEditor } from "./editor/SheetEditor";
export { FollowUp } from "./FollowUp";
export { KeptSheetsScreen } from "./KeptSheetsScreen";
export { ProbeScreen } from "./ProbeScreen";
export { RungEditor } from "./RungEditor";
export { recipeAddress, recipeFrom } from "./recipeAddress";
export { SheetsScreen } from "./SheetsScreen";
