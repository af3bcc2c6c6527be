import { ROUTES } from "@/service/routes";
import { tellOthers } from "../otherWindows";
import { askToSignIn } from "./signInEnded";
import { noteUnderway } from "./underway";

/** Why something that was sent is not kept. */
type NotSent =
  /** The server took it and says no: trying it again as it is would change nothing. */
  | {
      readonly kind: "refused";
      readonly status: number;
      readonly code: string;
      readonly message: string;
      readonly body: unknown;
    }
  /** Nobody answered, or the disk did not take it: it can be tried again. */
  | { readonly kind: "unreachable"; readonly message: string };

export type Sent<Value> =
  | { readonly ok: true; readonly value: Value }
  | { readonly ok: false; readonly error: NotSent };

/** A body that is still sent when its window closes: browsers hold back more than this, in characters. */
const MOST_WHEN_LEAVING = 60_000;

const UNREACHABLE = "Right Sum does not answer. What you did is remembered here and tried again.";

const textIn = (body: unknown, name: "code" | "message"): string | undefined => {
  if (typeof body !== "object" || body === null || !("error" in body)) return undefined;
  const { error } = body;
  if (typeof error !== "object" || error === null || !(name in error)) return undefined;
  const text: unknown = Object.entries(error).find(([key]) => key === name)?.[1];
  return typeof text === "string" ? text : undefined;
};

/** The sentence of an error that the server told; none where it told none. */
export const messageIn = (told: unknown): string | undefined => textIn(told, "message");

/** Sends something to the server, and says whether it is kept there. */
export function send(
  address: string,
  method: "GET" | "POST" | "PUT",
  body?: object,
  signal?: AbortSignal,
): Promise<Sent<unknown>> {
  const sending = answered(address, method, body, signal);
  if (method !== "GET" && signal === undefined) noteUnderway(sending);
  return sending;
}

async function answered(
  address: string,
  method: "GET" | "POST" | "PUT",
  body: object | undefined,
  signal: AbortSignal | undefined,
): Promise<Sent<unknown>> {
  const text = body === undefined ? undefined : JSON.stringify(body);
  let answer: Response;
  let told: unknown;
  try {
    answer = await fetch(address, {
      method,
      ...(text === undefined ? {} : { headers: { "content-type": "application/json" }, body: text }),
      ...(signal === undefined ? {} : { signal }),
      keepalive: method !== "GET" && (text?.length ?? 0) < MOST_WHEN_LEAVING,
    });
    told = answer.status === 204 ? undefined : await answer.json();
  } catch {
    return { ok: false, error: { kind: "unreachable", message: UNREACHABLE } };
  }
  if (answer.ok) {
    if (method !== "GET") tellOthers();
    return { ok: true, value: told };
  }
  const message = textIn(told, "message") ?? UNREACHABLE;
  if (answer.status === 401) {
    const isIn = askToSignIn();
    if (isIn === undefined) location.assign(ROUTES.signIn);
    else if (await isIn) return answered(address, method, body, signal);
  }
  if (answer.status >= 500 || answer.status === 401 || answer.status === 429)
    return { ok: false, error: { kind: "unreachable", message } };
  const code = textIn(told, "code") ?? "refused";
  return { ok: false, error: { kind: "refused", status: answer.status, code, message, body: told } };
}
