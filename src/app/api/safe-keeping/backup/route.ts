import { dataFolder } from "@/data";
import { file } from "@/threads/pool";
import { answering, errorAnswer, readOnlyAnswer } from "../../answers";

/** Makes a backup now, and answers once it has passed its check. */
export const POST = answering(async () => {
  const refused = readOnlyAnswer();
  if (refused !== undefined) return refused;
  const backup = await file("backUp", { folder: dataFolder(), reason: "asked", now: new Date() });
  return backup.ok
    ? { name: backup.value.name }
    : errorAnswer(503, { code: "notBackedUp", message: backup.error });
});
