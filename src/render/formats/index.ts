import { readSheetFile, sheetCsv, sheetJson, sheetLatex, sheetMarkdown } from "./plainSheets";
import { sheetQti } from "./qti";
import type { SheetOut } from "./sheetFile";

export { readSheetFile, type SheetOut };

/** The formats that a sheet goes out in, each with the end of its file's name. */
export const SHEET_FORMATS = [
  { id: "csv", ending: "csv", type: "text/csv; charset=utf-8", write: sheetCsv },
  { id: "json", ending: "json", type: "application/json", write: sheetJson },
  { id: "markdown", ending: "md", type: "text/markdown; charset=utf-8", write: sheetMarkdown },
  { id: "latex", ending: "tex", type: "application/x-tex; charset=utf-8", write: sheetLatex },
  { id: "qti", ending: "zip", type: "application/zip", write: sheetQti },
] as const satisfies readonly {
  readonly id: string;
  readonly ending: string;
  readonly type: string;
  readonly write: (sheet: SheetOut) => string | Uint8Array;
}[];

export type SheetFormat = (typeof SHEET_FORMATS)[number]["id"];
