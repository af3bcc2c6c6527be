import type { CellChange, Column, MarkingRow } from "@/service/kept/markingSheet";

/** Text without line breaks at its end. */
export function withoutEnd(text: string): string {
  let end = text.length;
  while (end > 0 && (text[end - 1] === "\n" || text[end - 1] === "\r")) end--;
  return text.slice(0, end);
}

/** Whether pasted text is more than one field, so that it goes into more than one square. */
export const isBlock = (text: string): boolean => /[\t\n\r]/.test(withoutEnd(text));

/** A pasted block laid over the sheet from a square on; what reaches past its edges is left out, and counted. */
export function blockFrom(
  fields: readonly (readonly string[])[],
  row: string,
  learner: string,
  rows: readonly MarkingRow[],
  columns: readonly Column[],
): { readonly answers: readonly CellChange[]; readonly outside: number } {
  const top = rows.findIndex(({ id }) => id === row);
  const first = columns.findIndex(({ id }) => id === learner);
  const all = fields.flatMap((line, down) =>
    line.map((given, across) => ({
      row: rows[top + down],
      column: columns[first + across],
      given: given.trim(),
    })),
  );
  const answers = all.flatMap(({ row: at, column, given }): readonly CellChange[] =>
    column === undefined || at === undefined ? [] : [{ row: at.id, learner: column.id, given }],
  );
  const filled = (items: readonly { readonly given?: string }[]): number =>
    items.filter(({ given }) => given !== "").length;
  return { answers, outside: filled(all) - filled(answers) };
}
