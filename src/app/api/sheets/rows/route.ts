import { z } from "zod";
import { LONGEST_LINE } from "@/core/problem";
import { MOST_KEPT_ROWS } from "@/core/sheets";
import { LONGEST_STORY } from "@/core/stories";
import { houseChoicesSchema } from "@/service/houseRequested";
import { storyOfRowSchema } from "@/service/kept/keptSheet";
import { compute, computeSlowly } from "@/threads/pool";
import { usedStock } from "../../../reading/saved";
import { answeringBody, errorAnswer, resultAnswer } from "../../answers";

const line = z.string().max(LONGEST_LINE);

const rowsSchema = z.object({
  house: houseChoicesSchema.optional(),
  rows: z
    .array(
      z.object({
        problem: line,
        skill: z.string().max(60).optional(),
        notch: z.number().int().min(1).max(4).optional(),
        story: storyOfRowSchema.extend({ text: z.string().max(LONGEST_STORY) }).optional(),
        by: z.union([z.literal(-1), z.literal(0), z.literal(1)]).optional(),
      }),
    )
    .max(MOST_KEPT_ROWS),
  never: z.array(z.string().max(60)).max(12).optional(),
  without: z.array(line).max(MOST_KEPT_ROWS).optional(),
  seed: z.number().int().nonnegative().default(1),
});

/** Problems of a sheet read and worked, or others drawn for them: as hard (`by` 0), a notch easier (−1) or harder (1). See docs/api.md. */
export const POST = answeringBody(async ({ body }) => {
  // Where another one is drawn, the rungs of the ladder may have to be looked through for the first time.
  const draws = body.rows.some(({ by }) => by !== undefined);
  const rows = await (draws ? computeSlowly : compute)("sheetRows", { ...body, stock: usedStock() });
  return rows.ok ? resultAnswer(rows.value) : errorAnswer(503, rows.error);
}, rowsSchema);
