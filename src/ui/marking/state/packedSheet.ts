import type { PatternId } from "@/core/errorPatterns";
import type { FormFault } from "@/core/marking";
import { type Column, type KeptMark, type MarkingRow, squareKey } from "@/service/kept/markingSheet";
import type { SheetSquare } from "./squares";

/**
 * A whole sheet as the server sends it. A large one has thousands of squares: each row's come as one text, which
 * is read only when a square of the row is asked for.
 */
export interface PackedSheet {
  readonly revision: number;
  readonly rows: readonly MarkingRow[];
  readonly learners: readonly Column[];
  /** How many answers wait to be marked, and how many can't be read. */
  readonly waiting: number;
  readonly unread: number;
  /** The learners that the texts name by place. */
  readonly places: Readonly<Record<number, string>>;
  /** The squares of each row, by its id: a JSON list of `PackedCell`. */
  readonly squares: Readonly<Record<string, string>>;
}

/** A sheet on which nothing stands yet. */
export const BLANK_SHEET: PackedSheet = {
  revision: 0,
  rows: [],
  learners: [],
  waiting: 0,
  unread: 0,
  places: {},
  squares: {},
};

/** A square as a short list: its learner by place, what it was written with, its answer and verdict, and then only what it has. */
type PackedCell = readonly [
  place: number,
  revision: number,
  given: string,
  verdict: KeptMark["verdict"],
  faults?: readonly FormFault[],
  patterns?: readonly PatternId[],
  chosen?: 0 | 1,
  note?: string,
];

const cellOf = ([
  ,
  revision,
  given,
  verdict,
  faults = [],
  patterns = [],
  chosen = 0,
  note = "",
]: PackedCell): SheetSquare => ({
  kept: { given, verdict, faults, patterns, chosen: chosen === 1, note, revision },
  change: undefined,
  trouble: "",
  clash: undefined,
  explanations: undefined,
});

/** What stood in a square when the sheet was opened, by its key: the same object each time. */
export function openedCells({
  squares,
  places,
}: Pick<PackedSheet, "squares" | "places">): (key: string) => SheetSquare | undefined {
  const read = new Map<string, ReadonlyMap<string, SheetSquare>>();
  const cellsIn = (row: string): ReadonlyMap<string, SheetSquare> => {
    const list: readonly PackedCell[] = JSON.parse(squares[row] ?? "[]");
    return new Map(list.map((packed) => [squareKey(row, places[packed[0]] ?? ""), cellOf(packed)]));
  };
  return (key) => {
    const row = key.slice(0, key.indexOf(" "));
    const cells = read.get(row) ?? cellsIn(row);
    read.set(row, cells);
    return cells.get(key);
  };
}
