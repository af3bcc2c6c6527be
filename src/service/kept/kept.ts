import { z } from "zod";
import { done, failed, type Result } from "@/core/result";
import type { Refusal } from "../refusal";

/** The number of a change: each write of anything takes the next one. */
const revisionSchema = z.number().int().min(0);

/** What is said where a write of a thing is refused. */
export interface RefusalWords {
  /** Another window has written since. */
  readonly stale: string;
  /** Another window took it away. */
  readonly deleted: string;
  /** What stands there can't be read. */
  readonly unread: string;
  readonly notThere: string;
  /** There are as many as there can be. */
  readonly noRoom: string;
}

/** Something that is kept whole: every write sends all of it, and the revision of what it was changed from. */
export interface KeptThing<State, Checked> {
  /** What it is called in the browser's own store. */
  readonly name: string;
  /** All of it, as it goes over the wire. */
  readonly state: z.ZodType<State>;
  /** What a window sends: the state; the revision that it saw, 0 for something new; and what it wrote before, where it closes without having been answered for that. */
  readonly sent: z.ZodType<{
    readonly state: State;
    readonly saw?: number | undefined;
    readonly after?: State | undefined;
  }>;
  /** What a window is told: how it stands. */
  readonly told: z.ZodType<{ readonly state: State; readonly revision: number }>;
  /** The state as the core has it, or why it can't be kept. */
  readonly check: (state: State) => Result<Checked, Refusal>;
  /** The state of what was checked. */
  readonly stateOf: (checked: Checked) => State;
  readonly words: RefusalWords;
  /** The most bytes that a write of it takes; none where the usual limit is enough. */
  readonly largest: number | undefined;
}

/** Defines something that is kept whole. From it come its route, its client, what is told of it and what is refused. */
export function kept<State, Checked>(
  thing: Pick<KeptThing<State, Checked>, "name" | "state" | "check" | "stateOf"> & {
    /** What the interface calls it: "board". */
    readonly called: string;
    readonly largest?: number;
  },
): KeptThing<State, Checked> {
  const { name, state, check, stateOf, called, largest } = thing;
  return {
    name,
    state,
    check,
    stateOf,
    largest,
    sent: z.object({ state, saw: revisionSchema.optional(), after: state.optional() }),
    told: z.object({ state, revision: revisionSchema }),
    words: {
      stale: `This ${called} was changed in another window.`,
      deleted: `This ${called} was deleted in another window.`,
      unread: `What is kept of this ${called} can’t be read, so nothing was written over it.`,
      notThere: `There is no such ${called}.`,
      noRoom: `There is no room for another ${called}. Take one away first.`,
    },
  };
}

/** Something the server told of a kept thing, as the core has it; none where it is of another shape, or does not read here. */
export function readTold<State, Checked>(
  { told, check }: KeptThing<State, Checked>,
  from: unknown,
): Result<{ readonly value: Checked; readonly revision: number }, Refusal> {
  const read = told.safeParse(from);
  if (!read.success) return failed({ code: "unread", message: "What Right Sum answered can’t be read." });
  const checked = check(read.data.state);
  return checked.ok ? done({ value: checked.value, revision: read.data.revision }) : checked;
}
