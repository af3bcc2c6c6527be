import { and, desc, eq, isNotNull, isNull, or, type SQL, sql } from "drizzle-orm";
import { choicesOf, type HouseRules, houseRulesFrom } from "@/core/house";
import { METHOD_IDS, type MethodId } from "@/core/methods";
import type { Data } from "./database";
import { boards } from "./schema";

/** A board as the tutor left it. */
export interface KeptBoard {
  readonly id: string;
  /** As typed, in the notation of `house`. */
  readonly problem: string;
  readonly method: MethodId;
  /** The method on a second board beside it, where there is one. */
  readonly beside: MethodId | undefined;
  readonly house: HouseRules;
  readonly step: number;
  /** The learner's own estimate as typed, or empty. */
  readonly guess: string;
  /** The tutor's own name for it, or empty. */
  readonly name: string;
  readonly pinned: boolean;
  readonly openedAt: Date;
}

/** What changes as a board is worked; name and pin are changed by themselves. */
export type BoardState = Omit<KeptBoard, "name" | "pinned" | "openedAt">;

const VERSION = 1;

/** Keeps a board: a new row, or the row of the same id brought up to date (and back, if it was deleted). */
export function keepBoard(data: Data, board: BoardState, now: Date): void {
  const state = {
    version: VERSION,
    problem: board.problem,
    method: board.method,
    beside: board.beside ?? null,
    house: JSON.stringify(choicesOf(board.house)),
    step: board.step,
    guess: board.guess,
    openedAt: now,
    deletedAt: null,
  };
  data
    .insert(boards)
    .values({ id: board.id, ...state, name: "", pinned: false })
    .onConflictDoUpdate({ target: boards.id, set: state })
    .run();
}

/** The board of an id, or `undefined` where none is kept. */
export function findBoard(data: Data, id: string): KeptBoard | undefined {
  const row = data
    .select()
    .from(boards)
    .where(and(eq(boards.id, id), isNull(boards.deletedAt)))
    .get();
  return row && boardOf(row);
}

/** A page of kept boards: pinned ones first, then the newest; `more` says whether others follow. */
export function listBoards(
  data: Data,
  { search, most }: { readonly search: string; readonly most: number },
): { readonly boards: readonly KeptBoard[]; readonly more: boolean } {
  const rows = data
    .select()
    .from(boards)
    .where(and(isNull(boards.deletedAt), matching(search)))
    .orderBy(desc(boards.pinned), desc(boards.openedAt))
    .limit(most + 1)
    .all();
  return { boards: rows.slice(0, most).map(boardOf), more: rows.length > most };
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

/** Gives a board a name of its own; an empty one takes it away again. */
export const renameBoard = (data: Data, id: string, name: string): void => {
  data.update(boards).set({ name }).where(eq(boards.id, id)).run();
};

/** Pins a board to the top of the list, or unpins it. */
export const pinBoard = (data: Data, id: string, pinned: boolean): void => {
  data.update(boards).set({ pinned }).where(eq(boards.id, id)).run();
};

/** Takes a board off the list; `restoreBoard` brings it back as it was. */
export const deleteBoard = (data: Data, id: string, now: Date): void => {
  data.update(boards).set({ deletedAt: now }).where(eq(boards.id, id)).run();
};

/** Undoes `deleteBoard`. */
export const restoreBoard = (data: Data, id: string): void => {
  data
    .update(boards)
    .set({ deletedAt: null })
    .where(and(eq(boards.id, id), isNotNull(boards.deletedAt)))
    .run();
};

function boardOf(row: typeof boards.$inferSelect): KeptBoard {
  const house = houseRulesFrom(JSON.parse(row.house));
  const method = METHOD_IDS.find((id) => id === row.method);
  if (!house.ok || method === undefined)
    throw new Error(`boardOf: board ${row.id} is from a newer Right Sum`);
  const beside = METHOD_IDS.find((known) => known === row.beside);
  const { id, problem, step, guess, name, pinned, openedAt } = row;
  return { id, problem, method, beside, house: house.value, step, guess, name, pinned, openedAt };
}
