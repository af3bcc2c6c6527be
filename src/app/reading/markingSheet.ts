import "server-only";

import { LRUCache } from "lru-cache";
import { choicesOf, type HouseRules } from "@/core/house";
import { MOST_LEARNERS, MOST_ROWS } from "@/core/marking";
import { readProblem } from "@/core/problem";
import { done, failed, type Result } from "@/core/result";
import type { StoryOfRow } from "@/core/stories";
import { readErrorWords } from "@/core/wording";
import {
  applyActs,
  type CellsKept,
  type CellWrite,
  type Data,
  findKeptSheet,
  findSheet,
  historiesOf,
  keepCells,
  keptSquaresOf,
  type MarkingSheet,
  openSheet,
  packedCellsOf,
  sheetNow,
  sizeAfter,
  waitingOn,
} from "@/data";
import type { MarkingRow, NewsCell, SheetKept, SheetNews } from "@/service/kept/markingSheet";
import type { SentToSheet } from "@/service/kept/sentToSheet";
import type { MarkedAnswer } from "@/service/requests/marking/marking";
import { compute } from "@/threads/pool";
import type { PackedSheet } from "@/ui/marking/state/packedSheet";

/** Right answers that were worked out before, by house rules and problem. */
const rights = new LRUCache<string, string>({ max: 5000 });

/** The stories of a sheet by the problems that answer them: it is kept under the same id as it is marked. */
export const storiesOn = (data: Data, id: string): ReadonlyMap<string, StoryOfRow> =>
  new Map(
    findKeptSheet(data, id)?.rows.flatMap(({ problem, story }) =>
      story === undefined ? [] : [[problem, story] as const],
    ),
  );

/** The rows of a sheet with their right answers and stories. One that can't be worked out in time has none yet. */
async function rowsWithAnswers(
  data: Data,
  { id: sheet, house, rows }: MarkingSheet,
): Promise<readonly MarkingRow[]> {
  const choices = choicesOf(house);
  const key = (problem: string): string => `${JSON.stringify(choices)} ${problem}`;
  const missing = [...new Set(rows.map(({ problem }) => problem))].filter((line) => !rights.has(key(line)));
  if (missing.length > 0) {
    const found = await compute("rightAnswers", { house: choices, problems: missing });
    if (found.ok)
      for (const [index, right] of found.value.entries()) rights.set(key(missing[index] ?? ""), right);
  }
  const stories = storiesOn(data, sheet);
  return rows.map(({ id, problem }) => {
    const story = stories.get(problem);
    return {
      id,
      problem,
      right: story?.whole ?? rights.get(key(problem)) ?? "",
      ...(story === undefined ? {} : { story }),
    };
  });
}

/** What is new on a sheet since a revision; all of it since 0. */
export async function newsOf(
  data: Data,
  id: string,
  since: number,
  known?: MarkingSheet,
): Promise<SheetNews | undefined> {
  const sheet = sheetNow(data, id, known);
  if (sheet === undefined) return undefined;
  const { revision } = sheet;
  const cells = keptSquaresOf(data, id, since);
  const waiting = waitingOn(data, sheet, 0).left;
  if (sheet.shape <= since) return { revision, cells, waiting };
  return { revision, rows: await rowsWithAnswers(data, sheet), learners: sheet.learners, cells, waiting };
}

/** A whole sheet, as its page opens it; none where none is kept. */
export async function openedSheet(
  data: Data,
  id: string,
): Promise<(PackedSheet & Pick<MarkingSheet, "house">) | undefined> {
  const sheet = findSheet(data, id);
  if (sheet === undefined) return undefined;
  const { house, revision, learners } = sheet;
  // The squares are read with the revision that they are of, before anything is waited for.
  const cells = packedCellsOf(data, id);
  const waiting = waitingOn(data, sheet, 0).left;
  return { house, revision, learners, waiting, ...cells, rows: await rowsWithAnswers(data, sheet) };
}

/** What is sent of a sheet, under the house rules it is read by. */
type SentHere = Omit<SentToSheet, "house"> & { readonly house: HouseRules };

/** How many answers are marked before they are kept; more of them are kept first, and marked then. */
const MARKED_AT_ONCE = 30;

const REFUSED: Readonly<Record<CellsKept["refused"][number]["why"], string>> = {
  noSuchRow: "Its row was taken away in another window. Bring the row back, or clear this.",
  noSuchLearner:
    "This learner was taken off the sheet in another window. Add the learner again, or clear this.",
};

/**
 * Keeps what a tutor did on a sheet as one transaction: all of it is on disk, or none. Squares that another
 * window wrote meanwhile are left as they stand and told; answers are marked before, or where they are many,
 * kept as waiting.
 */
export async function keepOnSheet(
  data: Data,
  id: string,
  { house: begun, since, acts, answers }: SentHere,
): Promise<Result<SheetKept, { readonly code: string; readonly message: string }>> {
  const before = findSheet(data, id);
  const house = before?.house ?? begun;
  const size = sizeAfter(before, acts);
  if (size.rows > MOST_ROWS || size.learners > MOST_LEARNERS) {
    const message = `A sheet has at most ${MOST_ROWS} problems and ${MOST_LEARNERS} learners.`;
    return failed({ code: "sheetFull", message });
  }
  const problems = new Map(before?.rows.map((row) => [row.id, row.problem] as const));
  for (const act of acts) {
    if (act.kind !== "addRow") continue;
    const problem = readProblem(act.problem, house);
    if (!problem.ok) {
      const message = `“${act.problem.slice(0, 60)}”: ${readErrorWords(problem.error, house)}`;
      return failed({ code: problem.error.code, message });
    }
    problems.set(act.id, act.problem);
  }
  const marks = await marksOf(data, id, house, problems, answers);
  const now = new Date();
  const written = data.transaction((write) => {
    openSheet(write, id, house, now);
    const aliases = applyActs(write, id, acts, now);
    const sheet = sheetNow(write, id, before);
    if (sheet === undefined) return undefined;
    const cells = answers.map(({ learner, ...answer }, index): CellWrite => {
      const mark = marks.get(index);
      return { ...answer, learner: aliases.get(learner) ?? learner, ...(mark === undefined ? {} : { mark }) };
    });
    return { aliases, kept: keepCells(write, sheet, cells, now) };
  });
  const news = await newsOf(data, id, since, before);
  if (written === undefined || news === undefined)
    return failed({ code: "setAside", message: "This sheet can’t be read, so nothing was written to it." });
  const { aliases, kept } = written;
  const explained = new Map<string, MarkedAnswer>();
  for (const [index, { row, learner }] of answers.entries()) {
    const mark = marks.get(index);
    if (mark) explained.set(`${row} ${aliases.get(learner) ?? learner}`, mark);
  }
  return done({
    ...news,
    cells: news.cells.map((cell) => explainedCell(cell, explained.get(`${cell.row} ${cell.learner}`))),
    clashes: kept.clashes,
    refused: kept.refused.map(({ why, ...place }) => ({ ...place, message: REFUSED[why] })),
    aliases: Object.fromEntries(aliases),
  });
}

const explainedCell = (cell: NewsCell, mark: MarkedAnswer | undefined): NewsCell =>
  mark === undefined ? cell : { ...cell, explanations: mark.explanations };

/** What is found in the answers that are sent, by their place among them; none where they are many or take too long. */
async function marksOf(
  data: Data,
  id: string,
  house: HouseRules,
  problems: ReadonlyMap<string, string>,
  answers: SentHere["answers"],
): Promise<ReadonlyMap<number, MarkedAnswer>> {
  const stories = storiesOn(data, id);
  const asked = answers.flatMap(({ row, learner, given = "" }, index) => {
    const problem = problems.get(row);
    if (given === "" || problem === undefined) return [];
    return [{ index, problem, given, learner, whole: stories.get(problem)?.whole }];
  });
  if (asked.length === 0 || asked.length > MARKED_AT_ONCE) return new Map();
  const histories = historiesOf(data, [...new Set(asked.map(({ learner }) => learner))]);
  const marked = await compute("markAnswers", { house: choicesOf(house), answers: asked, histories });
  if (!marked.ok) return new Map();
  return new Map(asked.map(({ index }, nth) => [index, marked.value[nth]] as const).filter(hasMark));
}

const hasMark = (pair: readonly [number, MarkedAnswer | undefined]): pair is [number, MarkedAnswer] =>
  pair[1] !== undefined;

/** Marks some of the answers on a sheet that wait for it, and says what is new then. */
export async function markWaiting(
  data: Data,
  id: string,
  since: number,
): Promise<Result<SheetNews, { readonly code: string; readonly message: string }> | undefined> {
  const sheet = findSheet(data, id);
  if (sheet === undefined) return undefined;
  const { cells } = waitingOn(data, sheet, MARKED_AT_ONCE);
  if (cells.length > 0) {
    const histories = historiesOf(data, [...new Set(cells.map(({ learner }) => learner))]);
    const stories = storiesOn(data, id);
    const answers = cells.map((cell) => ({ ...cell, whole: stories.get(cell.problem)?.whole }));
    const marked = await compute("markAnswers", { house: choicesOf(sheet.house), answers, histories });
    if (!marked.ok) return failed(marked.error);
    // What was typed over meanwhile is of another revision by now, and is not touched.
    const writes = cells.flatMap(({ row, learner, given, revision }, nth): readonly CellWrite[] => {
      const mark = marked.value[nth];
      return mark === undefined ? [] : [{ row, learner, saw: revision, given, mark }];
    });
    data.transaction((write) => keepCells(write, sheet, writes, new Date()));
  }
  const news = await newsOf(data, id, since, sheet);
  return news && done(news);
}
