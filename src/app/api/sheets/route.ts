import { z } from "zod";
import { MOST_ON_SHEET } from "@/core/sheets";
import { houseChoicesSchema } from "@/service/houseRequested";
import { compute } from "@/threads/pool";
import { answeringBody, errorAnswer, resultAnswer } from "../answers";

/** The most skills that one sheet mixes, and the most wishes. */
const MOST_SKILLS = 12;
const MOST_WISHES = 12;

const trait = z.string().max(60);

const sheetsSchema = z.object({
  skill: z.union([z.string().max(60), z.array(z.string().max(60)).min(1).max(MOST_SKILLS)]),
  house: houseChoicesSchema.optional(),
  count: z.number().int().min(1).max(MOST_ON_SHEET).default(12),
  seed: z.number().int().nonnegative(),
  never: z.array(trait).max(MOST_WISHES).optional(),
  least: z
    .array(z.object({ trait, problems: z.number().int().min(1).max(MOST_ON_SHEET) }))
    .max(MOST_WISHES)
    .optional(),
});

/** A sheet drawn from a recipe: `{skill, house?, count?, seed, never?, least?}` to `{skills, name, seed, drawing, problems}`. See docs/api.md. */
export const POST = answeringBody(async ({ body }) => {
  const drawn = await compute("sheet", body);
  return drawn.ok ? resultAnswer(drawn.value) : errorAnswer(503, drawn.error);
}, sheetsSchema);
