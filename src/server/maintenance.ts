import path from "node:path";
import { isBackupDue } from "@/data/backup/backups";
import { isTrouble } from "@/data/backup/health";
import { insideOf } from "@/data/backup/inside";
import { noteTrouble } from "@/data/backup/watch";
import { database, FILE_NAME } from "@/data/database";
import { file } from "@/threads/pool";
import { troubleLine } from "./plain/trouble";

const HOUR = 60 * 60 * 1000;
/** How long after the start the whole of the data is checked and backed up, so that a lesson begins first. */
const CHECK_AFTER = 2 * 60 * 1000;

/** Looks after the data while the server runs: a whole check soon and daily, and a backup each day it is used. */
export function maintainData(folder: string): void {
  const check = async (): Promise<void> => {
    const health = await file("check", { file: path.join(folder, FILE_NAME) });
    if (isTrouble(health) && health.kind !== "locked") {
      noteTrouble(health);
      console.error(troubleLine(health, folder, "Right Sum"));
    }
  };
  const backUp = async (): Promise<void> => {
    const { counts } = insideOf(database().$client);
    const empty = Object.values(counts).every((count) => count === 0);
    if (empty || !isBackupDue(folder, new Date())) return;
    const backup = await file("backUp", { folder, reason: "daily", now: new Date() });
    if (!backup.ok) console.error(`The daily backup was not made. ${backup.error}`);
  };
  const look = async (): Promise<void> => {
    try {
      await check();
      await backUp();
    } catch (error) {
      console.error(
        `The data could not be looked after just now: ${error instanceof Error ? error.message : ""}`,
      );
    }
  };
  let day = 0;
  setTimeout(look, CHECK_AFTER).unref();
  setInterval(() => {
    day = (day + 1) % 24;
    void (day === 0 ? look() : backUp().catch(() => undefined));
  }, HOUR).unref();
}
