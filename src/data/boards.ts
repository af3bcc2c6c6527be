import { and, desc, eq, isNull, or, type SQL, sql } from "drizzle-orm";
import { choicesOf } from "@/core/house";
import { METHOD_IDS } from "@/core/methods";
import { done, failed, type Result } from "@/core/result";
import type { BoardState } from "@/service/kept/board";
import type { Unread } from "@/service/kept/unread";
import { putAside } from "./aside/setAside";
import { partRead } from "./aside/unread";
import type { Data } from "./data";
import { houseOf } from "./houseOf";
import { nextRevision, type Stale } from "./revision";
import { boards } from "./schema";
import type { WholeRow } from "./wholeRow";

/** A board as the tutor left it. */
export interface KeptBoard extends BoardState {
  readonly id: string;
  /** The tutor's own name for it, or empty. */
  readonly name: string;
  readonly pinned: boolean;
  readonly openedAt: Date;
  readonly revision: number;
}

const VERSION = 1;

/**
 * Keeps a board: a new row, or the row of the same id brought up to date (and back, if it was deleted). `saw`
 * is the revision it was changed from, 0 for a new one: where another window has written since, nothing is
 * written, and the board as it stands comes back. `after` is what the same window wrote before and was not
 * answered for when it closed: that stands in no one's way.
 */
export function keepBoard(
  data: Data,
  board: BoardState & { readonly id: string },
  saw: number | undefined,
  now: Date,
  after?: BoardState,
): Result<number, Stale<KeptBoard>> {
  return data.transaction((write) => {
    const before = write.select().from(boards).where(eq(boards.id, board.id)).get();
    const state = stateOf(board);
    const there = before && boardOf(before);
    const stands = (other: object): boolean =>
      Object.entries(other).every(([name, value]) => Object(before)[name] === value);
    if (before !== undefined && saw !== undefined && before.revision !== saw && before.deletedAt === null) {
      if (stands(state)) return done(before.revision);
      const isOwn = after !== undefined && stands(stateOf(after));
      if (there?.ok && !isOwn) return failed({ code: "stale", now: there.value });
    }
    const hasMore = there?.ok === true && (there.value.beside ?? null) !== (before?.beside ?? null);
    if (there?.ok === false || hasMore) putAside(write, "boards", JSON.stringify(before));
    const revision = nextRevision(write);
    const written = { ...state, openedAt: now, deletedAt: null, revision };
    write
      .insert(boards)
      .values({ id: board.id, ...written, name: "", pinned: false } satisfies WholeRow<typeof boards>)
      .onConflictDoUpdate({ target: boards.id, set: written })
      .run();
    return done(revision);
  });
}

/** What of a board changes as it is worked, as its row holds it. */
const stateOf = (board: BoardState) => ({
  version: VERSION,
  problem: board.problem,
  method: board.method,
  beside: board.beside ?? null,
  house: JSON.stringify(choicesOf(board.house)),
  step: board.step,
  guess: board.guess,
});

/** The board of an id; none where none is kept, or it can't be read. */
export function findBoard(data: Data, id: string): KeptBoard | undefined {
  const row = data
    .select()
    .from(boards)
    .where(and(eq(boards.id, id), isNull(boards.deletedAt)))
    .get();
  const board = row && boardOf(row);
  return board?.ok ? board.value : undefined;
}

/** A page of kept boards: pinned ones first, then the newest; `more` says whether others follow. Those that can't be read are set aside. */
export function listBoards(
  data: Data,
  { search, most }: { readonly search: string; readonly most: number },
): { readonly boards: readonly KeptBoard[]; readonly unread: readonly Unread[]; readonly more: boolean } {
  const rows = data
    .select()
    .from(boards)
    .where(and(isNull(boards.deletedAt), matching(search)))
    .orderBy(desc(boards.pinned), desc(boards.openedAt))
    .limit(most + 1)
    .all();
  const { read, unread } = partRead("boards", rows.slice(0, most), boardOf);
  return { boards: read, unread, more: rows.length > most };
}

/** Boards whose name holds the words, or whose problem holds them, however spaced and with either minus. */
function matching(search: string): SQL | undefined {
  const words = search.trim();
  if (words === "") return undefined;
  const holding = (text: string): string => `%${text.replace(/[\\%_]/g, (sign) => `\\${sign}`)}%`;
  const problem = holding(words.replace(/\s/g, "").replace(/[−–]/g, "-"));
  const stored = sql`replace(replace(replace(${boards.problem}, ' ', ''), '−', '-'), '–', '-')`;
  return or(
    sql`${boards.name} like ${holding(words)} escape '\\'`,
    sql`${stored} like ${problem} escape '\\'`,
  );
}

/** Whether a change found the thing it was to change. */
type Found = boolean;

const change = (data: Data, id: string, set: Partial<typeof boards.$inferInsert>): Found =>
  data.transaction(
    (write) =>
      write
        .update(boards)
        .set({ ...set, revision: nextRevision(write) })
        .where(eq(boards.id, id))
        .run().changes > 0,
  );

/** Gives a board a name of its own; an empty one takes it away again. */
export const renameBoard = (data: Data, id: string, name: string): Found => change(data, id, { name });

/** Pins a board to the top of the list, or unpins it. */
export const pinBoard = (data: Data, id: string, pinned: boolean): Found => change(data, id, { pinned });

/** Takes a board off the list; `restoreBoard` brings it back as it was. */
export const deleteBoard = (data: Data, id: string, now: Date): Found => change(data, id, { deletedAt: now });

/** Undoes `deleteBoard`. */
export const restoreBoard = (data: Data, id: string): Found => change(data, id, { deletedAt: null });

/** A board as its row holds it, or why it can’t be read. */
export function boardOf(row: typeof boards.$inferSelect): Result<KeptBoard, string> {
  const house = houseOf(row.house);
  const method = METHOD_IDS.find((id) => id === row.method);
  if (row.version > VERSION) return failed("it was written by a newer Right Sum");
  if (!house.ok) return house;
  if (method === undefined) return failed(`it is worked by a method, “${row.method}”, that is not here`);
  const beside = METHOD_IDS.find((known) => known === row.beside);
  const { id, problem, step, guess, name, pinned, openedAt, revision } = row;
  return done({
    id,
    problem,
    method,
    beside,
    house: house.value,
    step,
    guess,
    name,
    pinned,
    openedAt,
    revision,
  });
}
