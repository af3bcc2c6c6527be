import fs from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import { freshFolder, startServer } from "../server";
import { note, type Tally, tally } from "./tally";

const FILE = "right-sum.sqlite";

/** A state that a folder can be found in: what is done to a sound one. */
type Scene = (folder: string, file: string) => void;

const bent =
  (from: number, length: number): Scene =>
  (_folder, file) => {
    const bytes = fs.readFileSync(file);
    for (let at = from; at < Math.min(bytes.length, from + length); at++) bytes[at] = (at * 97 + 13) % 256;
    fs.writeFileSync(file, bytes);
  };

const SCENES: Readonly<Record<string, Scene>> = {
  "nothing wrong": () => undefined,
  "the header is garbage": bent(0, 100),
  "a page is garbage": bent(4096, 4096),
  "the middle is garbage": bent(20_000, 9000),
  "cut off": (_folder, file) => fs.truncateSync(file, 5000),
  empty: (_folder, file) => fs.truncateSync(file, 0),
  text: (_folder, file) => fs.writeFileSync(file, "This is no database.\n".repeat(400)),
  "another program's": (_folder, file) => {
    fs.rmSync(file);
    const other = new Database(file);
    other.exec("create table things (id integer primary key)");
    other.close();
  },
  "from a newer version": (_folder, file) => {
    const client = new Database(file);
    client.exec("insert into __drizzle_migrations (hash, created_at) values ('later', 9999999999999)");
    client.close();
  },
  "a folder in its place": (_folder, file) => {
    fs.rmSync(file);
    fs.mkdirSync(file);
  },
  "a link to nothing": (folder, file) => {
    fs.rmSync(file);
    fs.symlinkSync(path.join(folder, "gone.sqlite"), file);
  },
  "gone, with a backup": (_folder, file) => fs.rmSync(file),
  "a garbage log": (_folder, file) => fs.writeFileSync(`${file}-wal`, "no log ".repeat(900)),
  "a folder where the index of the log goes": (_folder, file) => fs.mkdirSync(`${file}-shm`),
  "a garbage lock": (folder) =>
    fs.writeFileSync(path.join(folder, ".right-sum-lock"), "no lock ".repeat(300)),
  "a folder in the lock's place": (folder) => {
    fs.rmSync(path.join(folder, ".right-sum-lock"), { force: true });
    fs.mkdirSync(path.join(folder, ".right-sum-lock"));
  },
  "a file where the backups go": (folder) => {
    fs.rmSync(path.join(folder, "backups"), { recursive: true });
    fs.writeFileSync(path.join(folder, "backups"), "no folder");
  },
  "settings that are no JSON": (_folder, file) => {
    const client = new Database(file);
    client.exec(
      "insert or replace into settings (name, value, revision) values ('house', '{', 1), ('view', '[[', 1)",
    );
    client.exec("update boards set house = '{'");
    client.close();
  },
  "a table that is gone": (_folder, file) => {
    const client = new Database(file);
    client.exec("drop table papers");
    client.close();
  },
};

/** Starts on folders in every broken state: it ends with a line, or there is a page; nothing answers 500, and the file stays as it is where it can't be used. */
export async function attackFolders(): Promise<readonly Tally[]> {
  const into = tally("folders in every state");
  const first = await startServer();
  const board = { problem: "40.3 + 7.8", method: "column-addition", house: {}, step: 1, guess: "" };
  await fetch(`${first.url}/api/boards/keptboard0001`, {
    method: "PUT",
    headers: { "content-type": "application/json" },
    body: JSON.stringify({ state: board, saw: 0 }),
  });
  await fetch(`${first.url}/api/safe-keeping/backup`, { method: "POST" });
  await first.end();
  for (const [name, scene] of Object.entries(SCENES)) {
    const folder = freshFolder();
    fs.cpSync(first.folder, folder, { recursive: true });
    const file = path.join(folder, FILE);
    scene(folder, file);
    const isFile = fs.existsSync(file) && fs.statSync(file).isFile();
    const bytes = isFile ? fs.readFileSync(file) : undefined;
    const server = await startServer(folder).catch(() => undefined);
    // Where no lock can stand it ends, and says so in a line; from all else it has to start.
    if (server === undefined) {
      note(into, name.includes("lock") ? undefined : "it did not start", name);
      fs.rmSync(folder, { recursive: true, force: true });
      continue;
    }
    const statuses: number[] = [];
    for (const address of [
      "/",
      "/board",
      "/learners",
      "/safe-keeping",
      "/sheets",
      "/api/changes",
      "/api/safe-keeping/export",
      "/trouble/export",
    ])
      statuses.push((await fetch(server.url + address)).status);
    note(into, statuses.includes(500) ? `answered ${statuses.join()}` : undefined, name);
    const inTrouble = statuses[0] === 503;
    await server.end();
    if (inTrouble && bytes !== undefined)
      note(into, fs.readFileSync(file).equals(bytes) ? undefined : "the file was changed", name);
    await server.remove();
  }
  await first.remove();
  return [into];
}
