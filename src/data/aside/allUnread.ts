import { setImmediate } from "node:timers/promises";
import { inArray, isNull, notInArray } from "drizzle-orm";
import { failed, type Result } from "@/core/result";
import { keptRung } from "@/service/kept/ownRung";
import { keptStory } from "@/service/kept/ownStory";
import { OWN_KINDS } from "@/service/kept/ownThing";
import { keptStockList } from "@/service/kept/stockList";
import type { Unread } from "@/service/kept/unread";
import { boardOf } from "../boards";
import type { Data } from "../data";
import { houseOf, jsonOf } from "../houseOf";
import { unreadOwnThings } from "../own/ownThings";
import { boards, keptSheets, markingSheets, ownThings, sheetVersions, tasks } from "../schema";
import { unreadSettings } from "../settings";
import { rowsSchema } from "../sheets/keptSheets";
import { asideEntries } from "./setAside";
import { partRead } from "./unread";

/** How many rows are looked at before others get their turn. */
const AT_ONCE = 100;

/**
 * Everything kept that can't be read here, of every table, and what was set aside before something took its place.
 * Looked through in parts, so that no other request waits for it.
 */
export async function allUnread(data: Data): Promise<readonly Unread[]> {
  const houses = new Map<string, ReturnType<typeof houseOf>>();
  const inHouse = ({ house }: { readonly house: string }) => {
    const found = houses.get(house) ?? houseOf(house);
    houses.set(house, found);
    return found;
  };
  const sheet = (row: { readonly house: string; readonly rows: string }) =>
    jsonOf(row.rows, rowsSchema) === undefined ? failed("its problems can’t be read") : inHouse(row);

  const { code: id, house, rows } = sheetVersions;
  return [
    ...unreadSettings(data),
    ...unreadOwnThings(data, keptRung),
    ...unreadOwnThings(data, keptStory),
    ...unreadOwnThings(data, keptStockList),
    ...(await inParts("boards", boardOf, (from: number) =>
      data.select().from(boards).where(isNull(boards.deletedAt)).limit(AT_ONCE).offset(from).all(),
    )),
    ...(await inParts(
      "own_things",
      ({ kind }) => failed(`it is a “${kind}”, which is not known here`),
      (from: number) =>
        data
          .select()
          .from(ownThings)
          .where(notInArray(ownThings.kind, [...OWN_KINDS]))
          .limit(AT_ONCE)
          .offset(from)
          .all(),
    )),
    ...(await inParts("kept_sheets", sheet, (from: number) =>
      data.select().from(keptSheets).where(isNull(keptSheets.deletedAt)).limit(AT_ONCE).offset(from).all(),
    )),
    ...(await inParts("sheet_versions", sheet, (from: number) =>
      data.select({ id, house, rows }).from(sheetVersions).limit(AT_ONCE).offset(from).all(),
    )),
    ...(await inParts("marking_sheets", inHouse, (from: number) =>
      data
        .select()
        .from(markingSheets)
        .where(isNull(markingSheets.deletedAt))
        .limit(AT_ONCE)
        .offset(from)
        .all(),
    )),
    ...unreadTasks(data, inHouse),
    ...asideEntries(data),
  ];
}

type Read<Row> = (row: Row) => Result<unknown, string>;

/** The rows of a table that can't be read, looked at some at a time. */
async function inParts<Row extends { readonly id: string | number }>(
  table: string,
  read: Read<Row>,
  rowsFrom: (from: number) => readonly Row[],
): Promise<readonly Unread[]> {
  const unread: Unread[] = [];
  for (let from = 0; ; from += AT_ONCE) {
    const rows = rowsFrom(from);
    unread.push(...partRead(table, rows, read).unread);
    if (rows.length < AT_ONCE) return unread;
    await setImmediate();
  }
}

/** The problems that were answered in house rules that can't be read: there are few house rules, and many problems. */
function unreadTasks(data: Data, inHouse: Read<{ readonly house: string }>): readonly Unread[] {
  const lost = data
    .selectDistinct({ house: tasks.house })
    .from(tasks)
    .all()
    .filter((row) => !inHouse(row).ok)
    .map(({ house }) => house);
  return data
    .select({ id: tasks.id })
    .from(tasks)
    .where(inArray(tasks.house, lost))
    .all()
    .map((task) => ({
      table: "tasks",
      id: String(task.id),
      why: "the house rules of its answers can’t be read",
    }));
}
