import fs from "node:fs";
import path from "node:path";
import { backupsFolder, listBackups } from "../backup/backupFiles";
import { FILE_NAME } from "../database";

/** Lets nobody but its owner read the data and its backups, as far as the system knows of owners. */
export function ownOnly(folder: string): void {
  const data = path.join(folder, FILE_NAME);
  const backups = listBackups(folder).map(({ name }) => path.join(backupsFolder(folder), name));
  for (const file of [data, `${data}-wal`, `${data}-shm`, ...backups]) {
    try {
      if (fs.existsSync(file)) fs.chmodSync(file, 0o600);
    } catch {
      // It is somebody else's, or can't be written: it stays as it is.
    }
  }
}
