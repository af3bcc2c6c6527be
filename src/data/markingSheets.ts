import { and, desc, eq, isNull } from "drizzle-orm";
import { choicesOf, type HouseRules, houseRulesFrom } from "@/core/house";
import type { Data } from "./database";
import { markingSheets } from "./schema";

/** A marking sheet: problems as typed, one a row, and the learners whose answers stand beside them. */
export interface MarkingSheet {
  readonly id: string;
  readonly house: HouseRules;
  readonly problems: readonly string[];
  readonly learners: readonly string[];
}

/** Keeps a sheet: a new row, or the row of its id brought up to date. */
export function keepMarkingSheet(data: Data, sheet: MarkingSheet, now: Date): void {
  const state = {
    house: JSON.stringify(choicesOf(sheet.house)),
    problems: JSON.stringify(sheet.problems),
    learners: JSON.stringify(sheet.learners),
    openedAt: now,
    deletedAt: null,
  };
  data
    .insert(markingSheets)
    .values({ id: sheet.id, ...state })
    .onConflictDoUpdate({ target: markingSheets.id, set: state })
    .run();
}

/** The sheet of an id; nothing where none is kept. */
export function findMarkingSheet(data: Data, id: string): MarkingSheet | undefined {
  const row = data
    .select()
    .from(markingSheets)
    .where(and(eq(markingSheets.id, id), isNull(markingSheets.deletedAt)))
    .get();
  return row && sheetOf(row);
}

/** The sheets that were marked last, the newest first. */
export const listMarkingSheets = (
  data: Data,
  most: number,
): readonly (MarkingSheet & { readonly openedAt: Date })[] =>
  data
    .select()
    .from(markingSheets)
    .where(isNull(markingSheets.deletedAt))
    .orderBy(desc(markingSheets.openedAt))
    .limit(most)
    .all()
    .map((row) => ({ ...sheetOf(row), openedAt: row.openedAt }));

/** Takes a sheet off the list; `restoreMarkingSheet` brings it back. */
export const deleteMarkingSheet = (data: Data, id: string, now: Date): void => {
  data.update(markingSheets).set({ deletedAt: now }).where(eq(markingSheets.id, id)).run();
};

/** Undoes `deleteMarkingSheet`. */
export const restoreMarkingSheet = (data: Data, id: string): void => {
  data.update(markingSheets).set({ deletedAt: null }).where(eq(markingSheets.id, id)).run();
};

const texts = (json: string): readonly string[] => {
  const list: unknown = JSON.parse(json);
  return Array.isArray(list) ? list.filter((item) => typeof item === "string") : [];
};

function sheetOf(row: typeof markingSheets.$inferSelect): MarkingSheet {
  const house = houseRulesFrom(JSON.parse(row.house));
  if (!house.ok) throw new Error(`sheetOf: sheet ${row.id} is from a newer Right Sum`);
  return { id: row.id, house: house.value, problems: texts(row.problems), learners: texts(row.learners) };
}
