import { z } from "zod";
import { dataFolder, replacing } from "@/data";
import { backupFile } from "@/data/backup/backupFiles";
import { file } from "@/threads/pool";
import { IS_BEING_REPLACED, putInPlace } from "../../../reading/safeKeeping";
import { answeringBody, errorAnswer, readOnlyAnswer } from "../../answers";

const restoreSchema = z.object({ name: z.string().max(100) });

/** Restores a backup: the present data is backed up before. Answers with the name of that backup. */
export const POST = answeringBody(async ({ body }) => {
  const refused = readOnlyAnswer();
  if (refused !== undefined) return refused;
  const folder = dataFolder();
  const from = backupFile(folder, body.name);
  if (from === undefined)
    return errorAnswer(404, { code: "notThere", message: "There is no such backup any more." });
  const restored = await replacing(async (hold) => {
    const ready = await file("prepareRestore", { folder, from });
    if (!ready.ok) return errorAnswer(422, { code: "notRestored", message: ready.error });
    const before = await putInPlace(ready.value, "restore", hold);
    return before.ok
      ? { before: before.value }
      : errorAnswer(503, { code: "notRestored", message: before.error });
  });
  return restored ?? errorAnswer(409, IS_BEING_REPLACED);
}, restoreSchema);
