import { NextResponse } from "next/server";
import { database, writeSetting } from "@/data";
import { viewSchema } from "../../saved";
import { readBody } from "../answers";

/** Keeps how the tutor likes the screen. */
export async function PUT(request: Request): Promise<NextResponse> {
  const read = await readBody(request, viewSchema);
  if ("answer" in read) return read.answer;
  writeSetting(database(), "view", read.body);
  return new NextResponse(null, { status: 204 });
}
