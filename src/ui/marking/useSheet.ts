"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import { choicesOf, type HouseRules } from "@/core/house";
import { ROUTES } from "../routes";
import { type Cell, type Column, keyOf, type MarkedCell, type SentCell, type SheetRow } from "./marks";

/** How much of a pasted column is marked in one request: enough to be quick, few enough to show progress. */
const BATCH = 30;
const RETRY = 3000;

/** Progress of many answers that were pasted at once. */
export interface Progress {
  readonly done: number;
  readonly all: number;
}

const post = async (
  url: string,
  method: "PUT" | "POST",
  body: object,
  keepalive = false,
): Promise<unknown> => {
  const answer = await fetch(url, {
    method,
    headers: { "content-type": "application/json" },
    body: JSON.stringify(body),
    keepalive,
  });
  if (!answer.ok) throw new Error(`${answer.status}`);
  return answer.json();
};

/** The sheet that is marked: its rows, columns and cells, every change of which is kept on disk. */
export function useSheet(start: {
  readonly id: string;
  readonly house: HouseRules;
  readonly rows: readonly SheetRow[];
  readonly learners: readonly Column[];
  readonly cells: ReadonlyMap<string, Cell>;
}) {
  const { id, house } = start;
  const [rows, setRows] = useState(start.rows);
  const [learners, setLearners] = useState(start.learners);
  const [cells, setCells] = useState(start.cells);
  const [progress, setProgress] = useState<Progress | undefined>();
  const [shapeKept, setShapeKept] = useState(true);
  const latest = useRef({ rows, learners, cells });
  latest.current = { rows, learners, cells };
  // One request at a time: an answer never reaches the disk before its row does.
  const queue = useRef<Promise<unknown>>(Promise.resolve());
  const cancelled = useRef(false);

  const put = useCallback((change: ReadonlyMap<string, Cell>) => {
    setCells((before) => new Map([...before, ...change]));
  }, []);

  /** Runs a request after all before it, until it succeeds. */
  const enqueue = useCallback((request: () => Promise<void>, onFailure: () => void): Promise<void> => {
    const attempt = async (): Promise<void> => {
      try {
        await request();
      } catch {
        onFailure();
        await new Promise((resolve) => setTimeout(resolve, RETRY));
        await attempt();
      }
    };
    const done = queue.current.then(attempt);
    queue.current = done;
    return done;
  }, []);

  const send = useCallback(
    async (sent: readonly SentCell[]): Promise<void> => {
      const answer = (await post(ROUTES.markAnswers(id), "POST", { answers: sent })) as {
        readonly marked: readonly MarkedCell[];
      };
      setCells((before) => {
        const after = new Map(before);
        for (const mark of answer.marked) {
          const key = keyOf(mark.row, mark.learner);
          // What was typed in the meantime is not touched.
          if (after.get(key)?.typed === mark.given)
            after.set(key, { typed: mark.given, mark, keeping: "kept" });
        }
        return after;
      });
    },
    [id],
  );

  /** Marks one answer, with the tutor's choice or note where there is one. */
  const mark = useCallback(
    (sent: SentCell): void => {
      const key = keyOf(sent.row, sent.learner);
      const before = latest.current.cells.get(key);
      const now: Cell = {
        typed: sent.given,
        mark: before?.typed === sent.given ? before.mark : undefined,
        keeping: "keeping",
      };
      put(new Map([[key, now]]));
      void enqueue(
        () => send([sent]),
        () => put(new Map([[key, { ...now, keeping: "notKept" }]])),
      );
    },
    [enqueue, put, send],
  );

  /** Marks many answers in batches that can be stopped between. */
  const markMany = useCallback(
    async (sent: readonly SentCell[]): Promise<void> => {
      put(
        new Map(
          sent.map((one) => [
            keyOf(one.row, one.learner),
            { typed: one.given, mark: undefined, keeping: "keeping" },
          ]),
        ),
      );
      cancelled.current = false;
      for (let from = 0; from < sent.length; from += BATCH) {
        setProgress({ done: from, all: sent.length });
        const batch = sent.slice(from, from + BATCH);
        await enqueue(
          () => send(batch),
          () => undefined,
        );
        if (cancelled.current) {
          const left = sent.slice(from + BATCH);
          put(
            new Map(
              left.map((one) => [
                keyOf(one.row, one.learner),
                { typed: one.given, mark: undefined, keeping: "typing" },
              ]),
            ),
          );
          break;
        }
      }
      setProgress(undefined);
    },
    [enqueue, put, send],
  );

  const type = useCallback(
    (row: number, learner: string, typed: string): void =>
      put(new Map([[keyOf(row, learner), { typed, mark: undefined, keeping: "typing" }]])),
    [put],
  );

  /** Keeps the sheet's rows and columns; what a row comes to is told by the server. */
  const reshape = useCallback(
    (problems: readonly string[], columns: readonly Column[]): void => {
      const known = new Map(latest.current.rows.map((row) => [row.problem, row.right]));
      setRows(problems.map((problem) => ({ problem, right: known.get(problem) ?? "" })));
      setLearners(columns);
      latest.current = {
        ...latest.current,
        rows: problems.map((problem) => ({ problem, right: known.get(problem) ?? "" })),
        learners: columns,
      };
      setShapeKept(false);
      history.replaceState(null, "", ROUTES.markingSheet(id));
      void enqueue(
        async () => {
          const body = { house: choicesOf(house), problems, learners: columns.map((column) => column.id) };
          const answer = (await post(ROUTES.keepSheet(id), "PUT", body)) as {
            readonly rows: readonly SheetRow[];
          };
          setRows((now) => (now.length === answer.rows.length ? answer.rows : now));
          setShapeKept(true);
        },
        () => undefined,
      );
    },
    [enqueue, house, id],
  );

  // What is typed and not yet entered when the window closes is sent after all.
  useEffect(() => {
    const leave = (): void => {
      const unsent = [...latest.current.cells].flatMap(([key, cell]): readonly SentCell[] => {
        const [row = "", learner = ""] = key.split(" ");
        return cell.keeping === "typing" || cell.keeping === "notKept"
          ? [{ row: Number(row), learner, given: cell.typed }]
          : [];
      });
      if (unsent.length > 0)
        void post(ROUTES.markAnswers(id), "POST", { answers: unsent.slice(0, 100) }, true).catch(
          () => undefined,
        );
    };
    window.addEventListener("pagehide", leave);
    return () => window.removeEventListener("pagehide", leave);
  }, [id]);

  const unkept =
    !shapeKept || [...cells.values()].some(({ keeping }) => keeping === "keeping" || keeping === "notKept");
  return {
    rows,
    learners,
    cells,
    progress,
    unkept,
    type,
    mark,
    markMany,
    reshape,
    stop: () => {
      cancelled.current = true;
    },
  };
}
