import fs from "node:fs";
import path from "node:path";
import { setTimeout as pause } from "node:timers/promises";
import { freshFolder, startServer } from "../e2e/server";
import { quantile } from "./browser";
import { madeUpId, makeRecords, TEN_YEARS } from "./records";
import { rounded } from "./workings";

/** What clients saw of a server with ten years of records. */
interface Load {
  readonly megabytesOfData: number;
  readonly requests: number;
  readonly errors: number;
  readonly pages: { readonly median: number; readonly percentile95: number };
  readonly writes: { readonly median: number; readonly percentile95: number };
  readonly memoryAtStart: number;
  readonly memoryAtEnd: number;
}

/** Pages asked for before anything is measured. */
const WARMING_UP = 60;

/** A page of the kinds that tutors go back and forth between. */
const pageAt = (turn: number): string => {
  const sheet = madeUpId("sheet", (turn * 37) % TEN_YEARS.sheets);
  const learner = madeUpId("learner", turn % TEN_YEARS.learners);
  const places = [
    "/",
    `/marking?sheet=${sheet}`,
    "/learners",
    `/learners/${learner}`,
    "/board?problem=5-2.004",
    "/safe-keeping",
  ];
  return places[turn % places.length] ?? "/";
};

/** Memory of a server with its threads and the process that makes its pages, in megabytes. */
export const memoryOf = (pid: number): number => {
  const processes = [pid, ...fs.readFileSync(`/proc/${pid}/task/${pid}/children`, "utf8").split(" ")];
  const kilobytes = processes.map((one) =>
    one === "" ? 0 : Number(/VmRSS:\s+(\d+)/.exec(fs.readFileSync(`/proc/${one}/status`, "utf8"))?.[1] ?? 0),
  );
  return rounded(kilobytes.reduce((sum, one) => sum + one, 0) / 1000, 0);
};

/**
 * So many clients, each of them reading a page, then writing an answer and a board, with a pause between in which
 * a person would look: for so many seconds.
 */
export async function measureLoad(clients: number, seconds: number, think: number): Promise<Load> {
  const folder = freshFolder();
  makeRecords(folder).$client.close();
  const megabytesOfData = rounded(fs.statSync(path.join(folder, "right-sum.sqlite")).size / 1e6, 1);
  const server = await startServer(folder);
  const pages: number[] = [];
  const writes: number[] = [];
  let errors = 0;
  const asked = async (into: number[], address: string, init?: RequestInit): Promise<unknown> => {
    const from = performance.now();
    const answer = await fetch(server.url + address, init).catch(() => undefined);
    const text = await answer?.text();
    if (answer?.ok !== true || text === undefined) errors++;
    into.push(performance.now() - from);
    return answer?.headers.get("content-type")?.includes("json") ? JSON.parse(text ?? "{}") : undefined;
  };
  const write = (method: "PUT" | "POST", body: object): RequestInit => ({
    method,
    headers: { "content-type": "application/json" },
    body: JSON.stringify(body),
  });
  const until = performance.now() + seconds * 1000;
  const client = async (nth: number): Promise<void> => {
    const sheet = madeUpId("load", nth);
    const row = madeUpId("loadrow", nth);
    const learner = madeUpId("learner", nth);
    const acts = [
      { kind: "addRow", id: row, problem: `${40 + nth}.2 − 17.85` },
      { kind: "addLearner", id: learner, name: `Learner ${nth + 1}` },
    ];
    await asked([], `/api/marking/${sheet}`, write("POST", { house: {}, since: 0, acts, answers: [] }));
    let saw = 0;
    let seed = nth + 1;
    /** A person's pause: half as long to half as long again. */
    const look = (): Promise<void> => {
      seed = (seed * 1103515245 + 12345) % 2147483648;
      return pause(think * (0.5 + seed / 2147483648));
    };
    await pause(((3 * think) / clients) * nth);
    for (let turn = nth * 13; performance.now() < until; turn++) {
      await asked(pages, pageAt(turn));
      await look();
      const answers = [{ row, learner, saw, given: `${turn % 90}.35` }];
      const told = await asked(
        writes,
        `/api/marking/${sheet}`,
        write("POST", { house: {}, since: 0, acts: [], answers }),
      );
      saw = (told as { cells: { revision: number }[] } | undefined)?.cells[0]?.revision ?? saw;
      await look();
      const board = {
        problem: "5 − 2.004",
        method: "subtraction-by-decomposition",
        house: {},
        step: (turn % 9) + 1,
        guess: "",
      };
      await asked(writes, `/api/boards/${madeUpId("loadboard", nth)}`, write("PUT", { state: board }));
      await look();
    }
  };
  // A server that has just started is slow for other reasons.
  for (let turn = 0; turn < WARMING_UP; turn++) await asked([], pageAt(turn));
  const memoryAtStart = memoryOf(server.pid());
  await Promise.all(Array.from({ length: clients }, (_, nth) => client(nth)));
  const memoryAtEnd = memoryOf(server.pid());
  await server.remove();
  const summary = (times: readonly number[]) => ({
    median: quantile(times, 0.5),
    percentile95: quantile(times, 0.95),
  });
  return {
    megabytesOfData,
    requests: pages.length + writes.length,
    errors,
    pages: summary(pages),
    writes: summary(writes),
    memoryAtStart,
    memoryAtEnd,
  };
}
