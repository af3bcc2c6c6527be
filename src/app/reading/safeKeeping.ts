import "server-only";

import fs from "node:fs";
import path from "node:path";
import { done, failed, type Result } from "@/core/result";
import { database, dataFolder, FILE_NAME, replaceDatabase } from "@/data";
import { incomingFile, moveAside } from "@/data/backup/restore";
import { noteTrouble, trouble } from "@/data/backup/watch";
import { file } from "@/threads/pool";

/**
 * Puts a database that is ready into the place of the one in use, after a backup of that. One that was found
 * damaged is moved aside instead, whole.
 */
export async function putInPlace(
  ready: string,
  reason: "restore" | "import",
): Promise<Result<string, string>> {
  const folder = dataFolder();
  if (trouble() !== undefined) {
    database().$client.close();
    const aside = moveAside(folder, new Date().toISOString().replace(/\D/g, "").slice(0, 14));
    replaceDatabase(folder, ready);
    noteTrouble(undefined);
    return done(path.basename(aside));
  }
  const backup = await file("backUp", { folder, reason, now: new Date() });
  if (!backup.ok) {
    fs.rmSync(ready, { force: true });
    return failed(`The present data could not be backed up first, so nothing was changed. ${backup.error}`);
  }
  replaceDatabase(folder, ready);
  return done(backup.value.name);
}

/** Where an import is made ready. */
export const incoming = (): string => incomingFile(dataFolder());

/** The database in use. */
export const databaseFile = (): string => path.join(dataFolder(), FILE_NAME);
