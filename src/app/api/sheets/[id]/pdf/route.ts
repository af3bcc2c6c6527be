import { NextResponse } from "next/server";
import { choicesOf } from "@/core/house";
import { database } from "@/data";
import { printingFrom } from "@/render/print";
import { computeForPrint } from "@/threads/pool";
import { fileName, sheetToGiveOut } from "../../../../reading/keptSheet";
import { usedStock } from "../../../../reading/saved";
import { answering, errorAnswer } from "../../../answers";

/** A kept sheet as a PDF, printed as its address asks. See docs/api.md. */
export const GET = answering(async ({ id, request }) => {
  const printing = printingFrom(new URL(request.url).searchParams);
  if (printing === undefined)
    return errorAnswer(400, { code: "badRequest", message: "A sheet can’t be printed like that." });
  const sheet = sheetToGiveOut(database(), id);
  if (sheet === undefined) return errorAnswer(404, { code: "notThere", message: "There is no such sheet." });
  const made = await computeForPrint("sheetPrinted", {
    title: sheet.name,
    code: sheet.code,
    house: choicesOf(sheet.house),
    rows: sheet.rows,
    stock: usedStock(),
    printing,
  });
  if (!made.ok) return errorAnswer(503, made.error);
  if (!made.value.ok) return errorAnswer(422, made.value.error);
  return new NextResponse(new Uint8Array(made.value.value), {
    headers: {
      "content-type": "application/pdf",
      "content-disposition": `inline; filename*=UTF-8''${encodeURIComponent(fileName(sheet.name))}.pdf`,
    },
  });
});
