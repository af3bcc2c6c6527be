import { z } from "zod";
import { PATTERN_IDS } from "@/core/errorPatterns";
import { houseRulesFrom } from "@/core/house";
import { ID_PATTERN } from "@/core/id";
import { LONGEST_ANSWER, LONGEST_NAME, LONGEST_NOTE, MOST_LEARNERS, MOST_ROWS } from "@/core/marking";
import { LONGEST_LINE } from "@/core/problem";
import { houseRefusalWords } from "@/core/wording";
import { database, type SheetAct } from "@/data";
import { houseChoicesSchema } from "@/service/houseRequested";
import { keepOnSheet, newsOf, type SentToSheet } from "../../../sheet";
import { answering, errorAnswer, resultAnswer } from "../../answers";

const id = z.string().regex(ID_PATTERN);

const act: z.ZodType<SheetAct> = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("addRow"), id, problem: z.string().min(1).max(LONGEST_LINE) }),
  z.object({ kind: z.literal("addLearner"), id, name: z.string().min(1).max(LONGEST_NAME) }),
  z.object({ kind: z.enum(["removeRow", "restoreRow", "removeLearner", "restoreLearner"]), id }),
]);

const sentSchema = z.object({
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
        given: z.string().max(LONGEST_ANSWER).optional(),
        patterns: z.array(z.enum(PATTERN_IDS)).max(2).optional(),
        note: z.string().max(LONGEST_NOTE).optional(),
      }),
    )
    .max(MOST_ROWS * MOST_LEARNERS),
});

/** As much as a whole sheet takes, in bytes. */
const LARGEST = 6_000_000;

/** Keeps what was done on a sheet, as one transaction, and answers with what is new on it once that is on disk. */
export const POST = answering(
  async ({ id: sheet, body }) => {
    const house = houseRulesFrom(body.house);
    if (!house.ok)
      return errorAnswer(422, { code: house.error.kind, message: houseRefusalWords(house.error) });
    const sent = { ...body, house: house.value } as SentToSheet;
    return resultAnswer(await keepOnSheet(database(), sheet, sent));
  },
  sentSchema,
  LARGEST,
);

/** What is new on a sheet since a revision. */
export const GET = answering(async ({ id: sheet, request }) => {
  const since = Number(new URL(request.url).searchParams.get("since") ?? 0);
  if (!Number.isSafeInteger(since) || since < 0)
    return errorAnswer(400, { code: "badRequest", message: "since must be a whole number." });
  return (await newsOf(database(), sheet, since)) ?? NOT_THERE();
});

const NOT_THERE = () => errorAnswer(404, { code: "notThere", message: "There is no such sheet." });
