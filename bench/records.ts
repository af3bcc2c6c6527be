import { choicesOf, PRESETS } from "@/core/house";
import { keepBoard } from "@/data/boards";
import type { Data } from "@/data/data";
import { openDatabase } from "@/data/database";
import { recount } from "@/data/marking/patternCounts";

/** How much of everything ten years of a busy tutor come to. */
export const TEN_YEARS = { learners: 50, sheets: 1000, rows: 20, onEach: 10, boards: 2000 } as const;

const HOUSE = JSON.stringify(choicesOf(PRESETS.fillersTrueValue));
const CHANCES = JSON.stringify([
  "sub-column-gap",
  "sub-pays-twice",
  "sub-right-flush",
  "sub-zero-steals",
  "sub-jump-over-zero",
  "int-subtract-larger",
]);
const FIRST_DAY = Date.UTC(2016, 8, 1);
const DAY = 24 * 60 * 60 * 1000;

/** A made-up id that looks like one. */
export const madeUpId = (kind: string, nth: number): string => `${kind}${String(nth).padStart(12, "0")}`;

/** Fills a folder with ten years of records: 200,000 attempts of 50 learners. The same each time. */
export function makeRecords(folder: string): Data {
  const data = makeSheets(folder, TEN_YEARS);
  const house = PRESETS.fillersTrueValue;
  for (let nth = 0; nth < TEN_YEARS.boards; nth++)
    keepBoard(
      data,
      {
        id: madeUpId("board", nth),
        problem: `${nth + 10}.4 − 2.75`,
        method: "subtraction-by-decomposition",
        beside: undefined,
        house,
        step: 3,
        guess: "",
      },
      undefined,
      new Date(FIRST_DAY + nth * DAY),
    );
  data.$client.pragma("wal_checkpoint(TRUNCATE)");
  return data;
}

/** One sheet with an answer of every learner in every row. */
export const makeSheet = (folder: string, rows: number, learners: number): Data =>
  makeSheets(folder, { learners, sheets: 1, rows, onEach: learners });

function makeSheets(
  folder: string,
  {
    learners,
    sheets,
    rows,
    onEach,
  }: {
    readonly learners: number;
    readonly sheets: number;
    readonly rows: number;
    readonly onEach: number;
  },
): Data {
  const data = openDatabase(folder);
  const { $client: file } = data;
  const insert = {
    learner: file.prepare("insert into learners (id, name, created_at, revision) values (?, ?, ?, 1)"),
    sheet: file.prepare(
      "insert into marking_sheets (id, house, opened_at, revision, shape) values (?, ?, ?, 1, 1)",
    ),
    row: file.prepare("insert into sheet_rows (id, sheet_id, position, problem) values (?, ?, ?, ?)"),
    onSheet: file.prepare("insert into sheet_learners (sheet_id, learner_id, position) values (?, ?, ?)"),
    task: file.prepare("insert or ignore into tasks (problem, house, chances) values (?, ?, ?)"),
    taskOf: file.prepare("select id from tasks where problem = ? and house = ?").pluck(),
    attempt: file.prepare(
      `insert into learner_attempts (learner_id, at, row_id, task_id, given, verdict, faults, patterns, shown, probability, chosen, note, revision)
       values (?, ?, ?, ?, ?, ?, '[]', ?, ?, ?, 0, '', 1)`,
    ),
  };
  let seed = 2026;
  const next = (below: number): number => {
    seed = (seed * 1103515245 + 12345) % 2147483648;
    return seed % below;
  };
  file.transaction(() => {
    for (let nth = 0; nth < learners; nth++)
      insert.learner.run(madeUpId("learner", nth), `Learner ${nth + 1}`, FIRST_DAY);
    for (let nth = 0; nth < sheets; nth++) {
      const sheet = madeUpId("sheet", nth);
      const day = FIRST_DAY + Math.floor((nth / sheets) * 3650) * DAY;
      insert.sheet.run(sheet, HOUSE, day);
      const columns = Array.from({ length: onEach }, (_, column) =>
        madeUpId("learner", (nth * 7 + column * (onEach === learners ? 1 : 5)) % learners),
      );
      for (const [column, learner] of columns.entries()) insert.onSheet.run(sheet, learner, column);
      for (let line = 0; line < rows; line++) {
        const problem = `${20 + next(79)}.${next(90) + 10} − ${next(19) + 1}.${next(9) + 1}`;
        const row = madeUpId("row", nth * rows + line);
        insert.row.run(row, sheet, line, problem);
        insert.task.run(problem, HOUSE, CHANCES);
        const task = insert.taskOf.get(problem, HOUSE);
        for (const learner of columns) {
          const wrong = next(4) === 0;
          const patterns = wrong ? '["sub-column-gap"]' : "[]";
          const given = `${next(80)}.${next(100)}`;
          insert.attempt.run(
            learner,
            day + line * 60_000,
            row,
            task,
            given,
            wrong ? "wrong" : "right",
            patterns,
            patterns,
            wrong ? 0.91 : null,
          );
        }
      }
    }
  })();
  recount(data, () => CHANCES);
  file.pragma("wal_checkpoint(TRUNCATE)");
  return data;
}
