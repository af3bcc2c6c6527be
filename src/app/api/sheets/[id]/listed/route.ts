import { z } from "zod";
import { database, setSheetAside } from "@/data";
import { answeringBody, errorAnswer } from "../../../answers";

const listedSchema = z.union([
  z.strictObject({ archived: z.boolean() }),
  z.strictObject({ deleted: z.boolean() }),
]);

/** Archives a sheet or deletes it, or undoes either. */
export const PUT = answeringBody(({ id, body }) => {
  const found = setSheetAside(database(), id, body, new Date());
  return found ? {} : errorAnswer(404, { code: "notThere", message: "There is no such sheet." });
}, listedSchema);
