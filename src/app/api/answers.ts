import { NextResponse } from "next/server";
import type { z } from "zod";
import { ID_PATTERN } from "@/core/id";
import type { Result } from "@/core/result";
import { isReadOnly } from "@/data";
import { trouble } from "@/data/backup/watch";
import type { Refusal } from "@/service/refusal";

/** An error answer, in the one shape. */
export const errorAnswer = (status: number, error: Refusal, more: object = {}): NextResponse =>
  NextResponse.json({ error, ...more }, { status });

/** More than any body needs that is meant well, in bytes; a sheet's may be larger. */
const LARGEST_BODY = 100_000;

/** The pieces of a request's body as they come; the rest is not waited for where they are left before the end. */
export async function* bodyParts({ body }: Request): AsyncGenerator<Uint8Array, void> {
  const reader = body?.getReader();
  if (reader === undefined) return;
  try {
    for (let part = await reader.read(); !part.done; part = await reader.read()) yield part.value;
  } finally {
    await reader.cancel();
  }
}

/** The body of a request as text; none where it is longer than it may be. Read in pieces, so that no more than that is ever held. */
async function textWithin(request: Request, most: number): Promise<string | undefined> {
  const told = Number(request.headers.get("content-length") ?? 0);
  if (told > most || request.body === null) return told > most ? undefined : "";
  const decoder = new TextDecoder();
  let text = "";
  let size = 0;
  for await (const part of bodyParts(request)) {
    size += part.byteLength;
    if (size > most) return undefined;
    text += decoder.decode(part, { stream: true });
  }
  return text + decoder.decode();
}

/** The body of a request as the schema has it, or the error answer to give. Only JSON is taken, so that no form of another site can post it. */
async function readBody<Body>(
  request: Request,
  schema: z.ZodType<Body>,
  most = LARGEST_BODY,
): Promise<{ readonly body: Body } | { readonly answer: NextResponse }> {
  if (!request.headers.get("content-type")?.startsWith("application/json")) {
    return {
      answer: errorAnswer(415, {
        code: "notJson",
        message: "Send JSON, with the content type application/json.",
      }),
    };
  }
  const text = await textWithin(request, most);
  if (text === undefined)
    return { answer: errorAnswer(413, { code: "tooLarge", message: "The request is too large." }) };
  const json = parsed(text);
  const body = schema.safeParse(json);
  if (body.success) return { body: body.data };
  const [issue] = body.error.issues;
  const where = issue && issue.path.length > 0 ? ` at ${issue.path.join(".").slice(0, 80)}` : "";
  return {
    answer: errorAnswer(400, {
      code: "badRequest",
      message:
        json === undefined
          ? "The body is not JSON, or too deep."
          : `The body does not fit${where}: ${issue?.message ?? "something is wrong with it"}.`,
    }),
  };
}

/** Deeper than anything that is sent here, and far from where reading would run out of room. */
const DEEPEST = 64;

/** Whether lists and objects of a text in JSON stand in one another deeper than so many. Strings are passed over. */
function isDeeperThan(text: string, most: number): boolean {
  let depth = 0;
  let inString = false;
  for (let at = 0; at < text.length; at++) {
    const sign = text[at];
    if (inString) {
      if (sign === "\\") at++;
      else if (sign === '"') inString = false;
    } else if (sign === '"') inString = true;
    else if (sign === "[" || sign === "{") {
      depth++;
      if (depth > most) return true;
    } else if (sign === "]" || sign === "}") depth--;
  }
  return false;
}

function parsed(text: string): unknown {
  try {
    return isDeeperThan(text, DEEPEST) ? undefined : JSON.parse(text);
  } catch {
    return undefined;
  }
}

/** What a route handler is given beside the request. */
interface Around {
  /** None where the address has no part that varies. */
  readonly params: Promise<Readonly<Record<string, string | string[] | undefined>> | undefined>;
}

/** What an act is given: the id in the address, where it has one, and the request. */
interface Asked {
  readonly id: string;
  readonly request: Request;
}

/** What a route answers with beside a whole answer: something as JSON. */
type Told = NextResponse | object | undefined;

type Handler = (request: Request, around: Around) => Promise<NextResponse>;

/** A route handler to which nothing is sent: checks the id in the address, does the act, and answers in JSON. */
export function answering(act: (asked: Asked) => Told | Promise<Told>): Handler {
  return async (request, { params }) => {
    const id = (await params)?.id;
    if (id !== undefined && (typeof id !== "string" || !ID_PATTERN.test(id)))
      return errorAnswer(404, { code: "notThere", message: "There is nothing of this id." });
    try {
      const told = await act({ id: id ?? "", request });
      if (told instanceof NextResponse) return told;
      return told === undefined ? new NextResponse(null, { status: 204 }) : NextResponse.json(told);
    } catch (error) {
      return brokenAnswer(error);
    }
  };
}

/**
 * A route handler to which something is sent: checks the body too. A disk that is full, locked or read-only is told
 * in a sentence; nothing else that goes wrong is told in detail.
 */
export const answeringBody = <Body>(
  act: (asked: Asked & { readonly body: Body }) => Told | Promise<Told>,
  schema: z.ZodType<Body>,
  most?: number,
): Handler =>
  answering(async (asked) => {
    const read = await readBody(asked.request, schema, most);
    return "answer" in read ? read.answer : act({ ...asked, body: read.body });
  });

const DISK: Readonly<Record<string, Refusal>> = {
  SQLITE_FULL: {
    code: "diskFull",
    message: "The disk is full, so this was not kept. Make room and try again.",
  },
  ENOSPC: {
    code: "diskFull",
    message: "The disk is full, so this was not done. Make room and try again.",
  },
  SQLITE_BUSY: { code: "locked", message: "Another program has the data locked. It will be tried again." },
  SQLITE_LOCKED: { code: "locked", message: "Another program has the data locked. It will be tried again." },
  SQLITE_READONLY: { code: "readOnly", message: "The data can only be read, so this was not kept." },
  SQLITE_IOERR: { code: "disk", message: "The disk did not take this. It will be tried again." },
  RIGHT_SUM_BEING_REPLACED: {
    code: "beingReplaced",
    message: "The data is just being restored or imported. This will be tried again.",
  },
  RIGHT_SUM_MOVED_AWAY: {
    code: "movedAway",
    message:
      "The data file was moved away while it is in use, so this was not kept. Put it back, or restore a backup in Safe keeping; it will be tried again.",
  },
  SQLITE_CORRUPT: {
    code: "damaged",
    message: "The data is damaged, so this was not kept. Look at Safe keeping.",
  },
  SQLITE_NOTADB: {
    code: "damaged",
    message: "The data is damaged, so this was not kept. Look at Safe keeping.",
  },
};

function brokenAnswer(error: unknown): NextResponse {
  const code = error instanceof Error && "code" in error ? String(error.code) : "";
  const known = Object.entries(DISK).find(([name]) => code.startsWith(name))?.[1];
  if (known !== undefined) return errorAnswer(503, known);
  // Whoever asked has gone away: there is nobody to tell, and nothing to mend.
  if (error instanceof Error && error.message === "aborted")
    return errorAnswer(400, { code: "cutOff", message: "The request was cut off." });
  console.error(error);
  return errorAnswer(500, { code: "broken", message: "Something went wrong here. Try again." });
}

/** The answer to what can't be done while the data was opened to be read alone; none where it can, as it can to put damaged data right. */
export const readOnlyAnswer = (): NextResponse | undefined =>
  isReadOnly() && trouble() === undefined
    ? errorAnswer(503, { code: "readOnly", message: "The data can only be read, so this was not kept." })
    : undefined;

/** A result as an answer: what was done, or the error in the one shape. */
export const resultAnswer = <Value extends object>(result: Result<Value, Refusal>, status = 422): Told =>
  result.ok ? result.value : errorAnswer(status, result.error);
