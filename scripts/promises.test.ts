import fs from "node:fs";
import { describe, expect, it } from "vitest";
import { LONG_PROPERTIES } from "@/core/testing/runs";
import { PROMISES } from "./promises";

const readme = fs.readFileSync("README.md", "utf8").replaceAll("’", "'");

describe("what the README promises", () => {
  it.each(PROMISES)("stands there, and has its test: $words", ({ words, tests }) => {
    expect(readme).toContain(words);
    for (const [file, test] of tests) expect(fs.readFileSync(file, "utf8"), file).toContain(test);
  });
});

describe("a property that is tried more often by a script", () => {
  it.each(Object.values(LONG_PROPERTIES))("is in its file: $test", ({ file, test }) => {
    expect(fs.readFileSync(file, "utf8")).toContain(test);
  });
});
