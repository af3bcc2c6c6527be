import { z } from "zod";
import { houseChoicesSchema } from "@/service/houseRequested";
import { MOST_TWINS } from "@/service/requests";
import { compute } from "@/threads/pool";
import { answeringBody, errorAnswer, resultAnswer } from "../answers";

const twinsSchema = z.object({
  problem: z.string(),
  house: houseChoicesSchema.optional(),
  count: z.number().int().min(1).max(MOST_TWINS).default(1),
  seed: z.number().int().nonnegative(),
});

/** Twins of a problem: `{problem, house?, count?, seed}` to `{problem, seed, twins}`. See docs/api.md. */
export const POST = answeringBody(async ({ body }) => {
  const drawn = await compute("twins", body);
  return drawn.ok ? resultAnswer(drawn.value) : errorAnswer(503, drawn.error);
}, twinsSchema);
