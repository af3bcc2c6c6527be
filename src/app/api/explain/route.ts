import { z } from "zod";
import { houseChoicesSchema } from "@/service/houseRequested";
import { compute } from "@/threads/pool";
import { answeringBody, errorAnswer, resultAnswer } from "../answers";

const explainSchema = z.object({
  problem: z.string(),
  given: z.string(),
  house: houseChoicesSchema.optional(),
});

/** Marks an answer and explains it: `{problem, given, house?}` to `{verdict, explanations, separating}`. See docs/api.md. */
export const POST = answeringBody(async ({ body }) => {
  const explained = await compute("explain", body);
  return explained.ok ? resultAnswer(explained.value) : errorAnswer(503, explained.error);
}, explainSchema);
