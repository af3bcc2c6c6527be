import type Database from "better-sqlite3";
import { z } from "zod";

/** What a database holds, in numbers that a tutor knows, and when it was last written to. */
export interface Inside {
  readonly counts: {
    readonly boards: number;
    readonly learners: number;
    readonly sheets: number;
    readonly answers: number;
  };
  readonly lastAnswer: Date | undefined;
  /** The names of its learners, the first few. */
  readonly learners: readonly string[];
}

const numberRow = z.object({ n: z.number().nullable() });
const nameRows = z.array(z.object({ name: z.string() }));
const MOST_NAMES = 12;

/** Looks inside a database of any version. */
export function insideOf(client: Database.Database): Inside {
  const tables = new Set(
    nameRows
      .parse(client.prepare("select name from sqlite_master where type = 'table'").all())
      .map(({ name }) => name),
  );
  const number = (table: string, what: string): number | undefined =>
    tables.has(table)
      ? (numberRow.parse(client.prepare(`select ${what} as n from ${table}`).get()).n ?? undefined)
      : undefined;
  const count = (table: string): number => number(table, "count(*)") ?? 0;
  const date = (table: string, column: string): Date | undefined => {
    const at = number(table, `max(${column})`);
    return at === undefined ? undefined : new Date(at);
  };
  const answers = tables.has("learner_attempts") ? "learner_attempts" : "attempts";
  const names = tables.has("learners")
    ? client
        .prepare(`select name from learners where removed_at is null order by name limit ${MOST_NAMES}`)
        .all()
    : [];
  return {
    counts: {
      boards: count("boards"),
      learners: count("learners"),
      sheets: count("marking_sheets"),
      answers: count(answers),
    },
    lastAnswer: date(answers, "at"),
    learners: nameRows.parse(names).map(({ name }) => name),
  };
}
