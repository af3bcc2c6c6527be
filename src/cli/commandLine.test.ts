import { spawnSync } from "node:child_process";
import fs from "node:fs";
import os from "node:os";
import path from "node:path";
import { describe, expect, it } from "vitest";
import { commandLine } from "./commandLine";

/** Runs a command, and gives its exit code and what it printed. */
async function core(parameters: readonly string[], input = "") {
  const [out, err]: [string[], string[]] = [[], []];
  const status = await commandLine(parameters, {
    print: (text) => out.push(`${text}\n`),
    complain: (text) => err.push(`${text}\n`),
    async *lines() {
      yield* input === "" ? [] : input.replace(/\n$/, "").split("\n");
    },
  });
  return { status, stdout: out.join(""), stderr: err.join("") };
}

const printed = async (parameters: readonly string[]): Promise<string> => (await core(parameters)).stdout;

/** What a command prints as a line of JSON each. */
const printedJson = async (parameters: readonly string[]) =>
  (await printed(parameters))
    .trim()
    .split("\n")
    .map((line) => JSON.parse(line));

describe("the command line", () => {
  it("prints a board as text, with the answer and its name", async () => {
    expect(await core(["work", "386 + 247"])).toMatchObject({
      status: 0,
      stdout: `386 + 247

    1  1
    3  8  6
 +  2  4  7
─────────────
    6  3  3
═════════════

633: six hundred thirty-three
`,
    });
  });

  it("prints all of a working as JSON, under the house rules asked for", async () => {
    const { status, stdout } = await core([
      "work",
      "5,5 - 2",
      "--house",
      "commaBelow,narration=placeValue",
      "--json",
    ]);
    expect(status).toBe(0);
    expect(JSON.parse(stdout)).toMatchObject({
      method: "making-up",
      house: { preset: "commaBelow", narration: "placeValue" },
      answer: { written: "3,5", value: "7/2" },
    });
  });

  it("puts a caret under the place where reading stopped", async () => {
    const { status, stdout, stderr } = await core(["work", "5 + 4..2"]);
    expect(status).toBe(1);
    expect(stdout).toBe("");
    expect(stderr).toContain(`5 + 4..2
      ^
This number has a second point. A number has one at most, as in 4.2.
`);
  });

  it("answers a line for each line it is given, whatever is wrong with some of them", async () => {
    const { status, stdout } = await core(["work", "--lines"], "40.3 + 7.865 + 12\n4..2\n\n2.5-5\n");
    expect(status).toBe(0);
    const lines = stdout.trimEnd().split("\n");
    expect(lines.map((line) => JSON.parse(line))).toEqual([
      {
        problem: "40.3 + 7.865 + 12",
        method: "column-addition",
        answer: "60.165",
        value: "12033/200",
        unit: null,
      },
      { problem: "4..2", error: { code: "secondPoint", message: expect.any(String), at: 2 } },
      { problem: "", error: { code: "empty", message: expect.any(String), at: 0 } },
      {
        problem: "2.5-5",
        method: "subtraction-by-decomposition",
        answer: "−2.5",
        value: "-5/2",
        unit: null,
      },
    ]);
  });

  it("lists the methods that take a problem, then the others with the reason", async () => {
    const { status, stdout } = await core(["methods", "7.2 / 0.08"]);
    expect(status).toBe(0);
    expect(stdout.split("\n").slice(0, 4)).toEqual([
      "long-division",
      "short-division",
      "partial-quotients",
      "column-addition: Column addition only adds.",
    ]);
    expect(stdout).toContain("shift: Shift by tens needs a one with zeros");
    const json = await core(["methods", "2.4 * 1.5 * 3", "--json"]);
    expect(JSON.parse(json.stdout).methods.filter(({ takes }: { takes: boolean }) => takes)).toEqual([
      { method: "column-multiplication", name: "Column multiplication", takes: true, reason: null },
    ]);
    expect(await core(["methods", "5 ÷ 0"])).toMatchObject({
      status: 1,
      stderr: expect.stringContaining("divided by zero"),
    });
  });

  it("draws twins, the same ones for the same seed", async () => {
    const twins = ["twin", "53.2 - 17.8", "--count", "3", "--seed", "7"];
    const { status, stdout } = await core(twins);
    expect(status).toBe(0);
    expect(stdout.trim().split("\n")).toHaveLength(3);
    expect(stdout).toMatch(/^(\d\d\.\d − \d\d\.\d\n){3}$/);
    expect(await printed(twins)).toBe(stdout);
    expect(await core(["twin", "1 + 1"])).toMatchObject({ status: 1 });
    expect(await core(["twin", "5 + 4", "--count", "x"])).toMatchObject({ status: 2 });
  });

  it("lists the ladder, and draws sheets by the line, with features, or as a whole", async () => {
    const skills = await printedJson(["skills"]);
    expect(skills.length).toBeGreaterThan(70);
    expect(skills.find(({ id }) => id === "subtract-across-zeros")).toMatchObject({
      needs: ["subtract-several-exchanges"],
      patterns: expect.arrayContaining(["sub-zero-to-nine-stop"]),
    });
    const sheet = ["sheet", "subtract-across-zeros", "--count", "5", "--seed", "7"];
    expect(await printed(sheet)).toMatch(/^(\d+ − \d+\t\d+\n){5}$/);
    const lines = await printedJson([...sheet, "--lines"]);
    expect(lines).toHaveLength(5);
    expect(lines.every(({ features }) => features.acrossZeros)).toBe(true);
    expect(await core(["sheet", "nonsense"])).toMatchObject({ status: 1 });
    // A probe takes a strand by its id, or as the list of skills names it.
    const probe = await printed(["probe", "units", "--count", "3", "--json"]);
    expect(JSON.parse(probe).problems).toHaveLength(3);
    expect(await printed(["probe", "Units", "--count", "3", "--json"])).toBe(probe);
    expect(await core(["probe", "nonsense"])).toMatchObject({ status: 1 });
    const file = path.join(os.tmpdir(), `right-sum-${process.pid}.pdf`);
    expect(await core([...sheet, "--pdf", file, "--print", "paper=letter,key=workings"])).toMatchObject({
      status: 0,
    });
    expect(fs.readFileSync(file).subarray(0, 5).toString()).toBe("%PDF-");
    fs.rmSync(file);
    expect(await core([...sheet, "--pdf", file, "--print", "paper=a5"])).toMatchObject({ status: 2 });
    const story = await printedJson([
      "story",
      "change-from-a-note",
      "--seed",
      "3",
      "--lines",
      "--count",
      "4",
    ]);
    expect(story.map(({ unit }) => unit)).toEqual(["USD", "USD", "USD", "USD"]);
  });

  it("explains answers one by one and by the line, also where a line begins with a minus", async () => {
    const one = await core(["explain", "12.03 - 4.578", "12.548"]);
    expect(one).toMatchObject({ status: 0, stdout: expect.stringContaining("sub-column-gap") });
    expect(await core(["explain", "-3 - 5", "-8"])).toMatchObject({ status: 0, stdout: "right\n" });
    expect((await core(["work", "-3..2"])).stderr).toContain("-3..2\n   ^\n");

    const { status, stdout } = await core(
      ["explain", "--lines"],
      "12.03 - 4.578\t12.548\n1/2 + 1/4\t6/8\n-3 - 5\t-8\n4521.7 + 386.94\t9999.9\n",
    );
    expect(status).toBe(0);
    const [wrong, form, right, wild] = stdout
      .trimEnd()
      .split("\n")
      .map((line) => JSON.parse(line));
    expect(wrong).toMatchObject({ problem: "12.03 - 4.578", given: "12.548", verdict: "wrong" });
    expect(wrong.explanations[0].patterns).toEqual(["sub-column-gap"]);
    expect(form).toMatchObject({ verdict: "form", explanations: [] });
    expect(right).toMatchObject({ problem: "-3 - 5", verdict: "right", explanations: [] });
    expect(wild).toMatchObject({ verdict: "wrong", explanations: [] });
  });

  it.each([[[]], [["work"]], [["dance", "1 + 2"]], [["work", "1 + 2", "3"]], [["work", "1 + 2", "--loud"]]])(
    "shows how it is used where %o is not it",
    async (parameters) => {
      const { status, stderr } = await core(parameters);
      expect(status).toBe(2);
      expect(stderr).toContain("npm run -s core -- work");
    },
  );

  it("is a program, which reads its lines from its input, and ends quietly where nobody reads on", () => {
    const program = [process.execPath, "scripts/core.mjs"].join(" ");
    const asked = spawnSync("sh", ["-c", `printf '1 + 2\\n' | ${program} work --lines`], {
      encoding: "utf8",
    });
    expect([asked.stderr, JSON.parse(asked.stdout).answer]).toEqual(["", "3"]);
    const cut = spawnSync("sh", ["-c", `${program} stories | head -n 1`], { encoding: "utf8" });
    expect(cut.stderr).toBe("");
    expect(cut.stdout.split("\n")).toHaveLength(2);
    const full = spawnSync("sh", ["-c", `${program} stories > /dev/full`], { encoding: "utf8" });
    expect([full.status, full.stderr]).toEqual([
      1,
      expect.stringMatching(/^What was asked for could not be written: .*\.\n$/),
    ]);
  });
});
