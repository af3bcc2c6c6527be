import { NextResponse } from "next/server";
import { z } from "zod";
import { methodsRequested } from "@/render/json";
import { houseChoicesSchema } from "../../saved";
import { errorAnswer, readBody } from "../answers";

const methodsSchema = z.object({ problem: z.string(), house: houseChoicesSchema.optional() });

/** Which methods take a problem: `{problem, house?}` to `{methods}`, with the reason for each that does not. See docs/api.md. */
export async function POST(request: Request): Promise<NextResponse> {
  const read = await readBody(request, methodsSchema);
  if ("answer" in read) return read.answer;
  const methods = methodsRequested(read.body);
  return methods.ok ? NextResponse.json({ methods: methods.value }) : errorAnswer(422, methods.error);
}
