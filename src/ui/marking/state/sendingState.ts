import { MOST_ANSWERS_AT_ONCE } from "@/core/marking";
import {
  type CellChange,
  type SheetAct,
  type SheetKept,
  type SheetNews,
  squareKey,
} from "@/service/kept/markingSheet";
import { type MarkingState, put, withAct } from "./markingState";
import { cellsOver, EMPTY_CELL, isUnread, type SheetSquare, type SquareChange } from "./squares";

/** What is sent in one request, which is one transaction. */
export interface Sending {
  readonly acts: readonly SheetAct[];
  readonly answers: readonly (CellChange & Pick<SquareChange, "saw" | "chosenFor">)[];
}

/** What is to be sent now: acts, and finished squares without trouble, as many as go at once; none where there is nothing. */
export function toSend(state: MarkingState): Sending | undefined {
  const rows = new Set(state.rows.map(({ id }) => id));
  const answers: Sending["answers"][number][] = [];
  for (const [key, { change, trouble, clash }] of state.cells.touched) {
    if (change === undefined || !change.entered || trouble !== "" || clash !== undefined) continue;
    const [row = "", learner = ""] = key.split(" ");
    // What stands in a row that was taken away waits until the row is back.
    if (!rows.has(row)) continue;
    const { entered: _, ...what } = change;
    answers.push({ row, learner, ...what });
    if (answers.length === MOST_ANSWERS_AT_ONCE) break;
  }
  return answers.length === 0 && state.acts.length === 0 ? undefined : { acts: state.acts, answers };
}

/** Whether a change is still the one that was sent. */
const isSent = (change: SquareChange | undefined, sent: CellChange): boolean =>
  change?.entered === true &&
  change.given === sent.given &&
  change.note === sent.note &&
  change.patterns?.join() === sent.patterns?.join();

/** The sheet after the server answered what was sent. */
export function withKept(state: MarkingState, sent: Sending, answer: SheetKept): MarkingState {
  const renamed = withAliases(state, answer.aliases);
  const alias = (id: string): string => answer.aliases[id] ?? id;
  const cells = new Map<string, SheetSquare>();
  const troubles = new Map(
    answer.refused.map(({ row, learner, message }) => [squareKey(row, learner), message]),
  );
  const clashes = new Map(answer.clashes.map((cell) => [squareKey(cell.row, cell.learner), cell]));
  const written = new Map(answer.cells.map((cell) => [squareKey(cell.row, cell.learner), cell]));
  for (const one of sent.answers) {
    const key = squareKey(one.row, alias(one.learner));
    const cell = renamed.cells.get(key);
    if (cell?.change === undefined) continue;
    if (!isSent(cell.change, one)) {
      // What was typed on meanwhile is typed over this window's own answer.
      const mine = written.get(key);
      if (mine !== undefined && mine.given === one.given)
        cells.set(key, { ...cell, change: { ...cell.change, saw: mine.revision } });
      continue;
    }
    const [trouble, clash] = [troubles.get(key), clashes.get(key)];
    if (trouble !== undefined) cells.set(key, { ...cell, trouble });
    else if (clash !== undefined) cells.set(key, { ...cell, clash });
    else cells.set(key, { ...cell, change: undefined });
  }
  const done = new Set(sent.acts);
  const acts = renamed.acts.filter((act) => !done.has(act));
  return withNews({ ...put(renamed, cells), acts }, answer);
}

/** Learners that were on the list already take the place of the ones that this window made up. */
function withAliases(state: MarkingState, aliases: Readonly<Record<string, string>>): MarkingState {
  if (Object.keys(aliases).length === 0) return state;
  const touched = new Map<string, SheetSquare>();
  for (const [key, cell] of state.cells.touched) {
    const [row = "", learner = ""] = key.split(" ");
    touched.set(squareKey(row, aliases[learner] ?? learner), cell);
  }
  const learners = new Map(
    state.learners.map((one) => [aliases[one.id] ?? one.id, { ...one, id: aliases[one.id] ?? one.id }]),
  );
  return { ...state, cells: cellsOver(state.cells.opened, touched), learners: [...learners.values()] };
}

/** The sheet with what is new on the server; what this window has not sent yet stays over it. */
export function withNews(state: MarkingState, news: SheetNews): MarkingState {
  if (news.revision < state.revision) return state;
  const cells = new Map<string, SheetSquare>();
  for (const { row, learner, explanations, ...kept } of news.cells) {
    const key = squareKey(row, learner);
    const cell = cells.get(key) ?? state.cells.get(key) ?? EMPTY_CELL;
    if ((cell.kept?.revision ?? 0) > kept.revision) continue;
    const same = cell.kept?.given === kept.given;
    cells.set(key, {
      ...cell,
      kept,
      explanations: explanations ?? (same ? cell.explanations : undefined),
    });
  }
  const shaped = {
    ...put(state, cells),
    revision: news.revision,
    waiting: news.waiting,
    rows: news.rows ?? state.rows,
    learners: news.learners ?? state.learners,
  };
  // What was done here and is not sent yet is done again over what others did.
  return news.rows === undefined ? shaped : state.acts.reduce(withAct, shaped);
}

/** The sheet after the server refused a single thing for good: it is told where it stands, and not sent again. */
export function withRefused(state: MarkingState, sent: Sending, message: string): MarkingState {
  const [answer] = sent.answers;
  if (answer !== undefined) {
    const key = squareKey(answer.row, answer.learner);
    const cell = state.cells.get(key) ?? EMPTY_CELL;
    return put(state, new Map([[key, { ...cell, trouble: message }]]));
  }
  const done = new Set(sent.acts);
  const [act] = sent.acts;
  const without = { ...state, acts: state.acts.filter((one) => !done.has(one)), trouble: message };
  if (act?.kind === "addRow") return { ...without, rows: state.rows.filter(({ id }) => id !== act.id) };
  if (act?.kind === "addLearner")
    return { ...without, learners: state.learners.filter(({ id }) => id !== act.id) };
  return without;
}

/** One of two answers that two windows wrote: mine is sent again over theirs, or theirs stands. */
export function withChoice(state: MarkingState, row: string, learner: string, mine: boolean): MarkingState {
  const key = squareKey(row, learner);
  const cell = state.cells.get(key);
  if (cell?.clash === undefined) return state;
  const kept = cell.clash;
  const settled = mine
    ? {
        ...cell,
        kept,
        clash: undefined,
        change: cell.change && { ...cell.change, saw: kept.revision },
      }
    : { ...cell, kept, clash: undefined, change: undefined, trouble: "" };
  return put(state, new Map([[key, settled]]));
}

/** What this window has not handed over, as it is remembered by the browser; none where there is nothing. */
export function unsentOf(state: MarkingState): object | undefined {
  const changes: object[] = [];
  for (const [key, { change }] of state.cells.touched)
    if (change !== undefined) changes.push({ key, ...change });
  return changes.length === 0 && state.acts.length === 0 ? undefined : { acts: state.acts, changes };
}

/** Something in the squares that is not on disk: how much there is of each kind. */
export function unkept(state: MarkingState): {
  readonly sending: boolean;
  readonly troubles: number;
  readonly clashes: number;
  /** How many answers that are kept can't be read. */
  readonly unread: number;
} {
  let [troubles, clashes, unread] = [0, 0, state.openedUnread];
  for (const [key, cell] of state.cells.touched) {
    if (cell.trouble !== "") troubles++;
    if (cell.clash !== undefined) clashes++;
    if (isUnread(cell)) unread++;
    if (isUnread(state.cells.opened(key))) unread--;
  }
  return { sending: toSend(state) !== undefined, troubles, clashes, unread };
}
