import { eq } from "drizzle-orm";
import { choicesOf, type HouseRules } from "@/core/house";
import type { KeptRow } from "@/service/kept/keptSheet";
import { refuseWhileReplaced } from "../backup/replacing";
import { refuseWhileMoved } from "../files/inPlace";
import { houseOf, jsonOf } from "../houseOf";
import { findSheet } from "../marking/markingSheets";
import type { DataWriter } from "../revision";
import { keptSheets, sheetVersions } from "../schema";
import type { WholeRow } from "../wholeRow";
import { findKeptSheet, type KeptSheet, newCode, rowsSchema, sheetWithCode } from "./keptSheets";

/** The problems of a kept sheet as they were given out under a code. */
export interface SheetVersion {
  readonly code: string;
  /** The kept sheet that it is of. */
  readonly sheet: string;
  readonly house: HouseRules;
  readonly rows: readonly KeptRow[];
  /** The id under which it is marked, among the marking sheets. */
  readonly markedAs: string;
}

/** What a version needs from outside: the time, chances for a code, and an id that follows from a text. */
interface Outside {
  readonly now: Date;
  readonly chance: () => number;
  readonly idOf: (text: string) => string;
}

/**
 * Gives out a kept sheet, on paper or to be marked, in a transaction that is open. A code belongs to the same problems
 * for good: a sheet that was changed since it was given out last gets a new one.
 */
export function giveOut(write: DataWriter, sheet: KeptSheet, { now, chance, idOf }: Outside): SheetVersion {
  refuseWhileReplaced();
  refuseWhileMoved();
  const { id, name, house, rows } = sheet;
  const before = versionOfCode(write, sheet.code);
  if (before !== undefined && sameProblems(before, sheet)) return before;
  const isNew = rowOfCode(write, sheet.code) === undefined;
  const code = isNew ? sheet.code : newCode(write, chance);
  // A sheet that was marked before versions were kept, and changed since, is marked by itself from now on.
  const lines = new Set(rows.map(({ problem }) => problem));
  const isMarked = findSheet(write, id)?.rows.every(({ problem }) => lines.has(problem)) ?? true;
  const markedAs = isNew && isMarked ? id : idOf(`${id} ${code}`);
  if (code !== sheet.code) write.update(keptSheets).set({ code }).where(eq(keptSheets.id, id)).run();
  write
    .insert(sheetVersions)
    .values({
      code,
      sheetId: id,
      name,
      house: JSON.stringify(choicesOf(house)),
      rows: JSON.stringify(rows),
      markedAs,
      givenOutAt: now,
    } satisfies WholeRow<typeof sheetVersions>)
    .run();
  return { code, sheet: id, house, rows, markedAs };
}

type Problems = Pick<SheetVersion, "house" | "rows">;

const textOf = ({ house, rows }: Problems): string => JSON.stringify([choicesOf(house), contentOf(rows)]);

/** What of the problems is on the paper: not whether one is to stay when others are drawn. */
const contentOf = (rows: readonly KeptRow[]) => rows.map(({ problem, story }) => ({ problem, story }));

const sameProblems = (one: Problems, other: Problems): boolean => textOf(one) === textOf(other);

const rowOfCode = (data: DataWriter, code: string) =>
  data.select().from(sheetVersions).where(eq(sheetVersions.code, code)).get();

/** What was given out under a code; none where nothing was, or it can't be read. */
function versionOfCode(data: DataWriter, code: string): SheetVersion | undefined {
  const row = rowOfCode(data, code);
  if (row === undefined) return undefined;
  const house = houseOf(row.house);
  const rows = jsonOf(row.rows, rowsSchema);
  if (!house.ok || rows === undefined) return undefined;
  return { code, sheet: row.sheetId, house: house.value, rows, markedAs: row.markedAs };
}

/** What is marked under a code that was typed, in capital letters or small ones: what was given out under it, or the sheet that has it now. */
export function versionToMark(write: DataWriter, typed: string, outside: Outside): SheetVersion | undefined {
  const code = typed.trim().toUpperCase();
  const version = versionOfCode(write, code);
  if (version !== undefined) return findKeptSheet(write, version.sheet) && version;
  const sheet = sheetWithCode(write, code);
  return sheet && giveOut(write, sheet, outside);
}
