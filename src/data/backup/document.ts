import { done, failed, type Result } from "@/core/result";
import { readJson } from "../files/jsonInParts";
import { DOCUMENT_TABLES } from "./documentTables";

/**
 * The whole of a tutor's data as one JSON document: `{"format": "right-sum", "version", "tables": {…}}`, each
 * table a list of its rows by the names of their columns. Counts that follow from the rest are not in it.
 */
export const DOCUMENT_FORMAT = "right-sum";
export const DOCUMENT_VERSION = 5;

/** A row of a document: what stands in each of its columns. */
type Row = Readonly<Record<string, unknown>>;

/** What a version brought: how a row of the one before it becomes one of it, by its table, and the tables that are new. */
export interface Upgrade {
  readonly rows?: Readonly<Record<string, (row: Row) => Row>>;
  readonly adds?: readonly string[];
}

/** How a document of an older version becomes one of the next, by the version it has. */
type Upgrades = Readonly<Record<number, Upgrade>>;
const UPGRADES: Upgrades = {
  // What an answer was explained by, and where a small number sits in its square, had other names; work had no id.
  1: {
    rows: {
      learner_attempts: ({ slips, ...row }) => ({ ...row, patterns: slips }),
      papers: ({ marks, ...row }) => ({
        ...row,
        sent_id: null,
        marks: typeof marks === "string" ? marks.replaceAll('"seat":', '"position":') : marks,
      }),
    },
  },
  // Sheets were not kept yet.
  2: { adds: ["kept_sheets", "sheets_given"] },
  // Rungs, stories and stock lists stood among the settings: they get rows of their own where the data is opened.
  3: { adds: ["own_things"] },
  // What was given out under a code was not kept beside the sheet yet.
  4: { adds: ["sheet_versions"] },
};

const NO_EXPORT = "The file is JSON, but no export of Right Sum.";

const isVersion = (value: unknown): value is number => Number.isSafeInteger(value) && Number(value) >= 1;

/** What a document has beside its tables, and what is wrong with it. */
const BESIDE = {
  format: (value: unknown) => (value === DOCUMENT_FORMAT ? undefined : NO_EXPORT),
  version: (value: unknown) => (isVersion(value) ? undefined : NO_EXPORT),
  exportedAt: (value: unknown) => (typeof value === "string" && value.length <= 40 ? undefined : NO_EXPORT),
  lost: (value: unknown) => (isRow(value) ? undefined : NO_EXPORT),
};

/**
 * Reads a document in a file, and gives each of its rows, brought up to date, as it comes: no more is held than one
 * row. Says in a sentence why it can't be taken; rows may have been given before that.
 */
export function readDocument(
  file: string,
  take: (table: string, row: Row) => void,
  upgrades: Upgrades = UPGRADES,
  current = DOCUMENT_VERSION,
): Result<undefined, string> {
  const version = versionOf(file);
  if (!version.ok) return version;
  const steps: Upgrade[] = [];
  if (version.value > current)
    return failed("The file was exported by a newer Right Sum. Install that one to import it.");
  for (let from = version.value; from < current; from++) {
    const upgrade = upgrades[from];
    if (upgrade === undefined)
      return failed(`The file is of version ${version.value}, which is too old to import.`);
    steps.push(upgrade);
  }
  const later = new Set(steps.flatMap(({ adds = [] }) => adds));
  const seen = new Set<string>();
  const read = readJson(file, {
    list: (name) => {
      if (!DOCUMENT_TABLES.some((table) => table.name === name))
        return `The file has a list, “${name.slice(0, 40)}”, that Right Sum does not know.`;
      if (seen.has(name)) return `The file has the list of ${name} twice.`;
      seen.add(name);
      return undefined;
    },
    entry: (name, index, value) => {
      const shape = DOCUMENT_TABLES.find((table) => table.name === name)?.row;
      const row = steps.reduce(
        (one, { rows = {} }) => (isRow(one) ? (rows[name]?.(one) ?? one) : one),
        value,
      );
      const checked = shape?.safeParse(row);
      if (checked?.success) {
        take(name, checked.data);
        return undefined;
      }
      const where = checked?.error.issues[0]?.path.join(".") ?? "";
      return `Number ${index + 1} of ${name} does not fit${where === "" ? "" : ` (${where})`}.`;
    },
    beside: BESIDE,
    isEnough: () => false,
  });
  if (!read.ok) return read;
  const missing = DOCUMENT_TABLES.find(({ name }) => !seen.has(name) && !later.has(name));
  return missing === undefined
    ? done(undefined)
    : failed(`The file has no list of ${missing.name}: it is not whole.`);
}

const isRow = (value: unknown): value is Row =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** The version of a document, which may stand anywhere in it: no further is read than it takes. */
function versionOf(file: string): Result<number, string> {
  let isExport = false;
  let version: number | undefined;
  const read = readJson(file, {
    list: () => undefined,
    entry: () => undefined,
    beside: {
      ...BESIDE,
      format: (value) => {
        isExport = value === DOCUMENT_FORMAT;
        return BESIDE.format(value);
      },
      version: (value) => {
        if (isVersion(value)) version = value;
        return BESIDE.version(value);
      },
    },
    isEnough: () => isExport && version !== undefined,
  });
  if (!read.ok) return read;
  return isExport && version !== undefined ? done(version) : failed(NO_EXPORT);
}
