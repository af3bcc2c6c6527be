import Papa from "papaparse";
import { type Cell, type Column, keyOf, type SentCell, type SheetRow } from "./marks";

/** Pasted text as a block of fields: tabs between columns as spreadsheets copy them, or commas in a file. */
export const fieldsOf = (text: string, delimiter: "\t" | ""): readonly (readonly string[])[] =>
  Papa.parse<string[]>(text.trimEnd(), { delimiter, skipEmptyLines: false }).data;

/** Whether pasted text is more than one field, so that it goes into more than one square. */
export const isBlock = (text: string): boolean => /[\t\n\r]/.test(text.trimEnd());

/** A pasted block laid over the sheet from a square on; what reaches past its edges is left out, and counted. */
export function blockFrom(
  fields: readonly (readonly string[])[],
  row: number,
  learner: string,
  rows: number,
  columns: readonly Column[],
): { readonly sent: readonly SentCell[]; readonly outside: number } {
  const first = columns.findIndex(({ id }) => id === learner);
  const all = fields.flatMap((line, down) =>
    line.map((given, across) => ({ row: row + down, column: columns[first + across], given: given.trim() })),
  );
  const sent = all.flatMap(({ row: at, column, given }): readonly SentCell[] =>
    column === undefined || at >= rows ? [] : [{ row: at, learner: column.id, given }],
  );
  return {
    sent,
    outside: all.filter(({ given }) => given !== "").length - sent.filter(({ given }) => given !== "").length,
  };
}

/** The sheet as CSV: a problem a row, its right answer, then each learner's answer and what it was marked. */
export function csvOf(
  rows: readonly SheetRow[],
  columns: readonly Column[],
  cells: ReadonlyMap<string, Cell>,
): string {
  const head = ["problem", "right answer", ...columns.flatMap(({ name }) => [name, `${name}: marked`])];
  const lines = rows.map(({ problem, right }, row) => [
    problem,
    right,
    ...columns.flatMap(({ id }) => {
      const cell = cells.get(keyOf(row, id));
      const slips = cell?.mark?.slips.join(" + ") ?? "";
      return [cell?.typed ?? "", [cell?.mark?.verdict ?? "", slips].filter((part) => part !== "").join(": ")];
    }),
  ]);
  return Papa.unparse([head, ...lines], { escapeFormulae: true });
}

/** A sheet read from CSV: its first column the problems, each other one a learner's answers under their name. */
export interface ReadSheet {
  readonly problems: readonly string[];
  readonly columns: readonly { readonly name: string; readonly answers: readonly string[] }[];
}

/** Reads a sheet from CSV; columns that Right Sum itself adds (right answers, markings) are passed over. */
export function sheetFromCsv(text: string): ReadSheet | undefined {
  const [head, ...lines] = fieldsOf(text.replace(/^\uFEFF/, ""), "");
  if (head === undefined || lines.length === 0) return undefined;
  const filled = lines.filter(([problem]) => (problem ?? "").trim() !== "");
  if (filled.length === 0) return undefined;
  const wanted = head.flatMap((name, index) =>
    index === 0 || name === "right answer" || name.endsWith(": marked") || name.trim() === ""
      ? []
      : [{ name: name.trim(), index }],
  );
  const plain = (field: string | undefined): string => (field ?? "").trim().replace(/^'(?=[=+\-@−])/, "");
  return {
    problems: filled.map(([problem]) => plain(problem)),
    columns: wanted.map(({ name, index }) => ({ name, answers: filled.map((line) => plain(line[index])) })),
  };
}
