import { type Sent, send } from "./send";

/** What reads an answer: a schema, as far as it is used here. */
interface View<Value> {
  readonly safeParse: (
    told: unknown,
  ) => { readonly success: true; readonly data: Value } | { readonly success: false };
}

/** An answer that is of another shape than this window knows: it was loaded from another version. */
const UNREAD = "Right Sum answered in a way that this window can’t read. Load the page anew.";

/**
 * Sends something, and reads the answer by its view, which is loaded when it is first needed: so no page waits for the
 * schemas of answers, and nothing that came over the wire is taken on trust.
 */
export async function ask<Value>(
  view: () => Promise<View<Value>>,
  address: string,
  method: "GET" | "POST" | "PUT",
  body?: object,
  signal?: AbortSignal,
): Promise<Sent<Value>> {
  const sent = await send(address, method, body, signal);
  if (!sent.ok) return sent;
  try {
    const read = (await view()).safeParse(sent.value);
    if (read.success) return { ok: true, value: read.data };
  } catch {
    // The view did not come.
  }
  return {
    ok: false,
    error: { kind: "refused", status: 200, code: "unread", message: UNREAD, body: sent.value },
  };
}
