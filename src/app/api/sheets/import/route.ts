import { z } from "zod";
import { choicesOf, houseRulesFrom } from "@/core/house";
import { houseRefusalWords } from "@/core/wording";
import { readSheetFile } from "@/render/formats";
import { rowsShown } from "../../../reading/keptSheet";
import { savedHouse } from "../../../reading/saved";
import { answeringBody, errorAnswer } from "../../answers";

/** As large a file as a sheet can be, in characters. */
const LARGEST_FILE = 500_000;

const importSchema = z.object({ text: z.string().max(LARGEST_FILE) });

/** A sheet read from a file of JSON or CSV: what is to be kept of it, or why none of it can be; nothing is kept yet. */
export const POST = answeringBody(
  async ({ body }) => {
    const read = readSheetFile(body.text);
    if (!read.ok) return errorAnswer(422, { code: "unreadFile", message: read.error });
    const { name, house: choices, rows } = read.value;
    const house = houseRulesFrom(choices ?? choicesOf(savedHouse()));
    if (!house.ok)
      return errorAnswer(422, { code: house.error.kind, message: houseRefusalWords(house.error) });
    const kept = rows.map(({ problem, skill, notch, story, sentence = "", whole }) => ({
      problem,
      ...(story === undefined ? {} : { story: { text: story, answer: sentence, whole } }),
      ...(skill === undefined || notch === undefined ? {} : { skill, notch: notch - 1 }),
    }));
    const shown = await rowsShown(house.value, kept);
    if ("message" in shown) return errorAnswer(503, { code: "tooLong", message: shown.message });
    const at = shown.findIndex((row) => "error" in row);
    const bad = shown[at];
    if (bad !== undefined && "error" in bad) {
      const message = `Problem ${at + 1}, “${bad.problem.slice(0, 60)}”: ${bad.error.message} None of the file was taken.`;
      return errorAnswer(422, { ...bad.error, message });
    }
    return { name: name ?? "A sheet from a file", house: choicesOf(house.value), rows: kept };
  },
  importSchema,
  2 * LARGEST_FILE,
);
