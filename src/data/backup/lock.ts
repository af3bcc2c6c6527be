import fs from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import { done, failed, type Result } from "@/core/result";

const LOCK = ".right-sum-lock";
const HOLDER = ".right-sum-server";

/** A folder held for one server; nobody else gets it until it is let go or the process has ended. */
export interface Lock {
  /** Says where the holder answers, so that others can be told. */
  sayWhere(address: string): void;
  release(): void;
}

/**
 * Takes the data of a folder for this process alone, or says who has it. It is a lock of the system's on a file
 * of its own, which goes with the process however that ends, so that none is ever left behind.
 */
export function takeLock(folder: string): Result<Lock, { readonly address: string }> {
  fs.mkdirSync(folder, { recursive: true });
  const holder = path.join(folder, HOLDER);
  const file = new Database(path.join(folder, LOCK), { timeout: 0 });
  try {
    file.pragma("journal_mode = MEMORY");
    file.exec("BEGIN EXCLUSIVE");
  } catch {
    file.close();
    const address = fs.existsSync(holder) ? fs.readFileSync(holder, "utf8").trim().slice(0, 200) : "";
    return failed({ address });
  }
  return done({
    sayWhere: (address) => fs.writeFileSync(holder, `${address}\n`),
    release: () => {
      fs.rmSync(holder, { force: true });
      file.close();
    },
  });
}
