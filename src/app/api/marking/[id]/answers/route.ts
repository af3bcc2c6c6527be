import { NextResponse } from "next/server";
import { z } from "zod";
import { SLIP_IDS } from "@/core/slips";
import { database, findMarkingSheet } from "@/data";
import { LONGEST_ANSWER, LONGEST_NOTE, MOST_LEARNERS, MOST_ROWS } from "@/ui/marking/marks";
import { BOARD_ID } from "@/ui/routes";
import { markCell } from "../../../../marking";
import { errorAnswer, readBody } from "../../../answers";

const answersSchema = z.object({
  answers: z
    .array(
      z.object({
        row: z.number().int().min(0).max(MOST_ROWS),
        learner: z.string().regex(BOARD_ID),
        given: z.string().max(LONGEST_ANSWER),
        slips: z.array(z.enum(SLIP_IDS)).max(2).optional(),
        note: z.string().max(LONGEST_NOTE).optional(),
      }),
    )
    .max(MOST_ROWS * MOST_LEARNERS),
});

/** Marks answers on a sheet, and answers with what was found once they are on disk. */
export async function POST(
  request: Request,
  { params }: { readonly params: Promise<{ readonly id: string }> },
): Promise<NextResponse> {
  const { id } = await params;
  const sheet = BOARD_ID.test(id) ? findMarkingSheet(database(), id) : undefined;
  if (sheet === undefined)
    return errorAnswer(404, { code: "noSuchSheet", message: "There is no such sheet." });
  const read = await readBody(request, answersSchema);
  if ("answer" in read) return read.answer;
  const now = new Date();
  const known = read.body.answers.filter(
    ({ row, learner }) => row < sheet.problems.length && sheet.learners.includes(learner),
  );
  const data = database();
  // Many answers are one write: all of them are on disk, or none.
  const marked = data.transaction(() =>
    known.map(({ slips, note, ...answer }) =>
      markCell(
        data,
        sheet,
        { ...answer, ...(slips === undefined ? {} : { slips }), ...(note === undefined ? {} : { note }) },
        now,
      ),
    ),
  );
  return NextResponse.json({ marked });
}
