export { SheetEditor } from "./editor/SheetEditor";
export { FollowUp } from "./FollowUp";
export { KeptSheetsScreen } from "./KeptSheetsScreen";
export { ProbeScreen } from "./ProbeScreen";
export { recipeAddress, recipeFrom } from "./recipeAddress";
export { RungEditor } from "./rung/RungEditor";
export { SheetsScreen } from "./SheetsScreen";
