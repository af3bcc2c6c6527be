import { z } from "zod";
import { done, failed, type Result } from "@/core/result";

/**
 * The whole of a tutor's data as one JSON document: `{"format": "right-sum", "version", "tables": {…}}`, each
 * table a list of its rows by the names of their columns. Counts that follow from the rest are not in it.
 */
export const DOCUMENT_FORMAT = "right-sum";
export const DOCUMENT_VERSION = 3;

const id = z.string().min(1).max(60);
const time = z.number().int();
const flag = z.union([z.literal(0), z.literal(1)]);
const text = z.string().max(4000);
const line = z.string().max(2000);
const list = z.string().max(4000);
const revision = z.number().int().min(0);

/** Each table of the document with its columns. */
const DOCUMENT_TABLES = {
  boards: z.strictObject({
    id,
    version: z.number().int(),
    problem: line,
    method: z.string().max(100),
    beside: z.string().max(100).nullable(),
    house: text,
    step: z.number().int(),
    guess: z.string().max(200),
    name: z.string().max(200),
    pinned: flag,
    opened_at: time,
    deleted_at: time.nullable(),
    revision,
  }),
  settings: z.strictObject({ name: z.string().max(40), value: z.string().max(300_000), revision }),
  learners: z.strictObject({
    id,
    name: z.string().min(1).max(80),
    created_at: time,
    removed_at: time.nullable(),
    revision,
  }),
  marking_sheets: z.strictObject({
    id,
    house: text,
    opened_at: time,
    deleted_at: time.nullable(),
    revision,
    shape: revision,
  }),
  sheet_rows: z.strictObject({
    id,
    sheet_id: id,
    position: z.number().int(),
    problem: line,
    removed_at: time.nullable(),
  }),
  sheet_learners: z.strictObject({
    sheet_id: id,
    learner_id: id,
    position: z.number().int(),
    removed_at: time.nullable(),
  }),
  kept_sheets: z.strictObject({
    id,
    code: z.string().min(1).max(20),
    name: z.string().max(200),
    house: text,
    rows: z.string().max(1_000_000),
    drawing: z.number().int(),
    seed: z.number().int(),
    changed_at: time,
    archived_at: time.nullable(),
    deleted_at: time.nullable(),
    revision,
  }),
  sheets_given: z.strictObject({ sheet_id: id, learner_id: id, at: time }),
  tasks: z.strictObject({
    id: z.number().int(),
    problem: line,
    house: text,
    chances: z.string().max(10_000),
  }),
  learner_attempts: z.strictObject({
    id: z.number().int(),
    learner_id: id,
    at: time,
    row_id: id.nullable(),
    task_id: z.number().int(),
    given: z.string().max(2000),
    verdict: z.enum(["right", "form", "wrong", "unread", "waiting"]),
    faults: list,
    patterns: list,
    shown: list,
    probability: z.number().min(0).max(1).nullable(),
    chosen: flag,
    note: z.string().max(2000),
    revision,
  }),
  papers: z.strictObject({
    attempt_id: z.number().int(),
    marks: z.string().max(1_000_000),
    hints: z.number().int(),
    estimate: z.string().max(200),
    judged: z.string().max(100),
    seconds: z.number().int().nullable(),
    sent_id: id.nullable(),
  }),
  set_aside: z.strictObject({ id: z.number().int(), origin: text, content: z.string().max(1_000_000) }),
} as const;

export type DocumentTable = keyof typeof DOCUMENT_TABLES;
export const DOCUMENT_TABLE_NAMES = Object.keys(DOCUMENT_TABLES) as readonly DocumentTable[];

/** A table's columns, in the order they are written. */
export const columnsOf = (table: DocumentTable): readonly string[] =>
  Object.keys(DOCUMENT_TABLES[table].shape);

/** What points to what: a column, and the table whose key it must be. */
const REFERENCES = [
  { table: "sheet_rows", column: "sheet_id", to: "marking_sheets", key: "id" },
  { table: "sheet_learners", column: "sheet_id", to: "marking_sheets", key: "id" },
  { table: "sheet_learners", column: "learner_id", to: "learners", key: "id" },
  { table: "sheets_given", column: "sheet_id", to: "kept_sheets", key: "id" },
  { table: "sheets_given", column: "learner_id", to: "learners", key: "id" },
  { table: "learner_attempts", column: "learner_id", to: "learners", key: "id" },
  { table: "learner_attempts", column: "row_id", to: "sheet_rows", key: "id" },
  { table: "learner_attempts", column: "task_id", to: "tasks", key: "id" },
  { table: "papers", column: "attempt_id", to: "learner_attempts", key: "id" },
] as const satisfies readonly {
  readonly table: DocumentTable;
  readonly column: string;
  readonly to: DocumentTable;
  readonly key: string;
}[];

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
  2: (tables) => tables,
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
  const unknown = Object.keys(tables).find((name) => !Object.hasOwn(DOCUMENT_TABLES, name));
  if (unknown !== undefined)
    return failed(`The file has a list, “${unknown.slice(0, 40)}”, that Right Sum does not know.`);
  for (const table of DOCUMENT_TABLE_NAMES) {
    const list = tables[table];
    if (list === undefined) return failed(`The file has no list of ${table}: it is not whole.`);
    for (const [index, row] of list.entries()) {
      const checked = DOCUMENT_TABLES[table].safeParse(row);
      if (checked.success) continue;
      const where = checked.error.issues[0]?.path.join(".") ?? "";
      return failed(`Number ${index + 1} of ${table} does not fit${where === "" ? "" : ` (${where})`}.`);
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
