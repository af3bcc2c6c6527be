import { z } from "zod";
import { STRUCTURES } from "@/core/stories";
import { houseChoicesSchema } from "@/data";
import { compute } from "@/threads/pool";
import { usedStock } from "../../../stock";
import { answering, errorAnswer, resultAnswer } from "../../answers";

/** The longest line, answer or sentence of a learner that is read. */
const LONGEST = 400;

const workSchema = z.object({
  kind: z.string().max(60),
  seed: z.number().int().nonnegative(),
  house: houseChoicesSchema.optional(),
  work: z.object({
    tapped: z.array(z.string().max(8)).max(12),
    structure: z.enum(STRUCTURES).optional(),
    line: z.string().max(LONGEST).optional(),
    answer: z.string().max(LONGEST).optional(),
    frame: z.string().max(LONGEST).optional(),
  }),
});

/** Marks a learner's work on a story: `{kind, seed, house?, work}` to `{stages, behind}`. See docs/api.md. */
export const POST = answering(async ({ body }) => {
  const marked = await compute("storyWorkMarked", { ...body, stock: usedStock() });
  return marked.ok ? resultAnswer(marked.value) : errorAnswer(503, marked.error);
}, workSchema);
