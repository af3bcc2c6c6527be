import fs from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import type { Metadata } from "next";
import type { ReactElement } from "react";
import { allUnread, database, dataFolder, FILE_NAME, isReadOnly } from "@/data";
import { backupFile, listBackups } from "@/data/backup/backupFiles";
import { examineFile, troubleOf } from "@/data/backup/health";
import { type Inside, insideOf } from "@/data/backup/inside";
import { trouble } from "@/data/backup/watch";
import type { Unread } from "@/service/kept/unread";
import { type LookedInto, SafeKeepingScreen, timeInWords } from "@/ui/safeKeeping";
import { type Parameters, parametersOf } from "../reading/parameters";

export const metadata: Metadata = { title: "Safe keeping" };

/** How much room some files take together, in bytes. */
const bytesOf = (files: readonly string[]): number =>
  files.reduce((sum, file) => sum + (fs.existsSync(file) ? fs.statSync(file).size : 0), 0);

const shown = ({ counts, learners, lastAnswer }: Inside) => ({
  counts,
  learners,
  lastAnswer: lastAnswer && timeInWords(lastAnswer),
});

/** What is inside a backup, opened for reading alone. */
function lookedInto(folder: string, name: string): LookedInto | undefined {
  const file = backupFile(folder, name);
  if (file === undefined) return undefined;
  const health = examineFile(file);
  if (health.kind !== "fine") return { name, inside: undefined };
  const client = new Database(file, { readonly: true });
  try {
    return { name, inside: shown(insideOf(client)) };
  } finally {
    client.close();
  }
}

/** What can't be read of what is kept; nothing is said of data that can't even be looked through. */
async function unreadNow(): Promise<readonly Unread[]> {
  try {
    return await allUnread(database());
  } catch {
    return [];
  }
}

/** What is kept now; none where it can't even be counted, and why. */
function insideNow(): { readonly inside: Inside; readonly damage: string | undefined } {
  try {
    return { inside: insideOf(database().$client), damage: undefined };
  } catch (error) {
    const found = troubleOf(error);
    const counts = { boards: 0, learners: 0, sheets: 0, answers: 0 };
    return {
      inside: { counts, lastAnswer: undefined, learners: [] },
      damage: found.kind === "damaged" ? found.found : "it can’t be read",
    };
  }
}

export default async function SafeKeepingPage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const { look } = await parametersOf(searchParams);
  const folder = dataFolder();
  const file = path.join(folder, FILE_NAME);
  const backups = listBackups(folder);
  const found = trouble();
  const now = insideNow();
  return (
    <SafeKeepingScreen
      folder={folder}
      backups={backups.map(({ at, ...backup }) => ({ ...backup, when: timeInWords(at) }))}
      now={shown(now.inside)}
      looked={look === undefined ? undefined : lookedInto(folder, look)}
      bytes={{
        data: bytesOf([file, `${file}-wal`]),
        backups: backups.reduce((sum, { bytes }) => sum + bytes, 0),
      }}
      damage={found?.kind === "damaged" ? found.found : now.damage}
      isMissing={found?.kind === "missing"}
      readOnly={isReadOnly()}
      unread={await unreadNow()}
      beyond={process.env.RIGHT_SUM_BEYOND === "1"}
    />
  );
}
