import { z } from "zod";
import { done, failed, type Result } from "@/core/result";
import { REFERENCES } from "../references";
import { DOCUMENT_TABLES } from "./documentTables";

/**
 * The whole of a tutor's data as one JSON document: `{"format": "right-sum", "version", "tables": {…}}`, each
 * table a list of its rows by the names of their columns. Counts that follow from the rest are not in it.
 */
export const DOCUMENT_FORMAT = "right-sum";
export const DOCUMENT_VERSION = 5;

const rows = z.record(z.string(), z.array(z.record(z.string(), z.unknown())));
const outline = z.strictObject({
  format: z.literal(DOCUMENT_FORMAT),
  version: z.number().int().min(1),
  exportedAt: z.string().max(40).optional(),
  lost: z.record(z.string(), z.number()).optional(),
  tables: rows,
});

/** The tables of a document that was read: each that there is, every row with the columns that its table has. */
export type DocumentTables = Readonly<Record<string, readonly Readonly<Record<string, unknown>>[]>>;

/** How a document of an older version becomes one of the next, by the version it has. */
type Upgrades = Readonly<Record<number, (tables: z.infer<typeof rows>) => z.infer<typeof rows>>>;
const UPGRADES: Upgrades = {
  // What an answer was explained by, and where a small number sits in its square, had other names; work had no id.
  1: ({ learner_attempts = [], papers = [], ...rest }) => ({
    ...rest,
    learner_attempts: learner_attempts.map(({ slips, ...row }) => ({ ...row, patterns: slips })),
    papers: papers.map(({ marks, ...row }) => ({
      ...row,
      sent_id: null,
      marks: typeof marks === "string" ? marks.replaceAll('"seat":', '"position":') : marks,
    })),
  }),
  // Sheets were not kept yet.
  2: (tables) => ({ kept_sheets: [], sheets_given: [], ...tables }),
  // Rungs, stories and stock lists stood among the settings: they get rows of their own where the data is opened.
  3: (tables) => ({ own_things: [], ...tables }),
  // What was given out under a code was not kept beside the sheet yet.
  4: (tables) => ({ sheet_versions: [], ...tables }),
};

/** Reads a document whole, or says in a sentence why it can't be taken. */
export function readDocument(
  json: string,
  upgrades: Upgrades = UPGRADES,
  current = DOCUMENT_VERSION,
): Result<DocumentTables, string> {
  let parsed: unknown;
  try {
    parsed = JSON.parse(json);
  } catch {
    return failed("The file is not JSON: it may be cut off, or be something else.");
  }
  const document = outline.safeParse(parsed);
  if (!document.success) return failed("The file is JSON, but no export of Right Sum.");
  const { version } = document.data;
  if (version > current)
    return failed("The file was exported by a newer Right Sum. Install that one to import it.");
  let tables = document.data.tables;
  for (let from = version; from < current; from++) {
    const upgrade = upgrades[from];
    if (upgrade === undefined)
      return failed(`The file is of version ${version}, which is too old to import.`);
    tables = upgrade(tables);
  }
  const unknown = Object.keys(tables).find((name) => !DOCUMENT_TABLES.some((table) => table.name === name));
  if (unknown !== undefined)
    return failed(`The file has a list, “${unknown.slice(0, 40)}”, that Right Sum does not know.`);
  for (const { name, row: shape } of DOCUMENT_TABLES) {
    const list = tables[name];
    if (list === undefined) return failed(`The file has no list of ${name}: it is not whole.`);
    for (const [index, row] of list.entries()) {
      const checked = shape.safeParse(row);
      if (checked.success) continue;
      const where = checked.error.issues[0]?.path.join(".") ?? "";
      return failed(`Number ${index + 1} of ${name} does not fit${where === "" ? "" : ` (${where})`}.`);
    }
  }
  const loose = looseEnd(tables);
  return loose === undefined ? done(tables) : failed(loose);
}

/** A row that points to one that is not there, told in a sentence; none where all hold together. */
function looseEnd(tables: z.infer<typeof rows>): string | undefined {
  for (const { table, column, to, key } of REFERENCES) {
    const known = new Set((tables[to] ?? []).map((row) => row[key]));
    const index = (tables[table] ?? []).findIndex((row) => row[column] !== null && !known.has(row[column]));
    if (index >= 0)
      return `Number ${index + 1} of ${table} belongs to something that is not in the file (${column}).`;
  }
  return undefined;
}
