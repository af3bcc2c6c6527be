import type { ExplanationView } from "@/core/learnerTask";
import type { CellChange, KeptMark } from "@/service/kept/markingSheet";

/** What a square is to become and is not on disk yet. */
export interface SquareChange {
  readonly given?: string;
  readonly patterns?: NonNullable<CellChange["patterns"]>;
  /** The answer that the explanation was chosen for, where that is the one on disk. */
  readonly chosenFor?: string;
  readonly note?: string;
  /** Whether it is finished, and to be sent; else it is still being typed. */
  readonly entered: boolean;
  /** The revision that stood here when the change was begun: what came since, nobody saw under what is typed. */
  readonly saw: number;
}

/** A square of the sheet: what is on disk, and what is not yet. */
export interface SheetSquare {
  readonly kept: KeptMark | undefined;
  readonly change: SquareChange | undefined;
  /** Why what stands here can't be kept as it is; it is not sent again until it is changed. */
  readonly trouble: string;
  /** What another window wrote here meanwhile. */
  readonly clash: KeptMark | undefined;
  readonly explanations: readonly ExplanationView[] | undefined;
}

export const EMPTY_CELL: SheetSquare = {
  kept: undefined,
  change: undefined,
  trouble: "",
  clash: undefined,
  explanations: undefined,
};

/** What a square shows as its answer. */
export const typedIn = (cell: SheetSquare | undefined): string =>
  cell?.change?.given ?? cell?.kept?.given ?? "";

/** The squares of a sheet by their keys: those that were touched since it was opened lie over those that it was opened with. */
export interface Cells {
  readonly get: (key: string) => SheetSquare | undefined;
  readonly opened: (key: string) => SheetSquare | undefined;
  /** All that can differ from what is on disk is among these, few even where the sheet is large. */
  readonly touched: ReadonlyMap<string, SheetSquare>;
}

export const cellsOver = (opened: Cells["opened"], touched: Cells["touched"]): Cells => ({
  get: (key) => touched.get(key) ?? opened(key),
  opened,
  touched,
});

/** Some squares changed. */
export const withCells = ({ opened, touched }: Cells, changed: ReadonlyMap<string, SheetSquare>): Cells =>
  cellsOver(opened, new Map([...touched, ...changed]));

/** Whether an answer that is kept can't be read. */
export const isUnread = (cell: SheetSquare | undefined): boolean =>
  cell?.kept?.verdict === "unread" && cell.kept.given !== "" && cell.change === undefined;
