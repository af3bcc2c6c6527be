import { NextResponse } from "next/server";
import { z } from "zod";
import { explainedRequested } from "@/render/json";
import { houseChoicesSchema } from "../../saved";
import { errorAnswer, readBody } from "../answers";

const explainSchema = z.object({
  problem: z.string(),
  given: z.string(),
  house: houseChoicesSchema.optional(),
});

/** Marks an answer and explains it: `{problem, given, house?}` to `{verdict, explanations, separating}`. See docs/api.md. */
export async function POST(request: Request): Promise<NextResponse> {
  const read = await readBody(request, explainSchema);
  if ("answer" in read) return read.answer;
  const explained = explainedRequested(read.body);
  return explained.ok ? NextResponse.json(explained.value) : errorAnswer(422, explained.error);
}
