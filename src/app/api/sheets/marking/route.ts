import { z } from "zod";
import { database } from "@/data";
import { learnersSchema, openForMarking } from "../../../reading/keptSheet";
import { answeringBody, errorAnswer } from "../../answers";

const markingSchema = z.union([
  z.strictObject({ sheet: z.string().max(40), learners: learnersSchema }),
  z.strictObject({ code: z.string().max(20), learners: learnersSchema }),
]);

/** Opens a kept sheet for marking, found by its id or by the code that is printed on it, with learners as columns. */
export const POST = answeringBody(({ body }) => {
  const data = database();
  const sheet = openForMarking(data, body, body.learners, new Date());
  if (sheet === undefined) {
    const message =
      "code" in body
        ? `No sheet has the code “${body.code.trim().slice(0, 20)}”. It stands at the top right of the printed sheet.`
        : "There is no such sheet.";
    return errorAnswer(404, { code: "notThere", message });
  }
  return { sheet };
}, markingSchema);
