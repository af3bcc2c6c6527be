import { NextResponse } from "next/server";
import { database } from "@/data";
import { rowAsItIs } from "@/data/aside/unread";
import { answering, errorAnswer } from "../../answers";

/** A row that can't be read, saved just as it is. */
export const GET = answering(({ request }) => {
  const asked = new URL(request.url).searchParams;
  const row = rowAsItIs(database(), asked.get("table") ?? "", asked.get("id") ?? "");
  if (row === undefined)
    return errorAnswer(404, { code: "notThere", message: "There is nothing of this id." });
  return NextResponse.json(row, {
    headers: { "content-disposition": 'attachment; filename="set-aside.json"' },
  });
});
