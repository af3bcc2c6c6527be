import { NextResponse } from "next/server";
import { choicesOf } from "@/core/house";
import { database, findKeptSheet } from "@/data";
import { SHEET_FORMATS } from "@/render/formats";
import { compute } from "@/threads/pool";
import { fileName } from "../../../../reading/keptSheet";
import { answering, errorAnswer } from "../../../answers";

/** A kept sheet in an open format: `?format=csv`, `json`, `markdown`, `latex` or `qti`. See docs/api.md. */
export const GET = answering(async ({ id, request }) => {
  const sheet = findKeptSheet(database(), id);
  if (sheet === undefined) return errorAnswer(404, { code: "notThere", message: "There is no such sheet." });
  const asked = new URL(request.url).searchParams.get("format");
  const format = SHEET_FORMATS.find((one) => one.id === asked);
  if (format === undefined) {
    const message = `A sheet goes out as ${SHEET_FORMATS.map((one) => one.id).join(", ")}.`;
    return errorAnswer(400, { code: "badRequest", message });
  }
  const { name, house, rows } = sheet;
  const written = await compute("sheetWritten", { name, house: choicesOf(house), rows, format: format.id });
  if (!written.ok) return errorAnswer(503, written.error);
  const body = typeof written.value === "string" ? written.value : new Uint8Array(written.value);
  return new NextResponse(body, {
    headers: {
      "content-type": format.type,
      "content-disposition": `attachment; filename*=UTF-8''${encodeURIComponent(fileName(name))}.${format.ending}`,
    },
  });
});
