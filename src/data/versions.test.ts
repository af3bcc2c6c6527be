import { createHash } from "node:crypto";
import fs from "node:fs";
import os from "node:os";
import path from "node:path";
import Database from "better-sqlite3";
import { afterAll, describe, expect, it } from "vitest";
import { keptRung } from "@/service/kept/ownRung";
import { keptStory } from "@/service/kept/ownStory";
import { keptStockList } from "@/service/kept/stockList";
import { chancesOf } from "@/service/requests/marking/marking";
import { DOCUMENT_VERSION } from "./backup/document";
import { examine } from "./backup/health";
import { exportDocument, importDocument } from "./backup/transfer";
import { listBoards } from "./boards";
import { FILE_NAME, openDatabase } from "./database";
import { attemptsOf } from "./marking/attempts";
import { listLearners } from "./marking/learners";
import { listOwnThings, unreadOwnThings } from "./own/ownThings";
import { readSetting } from "./settings";

const folders: string[] = [];
const freshFolder = (): string => {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-version-"));
  folders.push(folder);
  return folder;
};
afterAll(() => {
  for (const folder of folders) fs.rmSync(folder, { recursive: true, force: true });
});

const MIGRATIONS = "src/data/migrations";
const files = fs
  .readdirSync(MIGRATIONS)
  .filter((name) => name.endsWith(".sql"))
  .sort();
const journal: { readonly entries: readonly { readonly when: number; readonly tag: string }[] } = JSON.parse(
  fs.readFileSync(`${MIGRATIONS}/meta/_journal.json`, "utf8"),
);

/** A database as it was after so many migrations, with a board, a setting and, where there were any, a learner in it. */
function databaseAfter(migrations: number): string {
  const folder = freshFolder();
  const client = new Database(path.join(folder, FILE_NAME));
  client.exec(
    "create table __drizzle_migrations (id integer primary key, hash text not null, created_at numeric)",
  );
  for (const [nth, name] of files.slice(0, migrations).entries()) {
    const text = fs.readFileSync(`${MIGRATIONS}/${name}`, "utf8");
    for (const statement of text.split("--> statement-breakpoint")) client.exec(statement);
    client
      .prepare("insert into __drizzle_migrations (hash, created_at) values (?, ?)")
      .run(createHash("sha256").update(text).digest("hex"), journal.entries[nth]?.when);
  }
  client.exec(`insert into boards (id, version, problem, method, house, step, guess, name, pinned, opened_at)
    values ('board0001', 1, '40.3 + 7.8', 'column-addition', '{"preset":"gapsShort"}', 3, '48', 'Spokes', 1, 1700000000000)`);
  client.exec(`insert into settings (name, value) values ('view', '{"theme":"slate"}')`);
  const tables = client.prepare("select name from sqlite_master where type = 'table'").pluck().all();
  if (tables.includes("learners"))
    client.exec("insert into learners (id, name, created_at) values ('learner1', 'Ada', 1700000000000)");
  client.close();
  return folder;
}

describe("a database of every earlier version", () => {
  it.each(files.map((name, nth) => ({ name, migrations: nth + 1 })))(
    "comes up as it was, from after $name",
    ({ migrations }) => {
      const folder = databaseAfter(migrations);
      expect(examine(folder)).toEqual({ kind: "fine", pending: migrations < files.length });
      const data = openDatabase(folder);
      const [board] = listBoards(data, { search: "", most: 9 }).boards;
      expect(board).toMatchObject({
        problem: "40.3 + 7.8",
        step: 3,
        guess: "48",
        name: "Spokes",
        pinned: true,
      });
      expect(readSetting(data, "view")).toEqual({ theme: "slate" });
      const hadLearners = migrations >= 3;
      expect(listLearners(data).map(({ name }) => name)).toEqual(hadLearners ? ["Ada"] : []);
      data.$client.close();
      const out = path.join(freshFolder(), "all.json");
      expect(exportDocument(path.join(folder, FILE_NAME), out, new Date(1.7e12))).toEqual({});
    },
  );
});

describe("a document of every earlier version", () => {
  const versions = Array.from({ length: DOCUMENT_VERSION }, (_, nth) => nth + 1);

  it.each(versions)("is imported as it was, of version %d", (version) => {
    const folder = freshFolder();
    const file = path.join(folder, FILE_NAME);
    const json = fs.readFileSync(`src/data/fixtures/document-${version}.json`, "utf8");
    expect(importDocument(json, file, chancesOf)).toEqual({ ok: true, value: undefined });
    const data = openDatabase(folder);
    expect(listBoards(data, { search: "", most: 9 }).boards).toMatchObject([{ id: "board0001", guess: "3" }]);
    const { attempts } = attemptsOf(data, "learner1", 9);
    expect(attempts).toMatchObject([
      { given: "44.6", patterns: ["sub-column-gap"], hints: 2, estimate: "35" },
    ]);
    const marks = data.$client.prepare("select marks from papers").pluck().get();
    expect(JSON.parse(String(marks))).toEqual([
      { kind: "small", col: 1, row: 0, position: "low", text: "1" },
    ]);
    if (version >= 3) {
      expect(listOwnThings(data, keptRung)).toMatchObject([{ id: "rung00000001", value: { name: "Mine" } }]);
      expect(unreadOwnThings(data, keptRung)).toMatchObject([{ table: "own_things", id: "rung00000002" }]);
      expect(listOwnThings(data, keptStory)).toMatchObject([
        { id: "story0000001", value: { form: "altogether" } },
      ]);
      expect(listOwnThings(data, keptStockList)).toMatchObject([
        { id: "stock0000001", value: { things: [{ one: "rose", price: [250, 400] }] } },
      ]);
      expect(readSetting(data, "stock")).toEqual({ used: "stock0000001" });
    }
    data.$client.close();
  });
});
