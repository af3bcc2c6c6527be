import { z } from "zod";
import { PATTERN_IDS } from "@/core/errorPatterns";
import { ID_PATTERN } from "@/core/id";
import {
  LONGEST_ANSWER,
  LONGEST_NAME,
  LONGEST_NOTE,
  MOST_ANSWERS_AT_ONCE,
  MOST_LEARNERS,
  MOST_ROWS,
} from "@/core/marking";
import { LONGEST_LINE } from "@/core/problem";
import { houseChoicesSchema } from "../houseRequested";
import type { SheetAct } from "./markingSheet";

const id = z.string().regex(ID_PATTERN);

const act: z.ZodType<SheetAct> = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("addRow"), id, problem: z.string().min(1).max(LONGEST_LINE) }),
  z.object({ kind: z.literal("addLearner"), id, name: z.string().min(1).max(LONGEST_NAME) }),
  z.object({ kind: z.enum(["removeRow", "restoreRow", "removeLearner", "restoreLearner"]), id }),
]);

/** What a window sends of a sheet: what was done to its rows and learners, and what was written into its squares. */
export const sentToSheetSchema = z.object({
  house: houseChoicesSchema,
  since: z.number().int().min(0),
  acts: z.array(act).max(2 * (MOST_ROWS + MOST_LEARNERS)),
  answers: z
    .array(
      // A window of an older version calls things by other names: what is not known here must not pass for kept.
      z.strictObject({
        row: id,
        learner: id,
        saw: z.number().int().min(0),
        given: z.string().max(LONGEST_ANSWER).exactOptional(),
        patterns: z.array(z.enum(PATTERN_IDS)).max(2).exactOptional(),
        chosenFor: z.string().max(LONGEST_ANSWER).exactOptional(),
        note: z.string().max(LONGEST_NOTE).exactOptional(),
      }),
    )
    .max(MOST_ANSWERS_AT_ONCE),
});

export type SentToSheet = Readonly<z.infer<typeof sentToSheetSchema>>;
