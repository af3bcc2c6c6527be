import { z } from "zod";
import { database, deleteSheet, restoreSheet } from "@/data";
import { answeringBody, errorAnswer } from "../../../answers";

const listedSchema = z.object({ listed: z.boolean() });

/** Takes a marking sheet off the list, or brings it back with its answers. */
export const PUT = answeringBody(({ id, body }) => {
  const data = database();
  const found = body.listed ? restoreSheet(data, id) : deleteSheet(data, id, new Date());
  return found ? {} : errorAnswer(404, { code: "notThere", message: "There is no such sheet." });
}, listedSchema);
