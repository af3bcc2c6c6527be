import { z } from "zod";
import { houseChoicesSchema } from "@/service/houseRequested";
import { compute } from "@/threads/pool";
import { answeringBody, errorAnswer } from "../answers";

const methodsSchema = z.object({ problem: z.string(), house: houseChoicesSchema.optional() });

/** Which methods take a problem: `{problem, house?}` to `{methods}`, with the reason for each that does not. See docs/api.md. */
export const POST = answeringBody(async ({ body }) => {
  const asked = await compute("methods", body);
  if (!asked.ok) return errorAnswer(503, asked.error);
  return asked.value.ok ? { methods: asked.value.value } : errorAnswer(422, asked.value.error);
}, methodsSchema);
