import fs from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import { startServer } from "../server";
import { note, numbersFrom, type Tally, tally } from "./tally";

const WRITES = 1500;
const RESTORES = 12;
const WINDOWS = 3;
const HOUSE = { preset: "gapsShort" };

/** Everything that is kept whole, with an address and a state that differs by a number. */
const KEPT: readonly { readonly address: string; readonly state: (nth: number) => object }[] = [
  {
    address: "/api/boards/board0000001",
    state: (nth) => ({
      problem: `${nth}.3 + 7.8`,
      method: "column-addition",
      house: HOUSE,
      step: 1,
      guess: "",
    }),
  },
  {
    address: "/api/sheets/sheet0000001",
    state: (nth) => ({
      name: `Spokes ${nth}`,
      house: HOUSE,
      rows: [{ problem: "3 + 4" }],
      drawing: 1,
      seed: 1,
    }),
  },
  {
    address: "/api/own/stock/stock0000001",
    state: (nth) => ({ name: `List ${nth}`, things: [{ one: "rose", many: "roses", price: [100, 300] }] }),
  },
  {
    address: "/api/own/stories/story0000001",
    state: (nth) => ({ text: `${nth + 2} bells and 4 bells. How many bells?`, form: "altogether" }),
  },
  {
    address: "/api/own/rungs/rung00000001",
    state: (nth) => ({
      name: `Rung ${nth}`,
      strand: "addingSubtracting",
      lines: ["[2-9] + [2-9]"],
      always: [],
      never: [],
    }),
  },
  { address: "/api/house", state: (nth) => ({ preset: nth % 2 === 0 ? "gapsShort" : "commaBelow" }) },
];

interface Told {
  readonly status: number;
  readonly body: { readonly revision?: number; readonly state?: unknown; readonly name?: string } | undefined;
}

async function tell(url: string, method: string, address: string, body?: object): Promise<Told> {
  const answer = await fetch(url + address, {
    method,
    headers: { "content-type": "application/json" },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
  return { status: answer.status, body: answer.status === 204 ? undefined : await answer.json() };
}

/** Windows that write the same kept things from what each of them saw last: nothing is written over unseen, and what stands at the end is what was acknowledged last. */
async function attackSame(share: number, seed: number): Promise<Tally> {
  const into = tally("windows on one thing");
  const server = await startServer();
  const next = numbersFrom(seed);
  try {
    const seen = Array.from({ length: WINDOWS }, () => new Map<string, number>());
    const stands = new Map<string, { readonly revision: number; readonly state: string }>();
    for (let nth = 0; nth < WRITES * share; nth++) {
      const thing = KEPT[next(KEPT.length)];
      const window = seen[next(WINDOWS)];
      if (thing === undefined || window === undefined) continue;
      const { address } = thing;
      if (next(3) === 0) {
        const told = await tell(server.url, "GET", address);
        if (told.body?.revision !== undefined) window.set(address, told.body.revision);
        continue;
      }
      const state = thing.state(nth);
      const saw = window.get(address) ?? 0;
      const told = await tell(server.url, "PUT", address, { state, saw });
      const before = stands.get(address);
      const isCurrent = (before?.revision ?? 0) === saw;
      const wrong =
        told.status === 200
          ? isCurrent || before?.state === JSON.stringify(state)
            ? undefined
            : "written over what this window had not seen"
          : told.status === 409
            ? isCurrent
              ? "refused though nothing had changed"
              : undefined
            : `answered ${told.status}: ${JSON.stringify(told.body).slice(0, 100)}`;
      note(into, wrong, `${address} ${nth}`);
      if (told.status === 200 && told.body?.revision !== undefined) {
        window.set(address, told.body.revision);
        stands.set(address, { revision: told.body.revision, state: JSON.stringify(state) });
      }
    }
    for (const [address, { revision }] of stands) {
      const told = await tell(server.url, "GET", address);
      note(
        into,
        told.body?.revision === revision ? undefined : "the last one acknowledged does not stand",
        address,
      );
    }
  } finally {
    await server.remove();
  }
  return into;
}

const namesIn = (file: string): ReadonlySet<string> => {
  const client = new Database(file, { readonly: true });
  const names = client.prepare("select name from learners").pluck().all();
  client.close();
  return new Set(names.map(String));
};

/** Restores while others write: whatever was acknowledged is in the backup of before or in what stands; of two restores at once one is refused. */
async function attackRestores(share: number): Promise<Tally> {
  const into = tally("restores while others write");
  const server = await startServer();
  try {
    const live = path.join(server.folder, "right-sum.sqlite");
    await tell(server.url, "POST", "/api/learners", { id: "learner00000", name: "First" });
    const name = (await tell(server.url, "POST", "/api/safe-keeping/backup", {})).body?.name ?? "";
    let over = false;
    let added = 0;
    let known: string[] = [];
    const writer = async (): Promise<void> => {
      while (!over) {
        const nth = ++added;
        const told = await tell(server.url, "POST", "/api/learners", {
          id: `learner${String(nth).padStart(8, "0")}`,
          name: `N${nth}`,
        });
        if (told.status === 200) known.push(`N${nth}`);
        else if (told.status !== 503) note(into, `answered ${told.status}`, `learner ${nth}`);
      }
    };
    const writers = Array.from({ length: WINDOWS }, writer);
    let before = await tell(server.url, "GET", "/api/changes");
    for (let round = 0; round < Math.max(2, RESTORES * share); round++) {
      const [one, other] = await Promise.all(
        [1, 2].map(() => tell(server.url, "POST", "/api/safe-keeping/restore", { name })),
      );
      const done = [one, other].find((told) => told?.status === 200);
      const statuses = [one?.status, other?.status].sort().join();
      note(
        into,
        done !== undefined && ["200,200", "200,409"].includes(statuses) ? undefined : `answered ${statuses}`,
        `restore ${round}`,
      );
      const acknowledged = known;
      known = [];
      const backups = fs
        .readdirSync(path.join(server.folder, "backups"))
        .filter((file) => file.endsWith("-restore.sqlite"));
      const there = new Set([
        ...backups.flatMap((file) => [...namesIn(path.join(server.folder, "backups", file))]),
        ...namesIn(live),
      ]);
      for (const one of acknowledged)
        note(into, there.has(one) ? undefined : "acknowledged, and in no file", one);
      const after = await tell(server.url, "GET", "/api/changes");
      const grew = (after.body?.revision ?? 0) > (before.body?.revision ?? 0);
      note(into, grew ? undefined : "the count of changes fell", `restore ${round}`);
      before = after;
    }
    over = true;
    await Promise.all(writers);
  } finally {
    await server.remove();
  }
  return into;
}

/** Windows beside one another, and restores in between. */
export const attackWindows = async (share: number, seed: number): Promise<readonly Tally[]> => [
  await attackSame(share, seed),
  await attackRestores(share),
];
