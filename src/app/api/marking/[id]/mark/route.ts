import { z } from "zod";
import { database } from "@/data";
import { markWaiting } from "../../../../reading/markingSheet";
import { answeringBody, errorAnswer, resultAnswer } from "../../../answers";

const askedSchema = z.object({ since: z.number().int().min(0) });

/** Marks some of the answers that wait for it, and answers with what is new on the sheet. */
export const POST = answeringBody(async ({ id, body }) => {
  const news = await markWaiting(database(), id, body.since);
  return news === undefined
    ? errorAnswer(404, { code: "notThere", message: "There is no such sheet." })
    : resultAnswer(news, 503);
}, askedSchema);
