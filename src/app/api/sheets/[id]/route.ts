import { randomInt } from "node:crypto";
import { z } from "zod";
import { choicesOf, houseRulesFrom } from "@/core/house";
import { LONGEST_SHEET_NAME, MOST_KEPT_ROWS } from "@/core/sheets";
import { houseRefusalWords } from "@/core/wording";
import { database, findKeptSheet, houseChoicesSchema, type KeptSheet, keepSheet } from "@/data";
import { keptRowSchema, rowsShown } from "../../../keptSheet";
import { answering, errorAnswer } from "../../answers";

const keptSchema = z.object({
  saw: z.number().int().min(0),
  name: z.string().trim().min(1).max(LONGEST_SHEET_NAME),
  house: houseChoicesSchema,
  rows: z.array(keptRowSchema).max(MOST_KEPT_ROWS),
  drawing: z.number().int().min(0),
  seed: z.number().int().min(0),
});

/** As much as a whole sheet takes, in bytes. */
const LARGEST = 600_000;

const REFUSED = {
  stale: "This sheet was changed in another window.",
  deleted: "This sheet was deleted in another window.",
  unread: "What is kept of this sheet can’t be read, so nothing was written over it.",
} as const;

const told = ({ house, ...sheet }: KeptSheet) => ({ ...sheet, house: choicesOf(house) });

/** Keeps a sheet whole, where it stands as the window that sends it saw it; every problem has to read. */
export const PUT = answering(
  async ({ id, body }) => {
    const house = houseRulesFrom(body.house);
    if (!house.ok)
      return errorAnswer(422, { code: house.error.kind, message: houseRefusalWords(house.error) });
    const shown = await rowsShown(house.value, body.rows);
    if ("message" in shown) return errorAnswer(503, { code: "tooLong", message: shown.message });
    const bad = shown.find((row) => "error" in row);
    if (bad !== undefined && "error" in bad)
      return errorAnswer(422, {
        ...bad.error,
        message: `“${bad.problem.slice(0, 60)}”: ${bad.error.message}`,
      });
    // A random number below one, as whole numbers make it.
    const chance = (): number => randomInt(1_000_000) / 1_000_000;
    const { saw, ...content } = body;
    const kept = keepSheet(database(), id, { ...content, house: house.value }, saw, new Date(), chance);
    if (kept.ok) return told(kept.value);
    const { code } = kept.error;
    return errorAnswer(
      409,
      { code, message: REFUSED[code] },
      kept.error.code === "stale" ? { now: told(kept.error.now) } : {},
    );
  },
  keptSchema,
  LARGEST,
);

/** A kept sheet as it stands. */
export const GET = answering(({ id }) => {
  const sheet = findKeptSheet(database(), id);
  return sheet ? told(sheet) : errorAnswer(404, { code: "notThere", message: "There is no such sheet." });
});
