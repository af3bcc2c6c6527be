import fs from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import { afterEach, describe, expect, it } from "vitest";
import { valueOfResult } from "@/core/testing/valueOfResult";
import { openDatabase, replaceDatabase } from "../database";
import { removeCopyRead } from "../files/forReading";
import { addLearner, listLearners } from "../marking/learners";
import { lastReplaced, lastRevision } from "../revision";
import { file, filled, folders, freshFolder, NOON } from "../testing/filledFolder";
import { DOCUMENT_TABLES } from "./documentTables";
import { exportDocument } from "./exportDocument";
import { examine } from "./health";
import { replacing } from "./replacing";
import { prepareRestore } from "./restore";

afterEach(() => {
  for (const folder of folders.splice(0)) fs.rmSync(folder, { recursive: true, force: true });
});

describe("what takes the place of the data", () => {
  it("waits for nobody’s write, and no write is acknowledged that is in neither; a second one is refused", async () => {
    const { data } = filled();
    const write = (name: string) => addLearner(data, { id: `learner${name}`, name }, NOON);
    const first = replacing(async (hold) => {
      write("Before");
      expect(await replacing(async () => "second")).toBeUndefined();
      hold();
      expect(() => write("Meanwhile")).toThrow(/being replaced/);
      return "first";
    });
    expect(await first).toBe("first");
    write("After");
    expect(listLearners(data).map(({ name }) => name)).toEqual(expect.arrayContaining(["Before", "After"]));
    data.$client.close();
  });

  it("counts its changes on from what was there, so that no window takes the one for the other", () => {
    const { folder, data } = filled();
    const ready = valueOfResult(prepareRestore(folder, file(folder)), "it was refused");
    for (const nth of [1, 2, 3]) addLearner(data, { id: `learner000${nth}`, name: `Milo ${nth}` }, NOON);
    const before = lastRevision(data);
    expect(lastReplaced(data)).toBe(0);
    data.$client.close();
    replaceDatabase(folder, ready);
    const back = openDatabase(folder);
    expect([lastRevision(back), lastReplaced(back)]).toEqual([before + 1, before + 1]);
    addLearner(back, { id: "learner0009", name: "Petra" }, NOON);
    expect([lastRevision(back), lastReplaced(back)]).toEqual([before + 2, before + 1]);
    back.$client.close();
  });
});

describe("an export", () => {
  it("says which tables could not be read, and fails where none could", () => {
    const { folder, data } = filled();
    data.$client.exec("drop table papers");
    data.$client.close();
    const out = path.join(freshFolder(), "all.json");
    expect(exportDocument(file(folder), out, NOON)).toEqual({
      ok: true,
      value: { rows: { papers: 1 }, tables: ["papers"] },
    });
    expect(JSON.parse(fs.readFileSync(out, "utf8"))).toMatchObject({ lost: { papers: 1 } });
    const other = new Database(file(folder));
    for (const { name } of DOCUMENT_TABLES) other.exec(`drop table if exists ${name}`);
    other.close();
    expect(exportDocument(file(folder), out, NOON)).toEqual({ ok: false, error: "nothingRead" });
  });

  it("is whole where no log can be made beside the file, and changes nothing there", () => {
    const { folder, data } = filled();
    data.$client.close();
    // A folder stands where the index of the log would be made: so it is where nothing can be written.
    fs.mkdirSync(`${file(folder)}-shm`);
    const before = fs.readFileSync(file(folder));
    try {
      const out = path.join(freshFolder(), "all.json");
      expect(exportDocument(file(folder), out, NOON)).toEqual({ ok: true, value: { rows: {}, tables: [] } });
      expect(JSON.parse(fs.readFileSync(out, "utf8")).tables.boards).toHaveLength(1);
      expect(examine(folder)).toEqual({ kind: "fine", pending: false });
      expect(fs.readFileSync(file(folder)).equals(before)).toBe(true);
    } finally {
      removeCopyRead();
    }
  });
});
