import { NextResponse } from "next/server";
import { z } from "zod";
import { houseRulesFrom } from "@/core/house";
import { METHOD_IDS } from "@/core/methods";
import { LONGEST_LINE, readProblem } from "@/core/problem";
import { houseRefusalWords, readErrorWords } from "@/core/wording";
import { database, keepBoard } from "@/data";
import { BOARD_ID, LONGEST_GUESS } from "@/ui/routes";
import { houseChoicesSchema } from "../../../saved";
import { errorAnswer, readBody } from "../../answers";

const boardSchema = z.object({
  problem: z.string().max(LONGEST_LINE),
  method: z.enum(METHOD_IDS),
  beside: z.enum(METHOD_IDS).optional(),
  house: houseChoicesSchema,
  step: z.number().int().min(1).max(9999),
  guess: z.string().max(LONGEST_GUESS),
});

/** Keeps a board as it stands. Answers 204 only after the row is on disk. */
export async function PUT(
  request: Request,
  { params }: { readonly params: Promise<{ readonly id: string }> },
): Promise<NextResponse> {
  const { id } = await params;
  if (!BOARD_ID.test(id))
    return errorAnswer(404, { code: "noSuchBoard", message: "There is no such board." });
  const read = await readBody(request, boardSchema);
  if ("answer" in read) return read.answer;
  const house = houseRulesFrom(read.body.house);
  if (!house.ok) {
    return errorAnswer(422, { code: house.error.kind, message: houseRefusalWords(house.error) });
  }
  const problem = readProblem(read.body.problem, house.value);
  if (!problem.ok) {
    return errorAnswer(422, {
      code: problem.error.code,
      message: readErrorWords(problem.error, house.value),
      at: problem.error.at,
    });
  }
  keepBoard(database(), { ...read.body, beside: read.body.beside, id, house: house.value }, new Date());
  return new NextResponse(null, { status: 204 });
}
