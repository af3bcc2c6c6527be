import { spawn } from "node:child_process";
import fs from "node:fs";
import path from "node:path";
import { setTimeout as pause } from "node:timers/promises";
import Database from "better-sqlite3";
import { freshFolder, type Server, startServer } from "../e2e/server";

// npm run kills: a server killed at random moments while it is worked with, and what is there afterwards held
// against all that it said was kept.
const ROUNDS = Number(process.argv[2] ?? 200);
const file = (folder: string): string => path.join(folder, "right-sum.sqlite");
let seed = Number(process.env.SEED ?? 2026);
const next = (below: number): number => {
  seed = (seed * 1103515245 + 12345) % 2147483648;
  return seed % below;
};
const id = (kind: string, nth: number): string => `${kind}${String(nth).padStart(8, "0")}`;
const faults: string[] = [];
let acknowledged = 0;

async function ask(
  server: Server,
  method: string,
  address: string,
  body?: object | string,
): Promise<unknown> {
  try {
    const answer = await fetch(server.url + address, {
      method,
      headers: { "content-type": "application/json" },
      ...(body === undefined ? {} : { body: typeof body === "string" ? body : JSON.stringify(body) }),
    });
    if (!answer.ok) return undefined;
    const text = await answer.text();
    return text === "" ? {} : JSON.parse(text);
  } catch {
    return undefined;
  }
}

/** What must hold of any database, whatever was going on. */
function sound(folder: string, what: string): void {
  const client = new Database(file(folder));
  const check = client.pragma("integrity_check", { simple: true });
  if (check !== "ok") faults.push(`${what}: ${String(check)}`);
  const astray = client
    .prepare(
      `select count(*) from learner_attempts a join sheet_rows r on r.id = a.row_id join tasks t on t.id = a.task_id where t.problem <> r.problem`,
    )
    .pluck()
    .get();
  if (astray !== 0) faults.push(`${what}: ${String(astray)} answers stand beside another problem`);
  client.close();
}

/** Everything in a database as one text, to be told from another state of it. */
function whole(folder: string): string {
  const client = new Database(file(folder));
  const all = [
    "boards",
    "learners",
    "marking_sheets",
    "sheet_rows",
    "sheet_learners",
    "learner_attempts",
  ].map((table) => JSON.stringify(client.prepare(`select * from ${table} order by 1, 2`).all()));
  client.close();
  return all.join("\n");
}

const ROWS = 12;
const problemOf = (row: number): string => `${40 + row}.25 − 17.8`;

/** Marks, pastes, takes rows away and back and hands in, all at once, until the server is killed. */
async function marking(folder: string, round: number): Promise<void> {
  const server = await startServer(folder);
  const sheet = id("sheet", round);
  const rows = Array.from({ length: ROWS }, (_, row) => id(`r${round}x`, row));
  const learner = id("learner", round % 7);
  const begun = await ask(server, "POST", `/api/marking/${sheet}`, {
    house: {},
    since: 0,
    acts: [
      ...rows.map((row, nth) => ({ kind: "addRow", id: row, problem: problemOf(nth) })),
      { kind: "addLearner", id: learner, name: `Learner ${round % 7}` },
    ],
    answers: [],
  });
  const kept = new Map<string, string>();
  const asked = new Map<string, Set<string>>();
  let handedIn = 0;
  let over = false;
  const saw = new Map<string, number>();
  const write = async (
    answers: readonly { readonly row: string; readonly given: string }[],
    acts: readonly object[] = [],
  ): Promise<void> => {
    for (const { row, given } of answers) asked.set(row, (asked.get(row) ?? new Set()).add(given));
    const told = (await ask(server, "POST", `/api/marking/${sheet}`, {
      house: {},
      since: 0,
      acts,
      answers: answers.map((one) => ({ ...one, learner, saw: saw.get(one.row) ?? 0 })),
    })) as { cells: { row: string; given: string; revision: number }[]; clashes: unknown[] } | undefined;
    if (told === undefined) return;
    acknowledged++;
    for (const cell of told.cells) {
      saw.set(cell.row, cell.revision);
      if (answers.some(({ row, given }) => row === cell.row && given === cell.given))
        kept.set(cell.row, cell.given);
    }
  };
  const work = async (): Promise<void> => {
    for (let turn = 0; !over; turn++) {
      const kind = next(6);
      const row = rows[next(ROWS)] ?? "";
      if (kind < 3) await write([{ row, given: `${turn}.5` }]);
      else if (kind === 3) await write(rows.map((one) => ({ row: one, given: `${turn}.7` })));
      else if (kind === 4) {
        const removed = await ask(server, "POST", `/api/marking/${sheet}`, {
          house: {},
          since: 0,
          acts: [{ kind: "removeRow", id: row }],
          answers: [],
        });
        const restored =
          removed &&
          (await ask(server, "POST", `/api/marking/${sheet}`, {
            house: {},
            since: 0,
            acts: [{ kind: "restoreRow", id: row }],
            answers: [],
          }));
        if (!restored) kept.delete(row);
      } else {
        const back = await ask(server, "POST", "/api/hand-in", {
          problem: "53.2 − 17.8",
          house: {},
          answer: `${turn}`,
          marks: [],
          hints: 0,
          estimate: "",
          seconds: 1,
          learner,
        });
        if (back) handedIn++;
      }
    }
  };
  const backups = async (): Promise<void> => {
    while (!over) {
      if (await ask(server, "POST", "/api/safe-keeping/backup")) acknowledged++;
      await pause(200);
    }
  };
  const running = [work(), ...(round % 4 === 0 ? [backups()] : [])];
  await pause(100 + next(1400));
  await server.kill();
  over = true;
  await Promise.all(running);
  const what = `round ${round}, marking`;
  sound(folder, what);
  if (begun === undefined) return;
  const client = new Database(file(folder));
  for (const [row, given] of kept) {
    const there = client
      .prepare("select given from learner_attempts where row_id = ? and learner_id = ?")
      .pluck()
      .get(row, learner);
    // What was asked for and never answered may have come through as well.
    if (there !== given && !asked.get(row)?.has(String(there)))
      faults.push(`${what}: ${row} holds ${String(there)}, kept was ${given}`);
  }
  const papers = client
    .prepare(
      "select count(*) from papers p join learner_attempts a on a.id = p.attempt_id where a.learner_id = ?",
    )
    .pluck()
    .get(learner);
  if (Number(papers) < handedIn) faults.push(`${what}: ${String(papers)} papers of ${handedIn}`);
  client.close();
  for (const name of fs.readdirSync(path.join(folder, "backups")).filter((one) => one.endsWith(".sqlite"))) {
    const backup = new Database(path.join(folder, "backups", name), { readonly: true });
    if (backup.pragma("quick_check", { simple: true }) !== "ok")
      faults.push(`${what}: backup ${name} is not whole`);
    backup.close();
  }
}

/** Imports or restores, and is killed on the way: what was there before is there, or what was to come, and nothing between. */
async function swapping(folder: string, round: number): Promise<void> {
  const server = await startServer(folder);
  const document = JSON.stringify(await ask(server, "GET", "/api/safe-keeping/export"));
  const backup = (await ask(server, "POST", "/api/safe-keeping/backup")) as { name: string } | undefined;
  await server.end();
  const before = whole(folder);
  await server.start();
  await ask(server, "PUT", `/api/boards/${id("board", round)}`, {
    state: { problem: `${round + 2} + 2.5`, method: "column-addition", house: {}, step: 1, guess: "" },
  });
  await server.end();
  const after = whole(folder);
  await server.start();
  const going =
    round % 2 === 0
      ? ask(server, "POST", "/api/safe-keeping/import", document)
      : ask(server, "POST", "/api/safe-keeping/restore", { name: backup?.name ?? "" });
  await pause(next(700));
  await server.kill();
  const done = await going;
  if (done) acknowledged++;
  sound(folder, `round ${round}, swapping`);
  const now = whole(folder);
  if (now !== before && now !== after)
    faults.push(`round ${round}: neither what was there before nor what was to come`);
  if (done && now !== before) faults.push(`round ${round}: said it was done, and it was not`);
}

/** Is killed while an old database is brought up to date; the next start finishes it. */
async function migrating(round: number): Promise<void> {
  const folder = freshFolder();
  fs.copyFileSync("src/data/fixtures/before-rows-by-id.sqlite", file(folder));
  const old = new Database(file(folder), { readonly: true });
  const answers = old.prepare("select count(*) from attempts").pluck().get();
  old.close();
  const child = spawn(process.execPath, [".build/server/server.mjs"], {
    env: {
      ...process.env,
      NODE_ENV: "production",
      PORT: "0",
      RIGHT_SUM_DATA: folder,
      NEXT_TELEMETRY_DISABLED: "1",
    },
    stdio: "ignore",
  });
  const ended = new Promise((resolve) => child.once("close", resolve));
  await pause(200 + next(500));
  child.kill("SIGKILL");
  await ended;
  const server = await startServer(folder);
  await server.end();
  sound(folder, `round ${round}, migrating`);
  const client = new Database(file(folder));
  const there = client.prepare("select count(*) from learner_attempts").pluck().get();
  if (there !== answers)
    faults.push(`round ${round}: ${String(there)} answers of ${String(answers)} after the migration`);
  client.close();
  await server.remove();
}

const folder = freshFolder();
fs.mkdirSync(path.join(folder, "backups"), { recursive: true });
for (let round = 0; round < ROUNDS; round++) {
  if (round % 10 === 9) await migrating(round);
  else if (round % 10 === 4 || round % 10 === 7) await swapping(folder, round);
  else await marking(folder, round);
  if (round % 20 === 19)
    console.log(`${round + 1} kills, ${acknowledged} acts kept, ${faults.length} faults`);
}
for (const fault of faults) console.log(fault);
console.log(`${ROUNDS} kills, ${acknowledged} acts that were said to be kept, ${faults.length} faults`);
fs.rmSync(folder, { recursive: true, force: true });
process.exitCode = faults.length === 0 ? 0 : 1;
