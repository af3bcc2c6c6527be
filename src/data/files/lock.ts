import fs from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import { done, failed, type Result } from "@/core/result";
import { FILE_NAME } from "../database";

const LOCK = ".right-sum-lock";
const HOLDER = ".right-sum-server";

/** A folder held for one server; nobody else gets it until it is let go or the process has ended. */
export interface Lock {
  /** Says where the holder answers, so that others can be told. */
  sayWhere(address: string): void;
  release(): void;
}

/** Why a folder is not got: another server has it, and where that answers; or no lock can stand there. */
export type LockRefusal =
  | { readonly kind: "held"; readonly address: string }
  | { readonly kind: "noRoom"; readonly place: string };

/**
 * Takes the data of a folder for this process alone, or says why not. It is a lock of the system's on a file
 * of its own, which goes with the process however that ends, so that none is ever left behind.
 */
export function takeLock(folder: string): Result<Lock, LockRefusal> {
  fs.mkdirSync(folder, { recursive: true });
  // Where the data itself is, should its file be a link: another folder may link to the same.
  const data = path.join(folder, FILE_NAME);
  const home = fs.existsSync(data) ? path.dirname(fs.realpathSync(data)) : folder;
  const holder = path.join(home, HOLDER);
  const name = path.join(home, LOCK);
  if (fs.existsSync(name) && fs.statSync(name).isDirectory()) return failed({ kind: "noRoom", place: name });
  const lock = locked(name);
  if (lock === undefined) {
    const address = fs.existsSync(holder) ? fs.readFileSync(holder, "utf8").trim().slice(0, 200) : "";
    return failed({ kind: "held", address });
  }
  return done({
    sayWhere: (address) => quietly(() => fs.writeFileSync(holder, `${address}\n`)),
    release: () => {
      quietly(() => fs.rmSync(holder, { force: true }));
      lock.close();
    },
  });
}

/** Does what is only a help to others, and goes on where the disk is full or can't be written. */
function quietly(act: () => void): void {
  try {
    act();
  } catch {
    // Nobody is told where this server is; all else goes on.
  }
}

/** A file held for this process; none where another one holds it. What stands there and is no lock gives way. */
function locked(name: string, again = true): Database.Database | undefined {
  const file = new Database(name, { timeout: 0 });
  try {
    file.pragma("journal_mode = MEMORY");
    file.exec("BEGIN EXCLUSIVE");
    return file;
  } catch (error) {
    file.close();
    const code = error instanceof Error && "code" in error ? String(error.code) : "";
    if (code.startsWith("SQLITE_BUSY") || code.startsWith("SQLITE_LOCKED")) return undefined;
    if (code !== "SQLITE_NOTADB" || !again) throw error;
    fs.rmSync(name, { force: true });
    return locked(name, false);
  }
}
