import path from "node:path";
import { dataFolder, FILE_NAME } from "@/data";
import { noteTrouble } from "@/data/backup/watch";
import { file } from "@/threads/pool";
import { answering } from "../../answers";

/** Checks the whole of the data now. */
export const POST = answering(async () => {
  const health = await file("check", { file: path.join(dataFolder(), FILE_NAME) });
  if (health.kind === "damaged") noteTrouble(health);
  return { sound: health.kind === "fine" };
});
