import fs from "node:fs";
import path from "node:path";
import { Readable } from "node:stream";
import { NextResponse } from "next/server";
import { noteTrouble, trouble } from "@/data/backup/watch";
import { temporaryFolder } from "@/data/files/temporary";
import { file } from "@/threads/pool";
import { databaseFile } from "../../../reading/safeKeeping";
import { answering, errorAnswer } from "../../answers";

/** Everything that is kept, as one JSON document. See docs/data.md. */
export const GET = answering(async () => {
  const folder = temporaryFolder("export");
  const out = path.join(folder, "right-sum.json");
  const now = new Date();
  const remove = (): void => fs.rmSync(folder, { recursive: true, force: true });
  const exported = await file("exportTo", { file: databaseFile(), out, now }).catch((error: unknown) => {
    remove();
    throw error;
  });
  if (!exported.ok) {
    remove();
    return errorAnswer(503, {
      code: exported.error,
      message: "Nothing of the data can be read, so nothing was exported. Restore a backup instead.",
    });
  }
  // Where it is known that not all can be read, what can be is wanted.
  const { tables } = exported.value;
  if (tables.length > 0 && trouble() === undefined) {
    remove();
    const unread = tables.join(", ");
    noteTrouble({ kind: "damaged", found: `nothing can be read of: ${unread}` });
    return errorAnswer(503, {
      code: "notWhole",
      message: `Nothing was exported, since not all of it can be read (${unread}). Safe keeping says what to do.`,
    });
  }
  const stream = fs.createReadStream(out);
  stream.on("close", remove);
  return new NextResponse(Readable.toWeb(stream) as ReadableStream, {
    headers: {
      "content-type": "application/json",
      "content-length": String(fs.statSync(out).size),
      "content-disposition": `attachment; filename="right-sum-${now.toISOString().slice(0, 10)}.json"`,
    },
  });
});
