import fs from "node:fs";
import os from "node:os";
import path from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { choicesOf, PRESETS } from "@/core/house";
import { keptRung } from "@/service/kept/ownRung";
import { keptStory } from "@/service/kept/ownStory";
import { keptStockList } from "@/service/kept/stockList";
import { exportDocument } from "../backup/exportDocument";
import { importDocument } from "../backup/importDocument";
import { keepBoard } from "../boards";
import type { Data } from "../data";
import { openDatabase, openFile } from "../database";
import { findSheet } from "../marking/markingSheets";
import { findOwnThing, keepOwnThing } from "../own/ownThings";
import { changeSetting, keepSetting, readSetting, settingNow } from "../settings";
import { findKeptSheet, keepSheet } from "../sheets/keptSheets";
import { giveOut } from "../sheets/sheetVersions";
import { begin, gap, keep, NOON, SHEET } from "../testing/markedSheet";
import { allUnread } from "./allUnread";
import { rowAsItIs } from "./unread";

const house = PRESETS.gapsShort;
let folder = "";
let data: Data;
beforeAll(() => {
  folder = fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-aside-"));
  data = openDatabase(folder);
});
afterAll(() => {
  data.$client.close();
  fs.rmSync(folder, { recursive: true, force: true });
});

const board = {
  id: "board0001",
  problem: "1 + 2",
  method: "column-addition",
  beside: "column-addition",
  house,
  step: 2,
  guess: "3",
} as const;
const own = <Checked>(made: { readonly ok: boolean; readonly value?: Checked }): Checked => {
  if (made.value === undefined) throw new Error("it does not fit");
  return made.value;
};
const rung = own(
  keptRung.check({
    lines: ["# + #"],
    always: ["carries"],
    never: [],
    name: "Spokes",
    strand: "addingSubtracting",
  }),
);
const story = own(
  keptStory.check({
    text: "Rosa trues 3 wheels.",
    form: "altogether",
    line: "3 + 4",
    left: [],
    turned: false,
    answer: "",
  }),
);
const stock = own(keptStockList.check({ name: "Tyres", things: [{ one: "tyre", many: "tyres" }] }));
const sheet = {
  name: "Spokes",
  house,
  drawing: 1,
  seed: 7,
  rows: [{ problem: "53.2 − 17.8", notch: 1, story: { text: "Rosa has 53.2 m of cable.", answer: "" } }],
};

/** Every write of a tutor that is made beside something, each of it all. What is refused leaves what stands. */
const WRITES: Readonly<Record<string, (data: Data) => unknown>> = {
  "a board's step": (to) => keepBoard(to, { ...board, step: 3 }, undefined, NOON),
  "another board": (to) => keepBoard(to, { ...board, id: "board0002" }, undefined, NOON),
  "the theme": (to) => changeSetting(to, "view", { theme: "slate" }),
  "the list in use": (to) => changeSetting(to, "stock", { used: "stock0000002" }),
  "the house rules": (to) =>
    keepSetting(to, "house", choicesOf({ ...house, narration: "placeValue" }), {
      saw: settingNow(to, "house").revision,
      after: undefined,
    }),
  "a rung": (to) =>
    keepOwnThing(
      to,
      keptRung,
      "rung00000001",
      { ...rung, name: "Hubs" },
      { saw: undefined, after: undefined },
    ),
  "a story": (to) =>
    keepOwnThing(
      to,
      keptStory,
      "story0000001",
      { ...story, line: "3 + 5" },
      { saw: undefined, after: undefined },
    ),
  "a list": (to) =>
    keepOwnThing(
      to,
      keptStockList,
      "stock0000001",
      { ...stock, name: "Tubes" },
      { saw: undefined, after: undefined },
    ),
  "a sheet": (to) =>
    keepSheet(to, "keptsheet00001", { ...sheet, name: "Hubs" }, { saw: undefined }, NOON, () => 0.5),
  "a note": (to) =>
    findSheet(to, SHEET) && keep(to, { row: "row00001", learner: "learner1", saw: 1e9, note: "two-tenths" }),
  "another answer": (to) =>
    findSheet(to, SHEET) && keep(to, { row: "row00001", learner: "learner2", saw: 0, given: "9", mark: gap }),
};

/** Everything is kept once, and then again as a newer Right Sum would write one thing of it. */
function fill(): void {
  for (const { name } of tables())
    if (!["changes", "__drizzle_migrations"].includes(name)) data.$client.exec(`delete from "${name}"`);
  keepBoard(data, board, undefined, NOON);
  changeSetting(data, "view", { theme: "paper", square: 60 });
  changeSetting(data, "stock", { used: "stock0000001" });
  keepSetting(data, "house", choicesOf(house), { saw: undefined, after: undefined });
  keepOwnThing(data, keptRung, "rung00000001", rung, { saw: undefined, after: undefined });
  keepOwnThing(data, keptStory, "story0000001", story, { saw: undefined, after: undefined });
  keepOwnThing(data, keptStockList, "stock0000001", stock, { saw: undefined, after: undefined });
  keepSheet(data, "keptsheet00001", sheet, { saw: undefined }, NOON, () => 0.3);
  begin(data);
  keep(data, { row: "row00001", learner: "learner1", saw: 0, given: "44.6", mark: gap });
  data.transaction((write) => {
    const kept = findKeptSheet(write, "keptsheet00001");
    if (kept === undefined) throw new Error("there is no sheet");
    giveOut(write, kept, { now: NOON, chance: () => 0.4, idOf: () => "markedas000001" });
  });
}

const tables = (): readonly { readonly name: string }[] =>
  data.$client
    .prepare<[], { name: string }>("select name from sqlite_master where type = 'table'")
    .all()
    .filter(({ name }) => !name.startsWith("sqlite_"));

const OF_TOMORROW = "ofTomorrow";

/** What holds a tutor's own words: any text is read there. */
const OWN_WORDS = ["name", "line", "lines", "text", "answer", "one", "many", "problem", "used"];

/** A value with something of tomorrow in one more place, for each place that it has: in the stead of what stands there, and as one more entry. */
function withTomorrow(value: unknown, at = ""): readonly unknown[] {
  const more = { really: OF_TOMORROW };
  if (Array.isArray(value))
    return [
      ...value.flatMap((one, nth) =>
        withTomorrow(one, at).map((changed) => value.map((other, n) => (n === nth ? changed : other))),
      ),
      [...value, more],
    ];
  if (typeof value === "object" && value !== null)
    return [
      ...Object.entries(value).flatMap(([name, one]) =>
        withTomorrow(one, name).map((changed) => ({ ...value, [name]: changed })),
      ),
      { ...value, [OF_TOMORROW]: more },
    ];
  return OWN_WORDS.includes(at) ? [more] : [more, OF_TOMORROW];
}

/** The columns of JSON or names, each with what it holds. */
const PLACES = [
  ["boards", "house"],
  ["boards", "method"],
  ["boards", "beside"],
  ["settings", "value"],
  ["own_things", "state"],
  ["own_things", "kind"],
  ["kept_sheets", "house"],
  ["kept_sheets", "rows"],
  ["sheet_versions", "house"],
  ["sheet_versions", "rows"],
  ["marking_sheets", "house"],
  ["tasks", "house"],
  ["tasks", "chances"],
  ["learner_attempts", "patterns"],
  ["learner_attempts", "faults"],
  ["learner_attempts", "shown"],
] as const;

const jsonIn = (text: string): unknown => {
  try {
    return JSON.parse(text);
  } catch {
    return text;
  }
};

/** A text as it stands within JSON. */
const quoted = (text: string): string => JSON.stringify(text).slice(1, -1);

/** Whether a text of JSON has every entry of a value that is of tomorrow. */
const hasEntries = (text: unknown, value: unknown): boolean => {
  const entries: Readonly<Record<string, unknown>> = Object(typeof text === "string" ? jsonIn(text) : {});
  return Object.entries(Object(value))
    .filter((entry) => JSON.stringify(entry).includes(OF_TOMORROW))
    .every(([name, one]) => JSON.stringify(entries[name]) === JSON.stringify(one));
};

describe("what can't be read", () => {
  it("is still to be had, every bit of it, after any write beside it, and in an export", () => {
    fill();
    let tried = 0;
    for (const [table, column] of PLACES) {
      const rows = data.$client
        .prepare<[], { at: number; text: string }>(`select rowid as at, ${column} as text from ${table}`)
        .all();
      expect(rows.length, table).toBeGreaterThan(0);
      for (const { at, text } of rows)
        for (const changed of withTomorrow(jsonIn(text)))
          for (const [name, write] of Object.entries(WRITES)) {
            data.$client.exec("BEGIN");
            const now = typeof changed === "string" ? changed : JSON.stringify(changed);
            const told = data.$client
              .prepare(`update ${table} set ${column} = ? where rowid = ?`)
              .run(now, at);
            if (told.changes === 0) throw new Error(`${table} has no such row`);
            write(data);
            tried += 1;
            const left = tables().flatMap(({ name: of }) =>
              data.$client
                .prepare(`select * from "${of}"`)
                .all()
                .flatMap((row) => Object.values(Object(row))),
            );
            const isThere = left.some((one) => one === now || String(one).includes(quoted(now)));
            const staysBeside = table === "settings" && left.some((one) => hasEntries(one, changed));
            expect(isThere || staysBeside, `${table}.${column} ${now} beside ${name}`).toBe(true);
            data.$client.exec("ROLLBACK");
          }
    }
    expect(tried).toBeGreaterThan(500);
  });

  it("is told of, goes out and in again, and is used again where it can be read", async () => {
    fill();
    const newer = JSON.stringify({ theme: "paper", square: 60, light: OF_TOMORROW });
    data.$client.prepare("update settings set value = ? where name = 'view'").run(newer);
    data.$client.exec(`update own_things set kind = '${OF_TOMORROW}' where kind = 'story'`);
    data.$client.exec(`update boards set method = '${OF_TOMORROW}'`);
    data.$client.exec(`update tasks set house = '${OF_TOMORROW}'`);
    changeSetting(data, "view", { theme: "slate" });
    expect(readSetting(data, "view")).toEqual({ theme: "slate", square: 60 });
    keepBoard(data, board, undefined, NOON);
    expect((await allUnread(data)).map(({ table, id }) => `${table} ${id}`)).toEqual([
      "settings view",
      "own_things story0000001",
      "tasks 1",
      "set_aside 1",
    ]);
    const out = path.join(folder, "out.json");
    const again = path.join(folder, "again.sqlite");
    data.$client.pragma("wal_checkpoint(TRUNCATE)");
    expect(exportDocument(path.join(folder, "right-sum.sqlite"), out, NOON).ok).toBe(true);
    expect(importDocument(out, again, () => "[]")).toMatchObject({ ok: true });
    const there = openFile(again);
    expect(await allUnread(there)).toEqual(await allUnread(data));
    expect(rowAsItIs(there, "settings", "view")).toMatchObject({
      value: JSON.stringify({ square: 60, light: OF_TOMORROW, theme: "slate" }),
    });
    there.$client.close();
    // As the Right Sum that knows it finds it.
    data.$client.exec("update own_things set kind = 'story' where kind = 'ofTomorrow'");
    expect(findOwnThing(data, keptStory, "story0000001")?.value).toEqual(story);
  });
});
