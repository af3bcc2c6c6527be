import { HOSTILE_TEXTS } from "@/core/testing/hostileTexts";
import { ask, at, KNOWN } from "../knownRoutes";
import { startServer } from "../server";
import { unsafe } from "./doors";
import { note, numbersFrom, type Tally, tally } from "./tally";

const ROUNDS = 3600;
const DEEP = 5000;

/** An address of a route with an id that is its own, since things of several kinds stand in one table. */
const placed = (route: string): string =>
  at(
    route,
    route
      .toLowerCase()
      .replace(/[^a-z]/g, "")
      .padEnd(12, "0")
      .slice(-12),
  );

const JSON_TYPE = { "content-type": "application/json" };
const HOUSE = { preset: "gapsShort" };

const OWN_STORY = {
  text: "3 bells and 4 bells. How many?",
  form: "altogether",
  line: "",
  left: [],
  turned: false,
  answer: "",
};

/** A body that each route takes, from which others are made that it must not. */
const SOUND: Readonly<Record<string, object>> = {
  "/api/boards/[id]": {
    state: { problem: "40.3 + 7.8", method: "column-addition", house: HOUSE, step: 3, guess: "" },
    saw: 0,
  },
  "/api/boards/[id]/about": { act: "rename", name: "Spokes" },
  "/api/explain": { problem: "53.2 - 17.8", given: "44.6", house: HOUSE },
  "/api/work": { problem: "53.2 - 17.8", house: HOUSE },
  "/api/methods": { problem: "53.2 - 17.8", house: HOUSE },
  "/api/twins": { problem: "53.2 - 17.8", house: HOUSE, seed: 1 },
  "/api/sheets": { house: HOUSE, skill: "subtract-one-exchange", count: 6, seed: 1 },
  "/api/sheets/[id]": {
    state: {
      name: "Spokes",
      house: HOUSE,
      rows: [{ problem: "3 + 4", story: { text: "3 bells and 4.", answer: "7." } }],
      drawing: 1,
      seed: 1,
    },
    saw: 0,
  },
  "/api/sheets/rows": { house: HOUSE, rows: [{ problem: "3 + 4" }], seed: 1 },
  "/api/sheets/marking": { sheet: "abcdefgh1234", learners: [{ id: "learner00001", name: "Ada" }] },
  "/api/own/stock/[id]": {
    state: { name: "Mine", things: [{ one: "rose", many: "roses", price: [100, 300] }] },
    saw: 0,
  },
  "/api/own/stories/[id]": { state: OWN_STORY, saw: 0 },
  "/api/stories": { kind: "total-of-two", seed: 1, house: HOUSE },
  "/api/stories/own": { ...OWN_STORY, house: HOUSE },
  "/api/hand-in": {
    id: "handin000001",
    learner: "learner00001",
    problem: "3 + 4",
    answer: "7",
    house: HOUSE,
    marks: [],
    hints: 0,
    estimate: "",
    seconds: 5,
  },
  "/api/learners": { id: "learner00001", name: "Ada" },
  "/api/marking/[id]": {
    house: HOUSE,
    since: 0,
    acts: [{ kind: "addRow", id: "row00000001", problem: "3 + 4" }],
    answers: [],
  },
  "/api/probes": { house: HOUSE, strand: "addingSubtracting", count: 6 },
  "/api/house": { state: HOUSE, saw: 0 },
  "/api/view": { theme: "slate" },
};

const nested = (open: string, close: string): string => `${open.repeat(DEEP)}1${close.repeat(DEEP)}`;
/** Values that stand where something else belongs. */
const ODD_VALUES: readonly unknown[] = [
  null,
  -1,
  1e308,
  0.5,
  2 ** 53,
  "",
  "9".repeat(3000),
  [],
  {},
  true,
  ...HOSTILE_TEXTS,
];

/** A body with one value in it put in the place of another. */
function bent(body: object, next: (below: number) => number): string {
  const odd = ODD_VALUES[next(ODD_VALUES.length)];
  const places: { readonly of: object; readonly key: string }[] = [];
  const copy: unknown = structuredClone(body);
  const walk = (value: unknown): void => {
    if (typeof value !== "object" || value === null) return;
    for (const [key, inside] of Object.entries(value)) {
      places.push({ of: value, key });
      walk(inside);
    }
  };
  walk(copy);
  const place = places[next(places.length)];
  if (place === undefined) return "{}";
  Reflect.set(place.of, next(8) === 0 ? `${place.key}x` : place.key, odd);
  const text = JSON.stringify(copy);
  return next(12) === 0 ? text.slice(0, next(text.length)) : text;
}

/** Bodies, ids and questions that do not fit, sent by somebody who may come in; and a sound one bent in one place. */
export async function attackBodies(share: number, seed: number): Promise<readonly Tally[]> {
  const server = await startServer();
  const [bodies, deep] = [tally("bodies that do not fit"), tally("JSON nested deep")];
  const next = numbersFrom(seed);
  const send = async (
    into: Tally,
    method: string,
    path: string,
    body: string | undefined,
    what: string,
  ): Promise<void> => {
    const from = performance.now();
    const answer = await ask(server.url, method, path, JSON_TYPE, body);
    const wrong = answer.status === 500 ? answer.text.slice(0, 120) : unsafe(answer.headers);
    note(
      into,
      wrong,
      `${method} ${path} ${what.slice(0, 160)}`,
      performance.now() - from,
      path.includes("safe-keeping"),
    );
  };
  try {
    const taking = Object.entries(KNOWN).flatMap(([route, methods]) =>
      methods.flatMap((method) =>
        method === "GET" || !route.startsWith("/api/") ? [] : [{ route, method }],
      ),
    );
    for (const { route, method } of taking) {
      if (route.includes("safe-keeping")) continue;
      for (const body of [
        nested("[", "]"),
        nested('{"a":', "}"),
        `{"state":${nested("[", "]")}}`,
        `{"marks":${nested("[", "]")}}`,
      ])
        await send(deep, method, at(route), body, body.slice(0, 20));
    }
    for (const { route, method } of taking) {
      const sound = SOUND[route];
      if (sound === undefined) continue;
      const answer = await ask(server.url, method, placed(route), JSON_TYPE, JSON.stringify(sound));
      // Bent bodies reach deep only where the sound one is taken.
      note(
        bodies,
        answer.status < 400 || answer.status === 404 ? undefined : `refused: ${answer.text.slice(0, 140)}`,
        `${method} ${route}, sound`,
      );
    }
    const bendable = taking.filter(({ route }) => SOUND[route] !== undefined);
    for (let nth = 0; nth < ROUNDS * share; nth++) {
      const one = bendable[nth % bendable.length];
      if (one === undefined) break;
      const body = bent(SOUND[one.route] ?? {}, next);
      await send(bodies, one.method, placed(one.route), body, body);
    }
    for (const [route, methods] of Object.entries(KNOWN)) {
      if (!methods.includes("GET") || route.startsWith("/_")) continue;
      for (const text of HOSTILE_TEXTS.filter((_, nth) => nth % Math.max(1, Math.round(0.3 / share)) === 0)) {
        const odd = encodeURIComponent(text.replace(/\p{Cs}/gu, ""));
        const query = `problem=${odd}&skill=${odd}&kind=${odd}&seed=${odd}&find=${odd}&sheet=${odd}&look=${odd}&patterns=${odd}`;
        await send(bodies, "GET", `${at(route, "a".repeat(12))}?${query}`, undefined, text);
      }
    }
  } finally {
    await server.remove();
  }
  return [bodies, deep];
}
