import fs from "node:fs";
import path from "node:path";
import { replacing } from "@/data";
import { temporaryFolder } from "@/data/files/temporary";
import { file } from "@/threads/pool";
import { IS_BEING_REPLACED, incoming, putInPlace } from "../../../reading/safeKeeping";
import { answering, bodyParts, errorAnswer, readOnlyAnswer } from "../../answers";

/** As much as ten years of records take, with room to spare; in bytes. */
const LARGEST = 300_000_000;

/** Puts a whole export into the place of the data, which is backed up before; all of it, or nothing. */
export const POST = answering(async ({ request }) => {
  const refused = readOnlyAnswer();
  if (refused !== undefined) return refused;
  if (!request.headers.get("content-type")?.startsWith("application/json"))
    return errorAnswer(415, {
      code: "notJson",
      message: "Send JSON, with the content type application/json.",
    });
  const folder = temporaryFolder("import");
  try {
    const json = path.join(folder, "import.json");
    if (!(await written(request, json)))
      return errorAnswer(413, { code: "tooLarge", message: "The file is larger than any export." });
    const done = await replacing(async (hold) => {
      const ready = incoming();
      const imported = await file("importFrom", { json, file: ready });
      if (!imported.ok) return errorAnswer(422, { code: "notImported", message: imported.error });
      const before = await putInPlace(ready, "import", hold, () => request.signal.aborted);
      return before.ok
        ? { before: before.value }
        : errorAnswer(503, { code: "notImported", message: before.error });
    });
    return done ?? errorAnswer(409, IS_BEING_REPLACED);
  } finally {
    fs.rmSync(folder, { recursive: true, force: true });
  }
});

/** Writes a request's body to a file; false where there is more of it than may be. */
async function written(request: Request, to: string): Promise<boolean> {
  const out = fs.openSync(to, "w");
  try {
    let size = 0;
    if (request.body === null) return true;
    for await (const part of bodyParts(request)) {
      size += part.byteLength;
      if (size > LARGEST) return false;
      fs.writeSync(out, part);
    }
    return true;
  } finally {
    fs.closeSync(out);
  }
}
