import { NextResponse } from "next/server";
import type { z } from "zod";

/** The one shape of an error answer: a code for programs, a sentence for people, where in the line it is. */
export const errorAnswer = (
  status: number,
  error: { readonly code: string; readonly message: string; readonly at?: number },
): NextResponse => NextResponse.json({ error }, { status });

/** More than any body needs that is meant well, in characters. */
const LONGEST_BODY = 100_000;

/** The body of a request as the schema has it, or the error answer to give. Only JSON is taken, so that no form of another site can post it. */
export async function readBody<Body>(
  request: Request,
  schema: z.ZodType<Body>,
): Promise<{ readonly body: Body } | { readonly answer: NextResponse }> {
  if (!request.headers.get("content-type")?.startsWith("application/json")) {
    return {
      answer: errorAnswer(415, {
        code: "notJson",
        message: "Send JSON, with the content type application/json.",
      }),
    };
  }
  const text = await request.text();
  if (text.length > LONGEST_BODY) {
    return { answer: errorAnswer(413, { code: "tooLarge", message: "The request is too large." }) };
  }
  const json = parsed(text);
  const body = schema.safeParse(json);
  if (body.success) return { body: body.data };
  const [issue] = body.error.issues;
  const where = issue && issue.path.length > 0 ? ` at ${issue.path.join(".")}` : "";
  return {
    answer: errorAnswer(400, {
      code: "badRequest",
      message:
        json === undefined
          ? "The body is not JSON."
          : `The body does not fit${where}: ${issue?.message ?? "something is wrong with it"}.`,
    }),
  };
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
