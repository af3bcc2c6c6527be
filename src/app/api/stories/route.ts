import { z } from "zod";
import { houseChoicesSchema } from "@/service/houseRequested";
import { compute } from "@/threads/pool";
import { usedStock } from "../../reading/saved";
import { answeringBody, errorAnswer } from "../answers";

/** The most stories that are told at once. */
const MOST_STORIES = 200;

const storiesSchema = z.object({
  kind: z.string().max(60),
  house: houseChoicesSchema.optional(),
  count: z.number().int().min(1).max(MOST_STORIES).default(1),
  seed: z.number().int().nonnegative(),
});

/** Stories of a kind: `{kind, house?, count?, seed}` to `{stories}`. See docs/api.md. */
export const POST = answeringBody(async ({ body }) => {
  const told = await compute("stories", { ...body, stock: usedStock() });
  if (!told.ok) return errorAnswer(503, told.error);
  return told.value.ok ? { stories: told.value.value } : errorAnswer(422, told.value.error);
}, storiesSchema);
