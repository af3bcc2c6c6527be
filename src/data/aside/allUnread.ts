import { isNull, notInArray } from "drizzle-orm";
import { done, failed } from "@/core/result";
import { keptRung } from "@/service/kept/ownRung";
import { keptStory } from "@/service/kept/ownStory";
import { OWN_KINDS } from "@/service/kept/ownThing";
import { keptStockList } from "@/service/kept/stockList";
import type { Unread } from "@/service/kept/unread";
import { unreadBoards } from "../boards";
import type { Data } from "../data";
import { houseOf, jsonOf } from "../houseOf";
import { unreadOwnThings } from "../own/ownThings";
import { keptSheets, markingSheets, ownThings, sheetVersions, tasks } from "../schema";
import { unreadSettings } from "../settings";
import { rowsSchema } from "../sheets/keptSheets";
import { asideEntries } from "./setAside";
import { partRead } from "./unread";

/** Everything kept that can't be read here, of every table, and what was set aside before something took its place. */
export function allUnread(data: Data): readonly Unread[] {
  const houses = new Map<string, ReturnType<typeof houseOf>>();
  const house = (text: string) => {
    const found = houses.get(text) ?? houseOf(text);
    houses.set(text, found);
    return found;
  };
  const sheet = (row: { readonly house: string; readonly rows: string }) =>
    jsonOf(row.rows, rowsSchema) === undefined ? failed("its problems can’t be read") : house(row.house);
  const inHouse = (row: { readonly house: string }) => house(row.house);

  const { code: id, house: versionHouse, rows } = sheetVersions;
  return [
    ...unreadSettings(data),
    ...unreadBoards(data),
    ...unreadOwnThings(data, keptRung),
    ...unreadOwnThings(data, keptStory),
    ...unreadOwnThings(data, keptStockList),
    ...partRead(
      "own_things",
      data
        .select()
        .from(ownThings)
        .where(notInArray(ownThings.kind, [...OWN_KINDS]))
        .all(),
      ({ kind }) => failed(`it is a “${kind}”, which is not known here`),
    ).unread,
    ...partRead(
      "kept_sheets",
      data.select().from(keptSheets).where(isNull(keptSheets.deletedAt)).all(),
      sheet,
    ).unread,
    ...partRead(
      "sheet_versions",
      data.select({ id, house: versionHouse, rows }).from(sheetVersions).all(),
      sheet,
    ).unread,
    ...partRead(
      "marking_sheets",
      data.select().from(markingSheets).where(isNull(markingSheets.deletedAt)).all(),
      inHouse,
    ).unread,
    ...partRead("tasks", data.select({ id: tasks.id, house: tasks.house }).from(tasks).all(), (task) => {
      const found = house(task.house);
      return found.ok ? done(task) : failed("the house rules of its answers can’t be read");
    }).unread,
    ...asideEntries(data),
  ];
}
