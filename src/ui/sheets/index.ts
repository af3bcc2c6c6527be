export { KeptSheetsScreen, type ListedSheet } from "./KeptSheetsScreen";
export { recipeAddress, recipeFrom } from "./recipeAddress";
export { SheetEditor } from "./SheetEditor";
export { SheetsScreen } from "./SheetsScreen";
