import { LONGEST_ANSWER } from "@/core/marking";
import {
  type CellChange,
  type Column,
  type MarkingRow,
  type SheetAct,
  squareKey,
} from "@/service/kept/markingSheet";
import { openedCells, type PackedSheet } from "./packedSheet";
import { type Cells, cellsOver, EMPTY_CELL, type SheetSquare, withCells } from "./squares";

/** The sheet as this window has it. */
export interface MarkingState {
  readonly revision: number;
  readonly rows: readonly MarkingRow[];
  readonly learners: readonly Column[];
  readonly cells: Cells;
  /** How many answers could not be read when the sheet was opened. */
  readonly openedUnread: number;
  /** How many answers wait on disk to be marked. */
  readonly waiting: number;
  /** What was done to rows and learners and is not on disk yet. */
  readonly acts: readonly SheetAct[];
  /** Why an act could not be kept. */
  readonly trouble: string;
  /** Rows and learners that this window took away, to be shown again at once where that is undone. */
  readonly taken: ReadonlyMap<
    string,
    { readonly row?: MarkingRow; readonly learner?: Column; readonly at: number }
  >;
}

/** A sheet as the server sent it. */
export const sheetFrom = ({
  revision,
  rows,
  learners,
  waiting,
  unread,
  ...packed
}: PackedSheet): MarkingState => ({
  revision,
  rows,
  learners,
  cells: cellsOver(openedCells(packed), new Map()),
  openedUnread: unread,
  waiting,
  acts: [],
  trouble: "",
  taken: new Map(),
});

export const put = (state: MarkingState, cells: ReadonlyMap<string, SheetSquare>): MarkingState => ({
  ...state,
  cells: withCells(state.cells, cells),
});

/** An answer while it is typed. */
export const withTyping = (
  state: MarkingState,
  row: string,
  learner: string,
  given: string,
): MarkingState => {
  const key = squareKey(row, learner);
  const cell = state.cells.get(key) ?? EMPTY_CELL;
  const change = { ...cell.change, given, entered: false, saw: sawIn(cell) };
  return put(state, new Map([[key, { ...cell, change, trouble: "", explanations: undefined }]]));
};

/** The revision that a change of a square is made from: that of before it was begun. */
const sawIn = ({ kept, change }: SheetSquare): number => change?.saw ?? kept?.revision ?? 0;

const TOO_LONG = `An answer has at most ${LONGEST_ANSWER} characters. Shorten it here; it is not kept yet.`;

/** Squares that are finished, to be sent. What is too long to be kept says so at once. */
export function withChanges(state: MarkingState, changes: readonly CellChange[]): MarkingState {
  const cells = new Map<string, SheetSquare>();
  for (const { row, learner, ...what } of changes) {
    const key = squareKey(row, learner);
    const cell = cells.get(key) ?? state.cells.get(key) ?? EMPTY_CELL;
    const chosen = what.patterns !== undefined && (what.given ?? cell.change?.given) === undefined;
    const change = {
      ...cell.change,
      ...what,
      ...(chosen ? { chosenFor: cell.kept?.given ?? "" } : {}),
      entered: true,
      saw: sawIn(cell),
    };
    const trouble = (change.given?.length ?? 0) > LONGEST_ANSWER ? TOO_LONG : "";
    const again = what.given !== undefined && what.given !== cell.kept?.given;
    cells.set(key, { ...cell, change, trouble, explanations: again ? undefined : cell.explanations });
  }
  return put(state, cells);
}

/** What is typed in a square is finished, where anything is. */
export function entered(state: MarkingState, row: string, learner: string): MarkingState {
  const cell = state.cells.get(squareKey(row, learner));
  if (cell?.change === undefined || cell.change.entered) return state;
  const given = cell.change.given?.trim();
  if (
    given === (cell.kept?.given ?? "") &&
    cell.change.note === undefined &&
    cell.change.patterns === undefined
  )
    return put(state, new Map([[squareKey(row, learner), { ...cell, change: undefined, trouble: "" }]]));
  return withChanges(state, [{ row, learner, ...(given === undefined ? {} : { given }) }]);
}

/** What a tutor did to rows and learners, shown at once. */
export function withActs(state: MarkingState, acts: readonly SheetAct[]): MarkingState {
  return acts.reduce(withAct, { ...state, acts: [...state.acts, ...acts], trouble: "" });
}

const insert = <Item>(items: readonly Item[], item: Item, at: number): readonly Item[] => [
  ...items.slice(0, at),
  item,
  ...items.slice(at),
];

export function withAct(state: MarkingState, act: SheetAct): MarkingState {
  const { rows, learners } = state;
  switch (act.kind) {
    case "addRow":
      if (rows.some(({ id }) => id === act.id)) return state;
      return { ...state, rows: [...rows, { id: act.id, problem: act.problem, right: "" }] };
    case "addLearner":
      if (learners.some(({ id }) => id === act.id)) return state;
      return { ...state, learners: [...learners, { id: act.id, name: act.name }] };
    case "removeRow": {
      const at = rows.findIndex(({ id }) => id === act.id);
      const row = rows[at];
      if (row === undefined) return state;
      const taken = new Map([...state.taken, [act.id, { row, at }]]);
      return { ...state, taken, rows: rows.filter(({ id }) => id !== act.id) };
    }
    case "restoreRow": {
      const gone = state.taken.get(act.id);
      if (gone?.row === undefined || rows.some(({ id }) => id === act.id)) return state;
      return { ...state, rows: insert(rows, gone.row, gone.at) };
    }
    case "removeLearner": {
      const at = learners.findIndex(({ id }) => id === act.id);
      const learner = learners[at];
      if (learner === undefined) return state;
      const taken = new Map([...state.taken, [act.id, { learner, at }]]);
      return { ...state, taken, learners: learners.filter(({ id }) => id !== act.id) };
    }
    case "restoreLearner": {
      const gone = state.taken.get(act.id);
      if (gone?.learner === undefined || learners.some(({ id }) => id === act.id)) return state;
      return { ...state, learners: insert(learners, gone.learner, gone.at) };
    }
  }
}
