import { and, asc, count, eq, isNull } from "drizzle-orm";
import { done, failed, type Result } from "@/core/result";
import type { OwnThing } from "@/service/kept/ownThing";
import type { Unread } from "@/service/kept/unread";
import { putAside } from "../aside/setAside";
import { partRead } from "../aside/unread";
import type { Data } from "../data";
import { holdsMore, jsonOf } from "../houseOf";
import { type DataWriter, nextRevision, type Stale } from "../revision";
import { ownThings } from "../schema";
import type { WholeRow } from "../wholeRow";

/** Something of a tutor's own as it stands on disk. */
export interface OwnOnDisk<Checked> {
  readonly id: string;
  readonly value: Checked;
  readonly revision: number;
}

type Row = typeof ownThings.$inferSelect;

function readRow<State, Checked>(
  thing: OwnThing<State, Checked>,
  { id, state, revision }: Row,
): Result<OwnOnDisk<Checked>, string> {
  const read = jsonOf(state, thing.state);
  const checked = read === undefined ? undefined : thing.check(read);
  if (!checked?.ok) return failed("it can’t be read here: a newer Right Sum may have made it");
  return done({ id, value: checked.value, revision });
}

const listed = (data: DataWriter, kind: string): readonly Row[] =>
  data
    .select()
    .from(ownThings)
    .where(and(eq(ownThings.kind, kind), isNull(ownThings.deletedAt)))
    .orderBy(asc(ownThings.made), asc(ownThings.id))
    .all();

/** The things of a kind in the order they were made; what can't be read stays on disk and is told by `unreadOwnThings`. */
export const listOwnThings = <State, Checked>(
  data: DataWriter,
  thing: OwnThing<State, Checked>,
): readonly OwnOnDisk<Checked>[] =>
  partRead("own_things", listed(data, thing.kind), (row) => readRow(thing, row)).read;

/** Those of a kind that can't be read. */
export const unreadOwnThings = <State, Checked>(
  data: DataWriter,
  thing: OwnThing<State, Checked>,
): readonly Unread[] => partRead("own_things", listed(data, thing.kind), (row) => readRow(thing, row)).unread;

/** The thing of an id; none where there is none of its kind, or it can't be read. */
export function findOwnThing<State, Checked>(
  data: DataWriter,
  thing: OwnThing<State, Checked>,
  id: string,
): OwnOnDisk<Checked> | undefined {
  const row = data.select().from(ownThings).where(eq(ownThings.id, id)).get();
  if (row === undefined || row.kind !== thing.kind || row.deletedAt !== null) return undefined;
  const read = readRow(thing, row);
  return read.ok ? read.value : undefined;
}

/**
 * Keeps one as it stands now. One that was changed elsewhere since revision `saw` is left as it is and told, but for
 * `after`, which the same window wrote before and was not answered for. One that was deleted elsewhere is not brought
 * back by this, and one that can't be read is not written over.
 */
export function keepOwnThing<State, Checked>(
  data: Data,
  thing: OwnThing<State, Checked>,
  id: string,
  value: Checked,
  { saw, after }: { readonly saw: number | undefined; readonly after: Checked | undefined },
): Result<
  OwnOnDisk<Checked>,
  Stale<OwnOnDisk<Checked>> | { readonly code: "deleted" | "unread" | "noRoom" }
> {
  return data.transaction((write) => {
    const textOf = (one: Checked): string => JSON.stringify(thing.stateOf(one));
    const row = write.select().from(ownThings).where(eq(ownThings.id, id)).get();
    if (row !== undefined && row.deletedAt !== null) return failed({ code: "deleted" });
    const there = row && readRow(thing, row);
    if (there?.ok === false || (row !== undefined && row.kind !== thing.kind))
      return failed({ code: "unread" });
    const now = there?.value;
    if (now !== undefined && saw !== undefined && saw !== now.revision) {
      if (textOf(now.value) === textOf(value)) return done(now);
      if (after === undefined || textOf(now.value) !== textOf(after)) return failed({ code: "stale", now });
    }
    if (now === undefined && howMany(write, thing.kind) >= thing.most) return failed({ code: "noRoom" });
    if (row !== undefined && holdsMore(row.state, thing.state))
      putAside(write, "own_things", JSON.stringify(row));
    const revision = nextRevision(write);
    const set = { state: textOf(value), revision };
    write
      .insert(ownThings)
      .values({ id, kind: thing.kind, made: revision, deletedAt: null, ...set } satisfies WholeRow<
        typeof ownThings
      >)
      .onConflictDoUpdate({ target: ownThings.id, set })
      .run();
    return done({ id, value, revision });
  });
}

const howMany = (data: DataWriter, kind: string): number =>
  data
    .select({ all: count() })
    .from(ownThings)
    .where(and(eq(ownThings.kind, kind), isNull(ownThings.deletedAt)))
    .get()?.all ?? 0;

/** Takes one off its list, or brings it back. Says whether there was one. */
export function setOwnThingDeleted(
  data: Data,
  { kind }: Pick<OwnThing<unknown, unknown>, "kind">,
  id: string,
  deleted: boolean,
  now: Date,
): boolean {
  return data.transaction(
    (write) =>
      write
        .update(ownThings)
        .set({ deletedAt: deleted ? now : null, revision: nextRevision(write) })
        .where(and(eq(ownThings.id, id), eq(ownThings.kind, kind)))
        .run().changes > 0,
  );
}
