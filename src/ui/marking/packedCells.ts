import type { Column, KeptMark, NewsCell, SheetNews, SheetRow } from "./marks";

const VERDICTS = ["right", "form", "wrong", "unread", "waiting"] as const;

/** A square as a short list: its row and learner by number, its revision, answer and verdict, and then only what it has. */
type Packed = readonly [
  row: number,
  column: number,
  revision: number,
  given: string,
  verdict: number,
  more?: Partial<Pick<KeptMark, "faults" | "slips" | "chosen" | "note">>,
];

/** The squares of a sheet as one text: a large sheet has thousands, and each of them by name would be five times as long. */
function packedCells(
  cells: readonly NewsCell[],
  rows: readonly Pick<SheetRow, "id">[],
  learners: readonly Column[],
): string {
  const rowAt = new Map(rows.map(({ id }, index) => [id, index]));
  const columnAt = new Map(learners.map(({ id }, index) => [id, index]));
  const packed = cells.flatMap((cell): readonly Packed[] => {
    const [row, column] = [rowAt.get(cell.row), columnAt.get(cell.learner)];
    if (row === undefined || column === undefined) return [];
    const { faults, slips, chosen, note } = cell;
    const more = {
      ...(faults.length > 0 ? { faults } : {}),
      ...(slips.length > 0 ? { slips } : {}),
      ...(chosen ? { chosen } : {}),
      ...(note !== "" ? { note } : {}),
    };
    const short = [row, column, cell.revision, cell.given, VERDICTS.indexOf(cell.verdict)] as const;
    return [Object.keys(more).length === 0 ? short : [...short, more]];
  });
  return JSON.stringify(packed);
}

/** The squares that a text of `packedCells` holds, for the same rows and learners. */
function unpackedCells(
  text: string,
  rows: readonly Pick<SheetRow, "id">[],
  learners: readonly Column[],
): readonly NewsCell[] {
  const packed: readonly Packed[] = JSON.parse(text);
  return packed.map(([row, column, revision, given, verdict, more]) => ({
    row: rows[row]?.id ?? "",
    learner: learners[column]?.id ?? "",
    revision,
    given,
    verdict: VERDICTS[verdict] ?? "waiting",
    faults: more?.faults ?? [],
    slips: more?.slips ?? [],
    chosen: more?.chosen ?? false,
    note: more?.note ?? "",
  }));
}

/** All that there is on a sheet, its squares as one text. */
export interface PackedNews {
  readonly revision: number;
  readonly rows: readonly SheetRow[];
  readonly learners: readonly Column[];
  readonly waiting: number;
  readonly cells: string;
}

/** A whole sheet, packed for the way from the server. */
export function packedNews({ revision, rows = [], learners = [], waiting, cells }: SheetNews): PackedNews {
  return { revision, rows, learners, waiting, cells: packedCells(cells, rows, learners) };
}

export const unpackedNews = (news: PackedNews): SheetNews => ({
  ...news,
  cells: unpackedCells(news.cells, news.rows, news.learners),
});
