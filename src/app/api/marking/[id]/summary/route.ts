import { NextResponse } from "next/server";
import { database, findMarkingSheet } from "@/data";
import { BOARD_ID } from "@/ui/routes";
import { summaryOf } from "../../../../marking";
import { errorAnswer } from "../../../answers";

/** How a learner did on a sheet: counts, the best account of all wrong answers, the slips that showed. */
export async function GET(
  request: Request,
  { params }: { readonly params: Promise<{ readonly id: string }> },
): Promise<NextResponse> {
  const { id } = await params;
  const learner = new URL(request.url).searchParams.get("learner") ?? "";
  const sheet = BOARD_ID.test(id) ? findMarkingSheet(database(), id) : undefined;
  if (sheet === undefined || !BOARD_ID.test(learner))
    return errorAnswer(404, { code: "noSuchSheet", message: "There is no such sheet." });
  return NextResponse.json(summaryOf(database(), sheet, learner));
}
