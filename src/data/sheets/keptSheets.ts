import { and, desc, eq, isNotNull, isNull, or, type SQL, sql } from "drizzle-orm";
import type { AnySQLiteColumn } from "drizzle-orm/sqlite-core";
import { z } from "zod";
import { choicesOf, type HouseRules } from "@/core/house";
import { done, failed, type Result } from "@/core/result";
import { type KeptSheetState, keptRowSchema } from "@/service/kept/keptSheet";
import type { Unread } from "@/service/kept/unread";
import { putAside } from "../aside/setAside";
import { partRead } from "../aside/unread";
import type { Data } from "../data";
import { holdsMore, houseOf, jsonOf } from "../houseOf";
import { type DataWriter, nextRevision, type Stale } from "../revision";
import { keptSheets, learners, sheetsGiven, sheetVersions } from "../schema";
import type { WholeRow } from "../wholeRow";

/** A sheet of problems as it is kept. */
export interface KeptSheet extends KeptSheetState {
  readonly id: string;
  readonly code: string;
  readonly archived: boolean;
  readonly revision: number;
}

export const rowsSchema = z.array(keptRowSchema);

type Row = typeof keptSheets.$inferSelect;

function sheetOf(row: Row, house = houseOf(row.house)): Result<KeptSheet, string> {
  if (!house.ok) return house;
  const rows = jsonOf(row.rows, rowsSchema);
  if (rows === undefined) return failed("its problems can’t be read");
  const { id, code, name, drawing, seed, archivedAt, revision } = row;
  return done({
    id,
    code,
    name,
    house: house.value,
    rows,
    drawing,
    seed,
    archived: archivedAt !== null,
    revision,
  });
}

/** The kept sheet of an id; none where none is kept, or it can't be read. */
export function findKeptSheet(data: DataWriter, id: string): KeptSheet | undefined {
  return found(data, eq(keptSheets.id, id));
}

/** The kept sheet that has a code just now, in capital letters. */
export function sheetWithCode(data: DataWriter, code: string): KeptSheet | undefined {
  return found(data, eq(keptSheets.code, code));
}

function found(data: DataWriter, which: SQL): KeptSheet | undefined {
  const row = data
    .select()
    .from(keptSheets)
    .where(and(which, isNull(keptSheets.deletedAt)))
    .get();
  const sheet = row && sheetOf(row);
  return sheet?.ok ? sheet.value : undefined;
}

/** Letters and digits that can't be taken for each other. */
const CODE_SIGNS = "23456789ABCDEFGHJKMNPQRSTUVWXYZ";
const CODE_LENGTH = 6;

/** A code that no sheet has or had, from chances that come from outside. */
export function newCode(write: DataWriter, chance: () => number): string {
  for (;;) {
    const code = Array.from(
      { length: CODE_LENGTH },
      () => CODE_SIGNS[Math.floor(chance() * CODE_SIGNS.length)],
    ).join("");
    const taken = write.select({ id: keptSheets.id }).from(keptSheets).where(eq(keptSheets.code, code)).get();
    const had = write.select().from(sheetVersions).where(eq(sheetVersions.code, code)).get();
    if (taken === undefined && had === undefined) return code;
  }
}

/** Why a sheet is not kept: it was changed elsewhere, it was deleted elsewhere, or what stands there can't be read. */
export type KeepRefusal = Stale<KeptSheet> | { readonly code: "deleted" | "unread" };

/**
 * Keeps a sheet as it stands now. One that was changed elsewhere since revision `saw` is left as it is and told;
 * `saw` 0 is a sheet that is new. `after` is what the same window wrote before and was not answered for. One that
 * was deleted elsewhere is not brought back by this. What is sent twice does no harm.
 */
export function keepSheet(
  data: Data,
  id: string,
  content: KeptSheetState,
  { saw, after }: { readonly saw: number | undefined; readonly after?: KeptSheetState | undefined },
  now: Date,
  chance: () => number,
): Result<KeptSheet, KeepRefusal> {
  return data.transaction((write) => {
    const row = write.select().from(keptSheets).where(eq(keptSheets.id, id)).get();
    if (row !== undefined && row.deletedAt !== null) return failed({ code: "deleted" });
    const there = row && sheetOf(row);
    if (there?.ok === false) return failed({ code: "unread" });
    const before = there?.value;
    const values = { ...contentOf(content), changedAt: now };
    const stands = (other: KeptSheetState): boolean =>
      before !== undefined && JSON.stringify(contentOf(before)) === JSON.stringify(contentOf(other));
    if (before !== undefined && saw !== undefined && before.revision !== saw) {
      if (stands(content)) return done(before);
      if (after === undefined || !stands(after)) return failed({ code: "stale", now: before });
    }
    if (row !== undefined && holdsMore(row.rows, rowsSchema))
      putAside(write, "kept_sheets", JSON.stringify(row));
    const revision = nextRevision(write);
    write
      .insert(keptSheets)
      .values({
        id,
        code: before?.code ?? newCode(write, chance),
        ...values,
        archivedAt: null,
        deletedAt: null,
        revision,
      } satisfies WholeRow<typeof keptSheets>)
      .onConflictDoUpdate({ target: keptSheets.id, set: { ...values, revision } })
      .run();
    const kept = findKeptSheet(write, id);
    if (kept === undefined) throw new Error("keepSheet: what was written can't be read");
    return done(kept);
  });
}

/** What is written of a sheet, as its row holds it. */
const contentOf = ({ name, house, rows, drawing, seed }: KeptSheetState) => ({
  name,
  house: JSON.stringify(choicesOf(house)),
  rows: JSON.stringify(rows),
  drawing,
  seed,
});

/** Puts a sheet among those that are out of the way, or takes it off the list altogether, or undoes either. Says whether there was one. */
export function setSheetAside(
  data: Data,
  id: string,
  how: { readonly archived: boolean } | { readonly deleted: boolean },
  now: Date,
): boolean {
  return data.transaction((write) => {
    const set =
      "archived" in how ? { archivedAt: how.archived ? now : null } : { deletedAt: how.deleted ? now : null };
    return (
      write
        .update(keptSheets)
        .set({ ...set, revision: nextRevision(write) })
        .where(eq(keptSheets.id, id))
        .run().changes > 0
    );
  });
}

/** A sheet as it is listed. */
interface ListedKept {
  readonly id: string;
  readonly code: string;
  readonly name: string;
  readonly problems: readonly string[];
  readonly changedAt: Date;
  readonly archived: boolean;
  /** The names of those who were given it. */
  readonly given: readonly string[];
}

/** The sheets that were changed last; with a search, those whose name, code or problems have it. Those that can't be read apart. */
export function listKeptSheets(
  data: Data,
  { search, archived, most }: { readonly search: string; readonly archived: boolean; readonly most: number },
): { readonly sheets: readonly ListedKept[]; readonly unread: readonly Unread[] } {
  const wanted = `%${search.trim().replaceAll(/[\\%_]/g, (sign) => `\\${sign}`)}%`;
  const has = (column: AnySQLiteColumn): SQL => sql`${column} like ${wanted} escape '\\'`;
  // A code that it had, on paper that was given out, leads to it too.
  const hadCode = sql`exists (select 1 from ${sheetVersions} where ${sheetVersions.sheetId} = ${keptSheets.id} and ${has(sheetVersions.code)})`;
  const searched = or(has(keptSheets.name), has(keptSheets.code), has(keptSheets.rows), hadCode);
  const rows = data
    .select()
    .from(keptSheets)
    .where(
      and(
        isNull(keptSheets.deletedAt),
        archived ? isNotNull(keptSheets.archivedAt) : isNull(keptSheets.archivedAt),
        search.trim() === "" ? undefined : searched,
      ),
    )
    .orderBy(desc(keptSheets.changedAt))
    .limit(most)
    .all();
  // A tutor's sheets share few house rules: each is read once.
  const houses = new Map<string, Result<HouseRules, string>>();
  const { read, unread } = partRead("kept_sheets", rows, (row) => {
    const house = houses.get(row.house) ?? houseOf(row.house);
    houses.set(row.house, house);
    const sheet = sheetOf(row, house);
    return sheet.ok ? done({ ...sheet.value, changedAt: row.changedAt }) : sheet;
  });
  const given = namesGiven(data);
  const sheets = read.map(({ id, code, name, rows: problems, changedAt, archived: away }) => ({
    id,
    code,
    name,
    problems: problems.map(({ problem }) => problem),
    changedAt,
    archived: away,
    given: given.get(id) ?? [],
  }));
  return { sheets, unread };
}

/** The names of those who were given each sheet. */
function namesGiven(data: DataWriter): ReadonlyMap<string, readonly string[]> {
  const names = new Map<string, string[]>();
  const rows = data
    .select({ sheet: sheetsGiven.sheetId, name: learners.name })
    .from(sheetsGiven)
    .innerJoin(learners, eq(learners.id, sheetsGiven.learnerId))
    .orderBy(learners.name)
    .all();
  for (const { sheet, name } of rows) names.set(sheet, [...(names.get(sheet) ?? []), name]);
  return names;
}

/** Who was given a sheet, and when. */
export const givenTo = (
  data: DataWriter,
  sheet: string,
): readonly { readonly id: string; readonly name: string; readonly at: Date }[] =>
  data
    .select({ id: learners.id, name: learners.name, at: sheetsGiven.at })
    .from(sheetsGiven)
    .innerJoin(learners, eq(learners.id, sheetsGiven.learnerId))
    .where(eq(sheetsGiven.sheetId, sheet))
    .orderBy(learners.name)
    .all();

/** Notes that learners were given a sheet, in a transaction that is open. */
export function noteGiven(write: DataWriter, sheet: string, to: readonly string[], now: Date): void {
  for (const learner of to)
    write
      .insert(sheetsGiven)
      .values({ sheetId: sheet, learnerId: learner, at: now })
      .onConflictDoUpdate({ target: [sheetsGiven.sheetId, sheetsGiven.learnerId], set: { at: now } })
      .run();
}
