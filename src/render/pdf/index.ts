export { printable } from "./letters";
export { sheetPdf } from "./sheetPdf";
