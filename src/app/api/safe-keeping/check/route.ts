import path from "node:path";
import { dataFolder, FILE_NAME } from "@/data";
import type { Health } from "@/data/backup/health";
import { noteTrouble, trouble } from "@/data/backup/watch";
import { isMovedAway } from "@/data/files/inPlace";
import { file } from "@/threads/pool";
import { answering } from "../../answers";

/** Checks the whole of the data now. */
export const POST = answering(async () => {
  const health: Health = isMovedAway()
    ? { kind: "missing" }
    : await file("check", { file: path.join(dataFolder(), FILE_NAME) });
  if (health.kind === "damaged" || health.kind === "missing") noteTrouble(health);
  // What was moved away and is back in its place is written again.
  else if (trouble()?.kind === "missing") noteTrouble(undefined);
  return { sound: health.kind === "fine" };
});
