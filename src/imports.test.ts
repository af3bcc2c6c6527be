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
  "vocabulary",
  "number",
  "quantity",
  "house",
  "problem",
  "board",
  "methods",
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

  it("make no circle", () => {
    const done = new Set<string>();
    const visit = (file: string, way: readonly string[]): void => {
      if (way.includes(file))
        throw new Error(`a circle: ${[...way.slice(way.indexOf(file)), file].join(" → ")}`);
      if (done.has(file)) return;
      for (const next of graph.get(file) ?? []) visit(next, [...way, file]);
      done.add(file);
    };
    for (const file of files) visit(file, []);
    expect(done.size).toBe(files.length);
  });
});
