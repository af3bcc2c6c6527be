import fs from "node:fs";
import { describe, expect, it } from "vitest";
import { PROMISES } from "./promises";

const readme = fs.readFileSync("README.md", "utf8").replaceAll("’", "'");

describe("what the README promises", () => {
  it.each(PROMISES)("stands there, and has its test: $words", ({ words, tests }) => {
    expect(readme).toContain(words);
    for (const [file, test] of tests) expect(fs.readFileSync(file, "utf8"), file).toContain(test);
  });
});
