import type { NextResponse } from "next/server";
import type { Result } from "@/core/result";
import { type Data, database } from "@/data";
import type { KeptThing } from "@/service/kept/kept";
import type { Refusal } from "@/service/refusal";
import { answering, answeringBody, errorAnswer } from "./answers";

/** How a thing stands on disk. */
interface OnDisk<Checked> {
  readonly value: Checked;
  readonly revision: number;
}

/** What a window knew when it wrote: the revision it saw, and what it wrote before without having been answered for that. */
interface Seen<Checked> {
  readonly saw: number | undefined;
  readonly after: Checked | undefined;
}

/** Why a write was not done: what stands there is newer, was taken away, or can't be read; or there is no room for more. */
type NotKept<Checked> =
  | { readonly code: "stale"; readonly now: OnDisk<Checked> }
  | { readonly code: "deleted" | "unread" | "noRoom" };

/** What the disk does with a thing that is kept whole. */
interface Shelf<State, Checked> {
  readonly find: (data: Data, id: string) => OnDisk<Checked> | undefined;
  readonly keep: (
    data: Data,
    id: string,
    value: Checked,
    seen: Seen<Checked>,
    now: Date,
  ) => Result<OnDisk<Checked>, NotKept<Checked>>;
  /** What else has to hold before it is kept, and takes work; none where it does. */
  readonly refuse?: (state: State, value: Checked) => Promise<NextResponse | undefined>;
}

/**
 * The route handlers of a thing that is kept whole: PUT keeps it and answers with its revision once it is on disk, or
 * with 409 and what stands there where another window was first; GET gives it as it stands.
 */
export function keptRoutes<State, Checked>(
  thing: KeptThing<State, Checked>,
  { find, keep, refuse }: Shelf<State, Checked>,
) {
  const told = ({ value, revision }: OnDisk<Checked>) => ({ state: thing.stateOf(value), revision });
  const refused = (error: Refusal): NextResponse => errorAnswer(422, error);
  return {
    PUT: answeringBody(
      async ({ id, body: { state, saw, after } }) => {
        const value = thing.check(state);
        if (!value.ok) return refused(value.error);
        const bad = await refuse?.(state, value.value);
        if (bad !== undefined) return bad;
        const before = after === undefined ? undefined : thing.check(after);
        const seen = { saw, after: before?.ok ? before.value : undefined };
        const kept = keep(database(), id, value.value, seen, new Date());
        if (kept.ok) return { revision: kept.value.revision };
        const { error } = kept;
        const message = thing.words[error.code];
        const status = error.code === "noRoom" ? 422 : 409;
        return errorAnswer(
          status,
          { code: error.code, message },
          error.code === "stale" ? told(error.now) : {},
        );
      },
      thing.sent,
      thing.largest,
    ),
    GET: answering(({ id }) => {
      const found = find(database(), id);
      return found === undefined
        ? errorAnswer(404, { code: "notThere", message: thing.words.notThere })
        : told(found);
    }),
  };
}
