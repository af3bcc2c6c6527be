import fs from "node:fs";
import path from "node:path";
import { describe, expect, it } from "vitest";

/** Each layer with the layers it may import; docs/architecture.md draws the same. */
const LAYERS: Readonly<Record<string, readonly string[]>> = {
  core: [],
  service: ["core"],
  render: ["service", "core"],
  data: ["service", "core"],
  ui: ["render", "service", "core"],
  threads: ["data", "render", "service", "core"],
  server: ["threads", "data", "service", "core"],
  demo: ["threads", "data", "service", "core"],
  cli: ["render", "service", "core"],
  app: ["threads", "ui", "data", "render", "service", "core"],
};

/** The core's own order: a folder imports only folders before it. */
const CORE_ORDER = [
  "result",
  "tuples",
  "id",
  "asText",
  "randomSource",
  "vocabulary",
  "number",
  "quantity",
  "house",
  "problem",
  "board",
  "methods",
  "claims",
  "paper",
  "checks",
  "features",
  "sheets",
  "stories",
  "shop",
  "pictures",
  "marking",
  "errorPatterns",
  "storyMarking",
  "probes",
  "wording",
  "learnerTask",
  "testing",
];

/** The order inside the interface: a room imports only rooms before it, and the shared ones at the head. */
const UI_ORDER = [
  "ids",
  "places",
  "placesSeen",
  "useNarrow",
  "saving",
  "useView",
  "parts",
  "shortcuts",
  "paper",
  "pictures",
  "house",
  "lessonSequence",
  "board",
  "wrongWay",
  "learnerTask",
  "methods",
  "today",
  "stories",
  "sheets",
  "shop",
  "learners",
  "marking",
  "safeKeeping",
  "licences",
  "shell",
];

const src = path.resolve("src");
const files = fs
  .readdirSync(src, { recursive: true, encoding: "utf8" })
  .filter((file) => /\.tsx?$/.test(file) && file.includes(path.sep) && !/\.test\.tsx?$/.test(file));

/** The project's own files that a file imports, as paths under src. */
function importsOf(file: string): readonly string[] {
  const text = fs.readFileSync(path.join(src, file), "utf8");
  const named = [...text.matchAll(/(?:from|import)\s*\(?\s*"([^"]+)"/g)].map(([, name = ""]) => name);
  return named
    .filter((name) => name.startsWith(".") || name.startsWith("@/"))
    .filter((name) => !name.endsWith(".css"))
    .map((name) =>
      name.startsWith("@/") ? path.join(src, name.slice(2)) : path.resolve(src, path.dirname(file), name),
    )
    .map((target) => {
      const found = [`${target}.ts`, `${target}.tsx`, path.join(target, "index.ts")].find((name) =>
        fs.existsSync(name),
      );
      if (found === undefined) throw new Error(`${file} imports ${target}, which is not there`);
      return path.relative(src, found);
    });
}

const part = (file: string, depth: number): string =>
  (file.split(path.sep)[depth] ?? "").replace(/\.tsx?$/, "");
const graph = new Map(files.map((file) => [file, importsOf(file)]));
const edges = [...graph].flatMap(([from, targets]) => targets.map((to) => ({ from, to })));

/** A circle in a graph, written out; empty where there is none. */
function circleIn(arrows: ReadonlyMap<string, readonly string[]>): string {
  const done = new Set<string>();
  const visit = (node: string, way: readonly string[]): string => {
    if (way.includes(node)) return [...way.slice(way.indexOf(node)), node].join(" → ");
    if (done.has(node)) return "";
    for (const next of arrows.get(node) ?? []) {
      const found = visit(next, [...way, node]);
      if (found !== "") return found;
    }
    done.add(node);
    return "";
  };
  for (const node of arrows.keys()) {
    const found = visit(node, []);
    if (found !== "") return found;
  }
  return "";
}

/** What may import what outside the product: tests in the browser, figures and commands stand on top of all of it, and on each other as named. */
const OUTSIDE: Readonly<Record<string, readonly string[]>> = {
  e2e: ["src"],
  bench: ["src", "e2e"],
  scripts: ["src", "e2e", "bench"],
};

describe("imports", () => {
  it("run one way between the layers", () => {
    const wrong = edges.filter(
      ({ from, to }) => part(from, 0) !== part(to, 0) && !LAYERS[part(from, 0)]?.includes(part(to, 0)),
    );
    expect(wrong).toEqual([]);
  });

  it("run one way inside the core", () => {
    const rank = (file: string): number => CORE_ORDER.indexOf(part(file, 1));
    const wrong = edges.filter(
      ({ from, to }) => part(from, 0) === "core" && part(to, 0) === "core" && rank(to) > rank(from),
    );
    expect(wrong).toEqual([]);
    expect(files.filter((file) => part(file, 0) === "core" && rank(file) < 0)).toEqual([]);
  });

  it("run one way inside the interface", () => {
    const rank = (file: string): number => UI_ORDER.indexOf(part(file, 1));
    const wrong = edges.filter(
      ({ from, to }) => part(from, 0) === "ui" && part(to, 0) === "ui" && rank(to) > rank(from),
    );
    expect(wrong.map(({ from, to }) => `${from} → ${to}`)).toEqual([]);
    expect(files.filter((file) => part(file, 0) === "ui" && rank(file) < 0)).toEqual([]);
  });

  it("from outside a folder of the core go through its face", () => {
    const wrong = edges.filter(
      ({ from, to }) =>
        part(to, 0) === "core" &&
        part(to, 2) !== "" &&
        part(to, 2) !== "index" &&
        part(to, 1) !== "testing" &&
        (part(from, 0) !== "core" || part(from, 1) !== part(to, 1)),
    );
    expect(wrong).toEqual([]);
  });

  it("make no circle of files", () => {
    expect(circleIn(graph)).toBe("");
  });

  it("make no circle of folders in the core, so that each explains itself; a face belongs to whoever enters", () => {
    const home = (file: string): string => (path.basename(file) === "index.ts" ? file : path.dirname(file));
    const folders = new Map<string, string[]>();
    for (const { from, to } of edges) {
      if (part(from, 0) !== "core" || part(to, 0) !== "core" || part(from, 1) === "testing") continue;
      const [one, other] = [home(from), home(to)];
      if (one !== other) folders.set(one, [...(folders.get(one) ?? []), other]);
    }
    expect(circleIn(folders)).toBe("");
  });

  it.each(Object.entries(OUTSIDE))("of %s reach only what they stand on", (folder, allowed) => {
    const names = fs
      .readdirSync(folder, { recursive: true, encoding: "utf8" })
      .filter((file) => /\.tsx?$/.test(file));
    const reached = names.flatMap((file) =>
      [...fs.readFileSync(path.join(folder, file), "utf8").matchAll(/from "(\.\.[^"]*|@\/[^"]*)"/g)].map(
        ([, name = ""]) => {
          const target = name.startsWith("@/") ? "src" : path.join(folder, path.dirname(file), name);
          return { file, to: target.split(path.sep)[0] ?? "" };
        },
      ),
    );
    const wrong = reached.filter(({ to }) => to !== folder && !allowed.includes(to));
    expect(wrong.filter(({ to }) => to !== "playwright.config")).toEqual([]);
    expect(reached.length).toBeGreaterThan(0);
  });

  it("nothing of the product reaches its tests, figures or commands", () => {
    const outward = [...graph.keys()].filter((file) =>
      /from "[./]*\/(e2e|bench|scripts)\//.test(fs.readFileSync(path.join(src, file), "utf8")),
    );
    expect(outward).toEqual([]);
  });

  it("stand in folders of at most fifteen files, and in files of at most three hundred lines", () => {
    const folders = new Map<string, number>();
    for (const file of fs.readdirSync(src, { recursive: true, encoding: "utf8" }))
      if (/\.tsx?$/.test(file)) folders.set(path.dirname(file), (folders.get(path.dirname(file)) ?? 0) + 1);
    expect([...folders].filter(([, count]) => count > 15)).toEqual([]);
    const long = [...graph.keys()].filter(
      (file) => fs.readFileSync(path.join(src, file), "utf8").split("\n").length > 301,
    );
    expect(long).toEqual([]);
  });
});
