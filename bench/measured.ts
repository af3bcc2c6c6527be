import fs from "node:fs";

/**
 * Writes what was measured beside the figures that the docs tell: these stay as they are, and the tests with
 * them, until `npm run docs:measured` takes over what was measured last.
 */
export function writeMeasured(
  name: "results" | "attack" | "hands" | "memory" | "papers" | "patterns" | "pen-keys" | "sheets",
  value: unknown,
): void {
  fs.mkdirSync("bench/measured", { recursive: true });
  fs.writeFileSync(`bench/measured/${name}.json`, `${JSON.stringify(value, null, 2)}\n`);
}
