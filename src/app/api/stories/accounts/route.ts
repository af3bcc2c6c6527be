import { z } from "zod";
import { houseChoicesSchema } from "@/service/houseRequested";
import { computeSlowly } from "@/threads/pool";
import { usedStock } from "../../../reading/saved";
import { answeringBody, errorAnswer, resultAnswer } from "../../answers";

/** The most answers that are looked at together. */
const MOST_ANSWERS = 40;

const accountsSchema = z.object({
  answers: z
    .array(
      z.object({
        kind: z.string().max(60),
        seed: z.number().int().nonnegative(),
        said: z.string().max(400),
      }),
    )
    .max(MOST_ANSWERS),
  house: houseChoicesSchema.optional(),
});

/** What answers to several stories show: `{answers, house?}` to `{verdicts, accounts}`. See docs/api.md. */
export const POST = answeringBody(async ({ body }) => {
  const shown = await computeSlowly("accountForStories", { ...body, stock: usedStock() });
  return shown.ok ? resultAnswer(shown.value) : errorAnswer(503, shown.error);
}, accountsSchema);
