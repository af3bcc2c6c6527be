import { NextResponse } from "next/server";
import { z } from "zod";
import { workJson, workRequested } from "@/render/json";
import { houseChoicesSchema } from "../../saved";
import { errorAnswer, readBody } from "../answers";

const workSchema = z.object({
  problem: z.string(),
  method: z.string().max(100).optional(),
  house: houseChoicesSchema.optional(),
});

/** Works a problem: `{problem, method?, house?}` to `{answer, steps, features, checks}`. See docs/api.md. */
export async function POST(request: Request): Promise<NextResponse> {
  const read = await readBody(request, workSchema);
  if ("answer" in read) return read.answer;
  const working = workRequested(read.body);
  return working.ok ? NextResponse.json(workJson(working.value)) : errorAnswer(422, working.error);
}
