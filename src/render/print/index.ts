export type { PageItem, PrintInk, PrintPage } from "./page";
export {
  PLAIN_PRINTING,
  type PrintedStory,
  type Printing,
  printingFrom,
  type SheetToPrint,
} from "./printing";
export { sheetPages } from "./sheetPages";
