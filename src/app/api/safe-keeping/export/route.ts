import fs from "node:fs";
import os from "node:os";
import path from "node:path";
import { Readable } from "node:stream";
import { NextResponse } from "next/server";
import { file } from "@/threads/pool";
import { databaseFile } from "../../../reading/safeKeeping";
import { answering } from "../../answers";

/** Everything that is kept, as one JSON document. See docs/data.md. */
export const GET = answering(async () => {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-export-"));
  const out = path.join(folder, "right-sum.json");
  const now = new Date();
  await file("exportTo", { file: databaseFile(), out, now });
  const stream = fs.createReadStream(out);
  stream.on("close", () => fs.rmSync(folder, { recursive: true, force: true }));
  return new NextResponse(Readable.toWeb(stream) as ReadableStream, {
    headers: {
      "content-type": "application/json",
      "content-length": String(fs.statSync(out).size),
      "content-disposition": `attachment; filename="right-sum-${now.toISOString().slice(0, 10)}.json"`,
    },
  });
});
