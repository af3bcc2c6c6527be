import fs from "node:fs";
import path from "node:path";
import { parse } from "date-fns";

/** Why a backup was made. */
const BACKUP_REASONS = ["daily", "asked", "migration", "restore", "import"] as const;
export type BackupReason = (typeof BACKUP_REASONS)[number];

/** A backup in its folder. */
export interface Backup {
  readonly name: string;
  readonly at: Date;
  readonly reason: BackupReason;
  readonly bytes: number;
}

/** How the time of a backup stands in its name. */
export const STAMP = "yyyyMMdd-HHmmss";
const NAME = /^right-sum-(\d{8}-\d{6})(?:-\d{1,3})?-([a-z]{1,12})\.sqlite$/;

/** Where the backups of a data folder are. */
export const backupsFolder = (folder: string): string => path.join(folder, "backups");

/** The backups of a data folder, the newest first. */
export function listBackups(folder: string): readonly Backup[] {
  const where = backupsFolder(folder);
  if (!fs.existsSync(where) || !fs.statSync(where).isDirectory()) return [];
  return fs
    .readdirSync(where)
    .flatMap((name): readonly Backup[] => {
      const [, stamp = "", word = ""] = NAME.exec(name) ?? [];
      const reason = BACKUP_REASONS.find((known) => known === word);
      if (reason === undefined) return [];
      const at = parse(stamp, STAMP, new Date(0));
      return Number.isNaN(at.getTime())
        ? []
        : [{ name, at, reason, bytes: fs.statSync(path.join(where, name)).size }];
    })
    .sort((a, b) => b.at.getTime() - a.at.getTime() || b.name.localeCompare(a.name));
}

/** The file of a backup by its name; none where there is none of that name. */
export function backupFile(folder: string, name: string): string | undefined {
  const known = listBackups(folder).some((backup) => backup.name === name);
  return known ? path.join(backupsFolder(folder), name) : undefined;
}
