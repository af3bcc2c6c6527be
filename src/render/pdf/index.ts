export { sheetPdf } from "./sheetPdf";
