import { startServer } from "../server";
import { note, numbersFrom, type Tally, tally } from "./tally";

const WRITES = 900;
const WINDOWS = 3;
const SHEET = "sheetofmany00001";
const ROWS = ["row000000001", "row000000002", "row000000003"];
const LEARNERS = ["learner00001", "learner00002", "learner00003"];

/** A square as it was last acknowledged. */
interface Square {
  readonly given: string;
  readonly note: string;
  readonly revision: number;
}
const EMPTY: Square = { given: "", note: "", revision: 0 };

interface Answer {
  readonly cells: readonly (Square & { readonly row: string; readonly learner: string })[];
  readonly clashes: readonly (Square & { readonly row: string; readonly learner: string })[];
}

async function post(url: string, address: string, body: object) {
  const answer = await fetch(url + address, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify(body),
  });
  return { status: answer.status, body: await answer.json() };
}

/** Whether a square takes what is written: where the window saw what stands, or what it changes is as it left it. */
const takes = (
  there: Square,
  saw: number,
  write: { readonly given?: string; readonly note?: string },
): boolean =>
  there.revision === saw ||
  ((write.given === undefined || write.given === there.given) &&
    (write.note === undefined || there.note === "" || write.note === there.note));

/** Windows that write answers and notes into the squares of one sheet, each from what it saw last: nothing is written over unseen, and what was acknowledged stands. */
export async function attackSquares(share: number, seed: number): Promise<readonly Tally[]> {
  const [squares, names] = [tally("windows on the squares of a sheet"), tally("windows on a learner’s name")];
  const server = await startServer();
  const next = numbersFrom(seed);
  const send = (more: object) =>
    post(server.url, `/api/marking/${SHEET}`, { house: {}, since: 0, acts: [], answers: [], ...more });
  try {
    const made = await send({
      acts: [
        ...ROWS.map((id, nth) => ({ kind: "addRow", id, problem: `${nth + 40}.2 − 17.85` })),
        ...LEARNERS.map((id, nth) => ({ kind: "addLearner", id, name: `Learner ${nth}` })),
      ],
    });
    note(squares, made.status === 200 ? undefined : `answered ${made.status}`, "the sheet");
    const stands = new Map<string, Square>();
    const seen = Array.from({ length: WINDOWS }, () => new Map<string, Square>());
    for (let nth = 0; nth < WRITES * share; nth++) {
      const row = ROWS[next(ROWS.length)] ?? "";
      const learner = LEARNERS[next(LEARNERS.length)] ?? "";
      const window = seen[next(WINDOWS)] ?? new Map<string, Square>();
      const key = `${row} ${learner}`;
      const there = stands.get(key) ?? EMPTY;
      if (next(3) === 0) {
        window.set(key, there);
        continue;
      }
      const saw = (window.get(key) ?? EMPTY).revision;
      const write = next(3) === 0 ? { note: `Note ${next(3)}` } : { given: `${next(3)}.35` };
      const { status, body } = await send({ answers: [{ row, learner, saw, ...write }] });
      const answer: Answer = body;
      const isHere = (one: { readonly row: string; readonly learner: string }) =>
        one.row === row && one.learner === learner;
      const wrong =
        status !== 200
          ? `answered ${status}`
          : answer.clashes.some(isHere)
            ? takes(there, saw, write)
              ? "refused though nothing had changed"
              : undefined
            : takes(there, saw, write)
              ? undefined
              : "written over what this window had not seen";
      note(squares, wrong, `${key} ${nth}`);
      const now = answer.cells?.find(isHere);
      if (status === 200 && !answer.clashes.some(isHere) && now !== undefined) {
        const kept = { ...there, ...write, revision: now.revision };
        note(
          squares,
          now.given === kept.given && now.note === kept.note ? undefined : "acknowledged, and does not stand",
          `${key} ${nth}`,
        );
        stands.set(key, kept);
        window.set(key, kept);
      }
    }
    await attackNames(server.url, names, share, next);
  } finally {
    await server.remove();
  }
  return [squares, names];
}

/** Windows that name one learner, each from the name it saw last. */
async function attackNames(url: string, into: Tally, share: number, next: (below: number) => number) {
  const made = await post(url, "/api/learners", { id: "named0000001", name: "Named 0" });
  let stands: number = made.body.learner?.revision ?? 0;
  const seen = Array.from({ length: WINDOWS }, () => stands);
  let name = "Named 0";
  for (let nth = 1; nth < (WRITES * share) / 3; nth++) {
    const window = next(WINDOWS);
    if (next(3) === 0) {
      seen[window] = stands;
      continue;
    }
    const wanted = `Named ${nth}`;
    const told = await post(url, "/api/learners/named0000001", {
      act: "rename",
      name: wanted,
      saw: seen[window],
    });
    const isCurrent = seen[window] === stands;
    const wrong =
      told.status === 200
        ? isCurrent
          ? undefined
          : "named over a name that this window had not seen"
        : told.status === 409 && !isCurrent && String(told.body.error?.message).includes(name)
          ? undefined
          : `answered ${told.status}`;
    note(into, wrong, wanted);
    if (told.status !== 200) continue;
    name = wanted;
    stands = told.body.learner.revision;
    seen[window] = stands;
  }
}
