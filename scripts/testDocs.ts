import fs from "node:fs";
import { LONG_PROPERTIES, type LongPropertyName, runsInTest } from "@/core/testing/runs";
import tests from "../bench/tests.json" with { type: "json" };
import { COMMANDS } from "./commands";
import { code, table } from "./markdown";
import { PROMISES } from "./promises";

/** The parts of docs/testing.md that list what the tests hold and cost. */
export const TEST_PARTS: Readonly<Record<string, () => string>> = {
  "test parts": () =>
    table(
      ["Part", "Seconds", "Seconds of CPU"],
      tests.parts.map(({ name, clock, cpu }) => [name, clock, cpu]),
    ),
  "test files": () =>
    table(
      ["File", "Seconds of CPU"],
      tests.files.map(({ file, seconds }) => [code(file), seconds]),
    ),
  "long properties": () =>
    table(
      ["Row", "Test", "Counted", "In `npm test`", "In `npm run test:whole`"],
      (Object.keys(LONG_PROPERTIES) as LongPropertyName[]).map((name) => {
        const { file, test, of, whole } = LONG_PROPERTIES[name];
        return [code(name), `${readable(test)} (${code(file)})`, of, runsInTest(name), whole];
      }),
    ),
  scripts: () =>
    table(
      ["Command", "What it tries", "What `npm test` has of it"],
      COMMANDS.flatMap(({ run, does, inTest }) =>
        inTest === undefined ? [] : [[code(run), does.replaceAll("](docs/", "]("), inTest]],
      ),
    ),
  promises: () =>
    table(
      ["Promise", "Held by"],
      PROMISES.map(({ words, tests: held }) => [
        words,
        held.map(([file, test]) => `${code(file)}: ${nameOf(file, test)}`).join("<br>"),
      ]),
    ),
};

/** The whole name of a test, as its file has it, without what stands in for its cases. */
function nameOf(file: string, beginning: string): string {
  const text = fs.readFileSync(file, "utf8");
  const at = text.indexOf(beginning);
  const ends = text.slice(at).search(/["`]/);
  return readable(text.slice(at, at + ends));
}

/** The name of a test with dots for its cases, as a cell of a table. */
const readable = (name: string): string => name.replace(/%s|\$\w+(?:\.\w+)*/g, "…").replaceAll("|", "\\|");
