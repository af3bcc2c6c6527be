import "server-only";

import path from "node:path";
import { done, failed, type Result } from "@/core/result";
import { closeDatabase, dataFolder, FILE_NAME, replaceDatabase } from "@/data";
import { incomingFile, moveAside } from "@/data/backup/restore";
import { noteTrouble, trouble } from "@/data/backup/watch";
import { isMovedAway } from "@/data/files/inPlace";
import { removeFile } from "@/data/files/wholeFile";
import { file } from "@/threads/pool";

/**
 * Puts a database that is ready into the place of the one in use, after a backup of that. One that was found
 * damaged or moved away is moved aside instead, whole. From `hold` on nothing is written, so that what was acknowledged is in the backup. `isStopped` is asked just before.
 */
export async function putInPlace(
  ready: string,
  reason: "restore" | "import",
  hold: () => void,
  isStopped: () => boolean = () => false,
): Promise<Result<string, string>> {
  const folder = dataFolder();
  hold();
  try {
    const isDamaged = trouble() !== undefined || isMovedAway();
    const backup = isDamaged ? undefined : await file("backUp", { folder, reason, now: new Date() });
    if (backup?.ok === false)
      return failed(`The present data could not be backed up first, so nothing was changed. ${backup.error}`);
    // From here on it is done in one go.
    if (isStopped()) return failed("It was stopped. Nothing was changed.");
    if (backup !== undefined) {
      replaceDatabase(folder, ready);
      return done(backup.value.name);
    }
    closeDatabase();
    const aside = moveAside(folder, new Date().toISOString().replace(/\D/g, "").slice(0, 14));
    replaceDatabase(folder, ready);
    noteTrouble(undefined);
    return done(path.basename(aside));
  } finally {
    removeFile(ready);
  }
}

/** What is said where something else is taking the place of the data already. */
export const IS_BEING_REPLACED = {
  code: "busy",
  message: "Something is being restored or imported already. Wait until that is done.",
} as const;

/** Where an import is made ready. */
export const incoming = (): string => incomingFile(dataFolder());

/** The database in use. */
export const databaseFile = (): string => path.join(dataFolder(), FILE_NAME);
