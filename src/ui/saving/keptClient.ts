import type { KeptThing } from "@/service/kept/kept";

/** A value with the revision it is on disk with. */
export interface OnDisk<Value> {
  readonly value: Value;
  readonly revision: number;
}

/** A thing that is kept whole, as a window sends it, reads it, and puts together what two windows made of it. */
export interface KeptClient<Value> {
  /** What it is called in the browser's own store. */
  readonly name: string;
  readonly idOf: (value: Value) => string;
  readonly address: (id: string) => string;
  /** The value as it is sent. */
  readonly stateOf: (value: Value) => object;
  /** What the server told of the thing of an id; none where it can't be read here. */
  readonly read: (told: unknown, id: string) => Promise<OnDisk<Value> | undefined>;
  /** What two windows made of what both began with, together; none where the tutor has to choose. */
  readonly together: (base: Value, mine: Value, theirs: Value) => Value | undefined;
}

/** Reads what the server told by the definition of the thing, which comes when it is first needed. */
export async function readAs<State, Checked>(
  definition: () => Promise<KeptThing<State, Checked>>,
  told: unknown,
): Promise<OnDisk<Checked> | undefined> {
  try {
    const [thing, { readTold }] = await Promise.all([definition(), import("@/service/kept/kept")]);
    const read = readTold(thing, told);
    return read.ok ? read.value : undefined;
  } catch {
    // The definition did not come: it is asked for again the next time.
    return undefined;
  }
}
