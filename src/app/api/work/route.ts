import { z } from "zod";
import { houseChoicesSchema } from "@/service/houseRequested";
import { compute } from "@/threads/pool";
import { answeringBody, errorAnswer, resultAnswer } from "../answers";

const workSchema = z.object({
  problem: z.string(),
  method: z.string().max(100).optional(),
  house: houseChoicesSchema.optional(),
});

/** Works a problem: `{problem, method?, house?}` to `{answer, steps, features, checks}`. See docs/api.md. */
export const POST = answeringBody(async ({ body }) => {
  const worked = await compute("work", body);
  return worked.ok ? resultAnswer(worked.value) : errorAnswer(503, worked.error);
}, workSchema);
