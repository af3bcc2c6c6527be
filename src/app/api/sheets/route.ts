import { z } from "zod";
import { MOST_ON_SHEET } from "@/core/sheets";
import { houseChoicesSchema } from "@/data";
import { compute } from "@/threads/pool";
import { answering, errorAnswer, resultAnswer } from "../answers";

const sheetsSchema = z.object({
  skill: z.string(),
  house: houseChoicesSchema.optional(),
  count: z.number().int().min(1).max(MOST_ON_SHEET).default(12),
  seed: z.number().int().nonnegative(),
});

/** A sheet drawn from a skill: `{skill, house?, count?, seed}` to `{skill, name, seed, drawing, problems}`. See docs/api.md. */
export const POST = answering(async ({ body }) => {
  const drawn = await compute("sheet", body);
  return drawn.ok ? resultAnswer(drawn.value) : errorAnswer(503, drawn.error);
}, sheetsSchema);
