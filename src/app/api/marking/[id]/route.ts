import { NextResponse } from "next/server";
import { z } from "zod";
import { houseRulesFrom } from "@/core/house";
import { LONGEST_LINE, readProblem } from "@/core/problem";
import { houseRefusalWords, readErrorWords } from "@/core/wording";
import { clearRowsFrom, database, keepMarkingSheet } from "@/data";
import { MOST_LEARNERS, MOST_ROWS } from "@/ui/marking/marks";
import { BOARD_ID } from "@/ui/routes";
import { rowsOf } from "../../../marking";
import { houseChoicesSchema } from "../../../saved";
import { errorAnswer, readBody } from "../../answers";

const sheetSchema = z.object({
  house: houseChoicesSchema,
  problems: z.array(z.string().max(LONGEST_LINE)).max(MOST_ROWS),
  learners: z.array(z.string().regex(BOARD_ID)).max(MOST_LEARNERS),
});

/** Keeps a marking sheet, and answers with the right answer of each row once it is on disk. */
export async function PUT(
  request: Request,
  { params }: { readonly params: Promise<{ readonly id: string }> },
): Promise<NextResponse> {
  const { id } = await params;
  if (!BOARD_ID.test(id))
    return errorAnswer(404, { code: "noSuchSheet", message: "There is no such sheet." });
  const read = await readBody(request, sheetSchema);
  if ("answer" in read) return read.answer;
  const { house: choices, problems, learners } = read.body;
  const house = houseRulesFrom(choices);
  if (!house.ok) return errorAnswer(422, { code: house.error.kind, message: houseRefusalWords(house.error) });
  for (const [index, line] of problems.entries()) {
    const problem = readProblem(line, house.value);
    if (problem.ok) continue;
    const message = `Row ${index + 1}: ${readErrorWords(problem.error, house.value)}`;
    return errorAnswer(422, { code: problem.error.code, message });
  }
  const sheet = { id, house: house.value, problems, learners };
  keepMarkingSheet(database(), sheet, new Date());
  clearRowsFrom(database(), id, problems.length);
  return NextResponse.json({ rows: rowsOf(sheet) });
}
