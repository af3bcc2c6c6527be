// npm test: everything that must hold, from the types to the browser. `unit` or `e2e` runs that part alone;
// --whole tries every property at full length; --times writes what each part took.
import fs from "node:fs";
import os from "node:os";
import path from "node:path";
import { parseArgs } from "node:util";
import { ensureBuilt } from "./launch/build.mjs";
import { childSeconds } from "./launch/cpu.mjs";
import { chromiumPath, NO_CHROMIUM, runPackage, startInstalling } from "./launch/machine.mjs";
import { root } from "./launch/root.mjs";

const { values: options, positionals } = parseArgs({
  allowPositionals: true,
  options: { whole: { type: "boolean", default: false }, times: { type: "boolean", default: false } },
});
const [part] = positionals;
if (options.whole) process.env.RUNS = "whole";

const reports = fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-reports-"));
const FILE_TIMES = path.join(reports, "files");
const total = { passed: 0, failed: 0 };
const times = [];

function count(passed, failed) {
  total.passed += passed;
  total.failed += failed;
}

/** Does a part, and says what it took: by the clock, and of all processors together. */
async function timed(name, act) {
  const [begun, before] = [Date.now(), childSeconds()];
  await act();
  const [clock, cpu] = [(Date.now() - begun) / 1000, childSeconds() - before];
  times.push({ name, clock: Math.round(clock), cpu: Math.round(cpu) });
  console.log(`  ${name}: ${Math.round(clock)} s, ${Math.round(cpu)} s of CPU`);
}

/** A check that is not a test: counted as one that passed or failed. */
async function check(name, script, parameters) {
  const { code, printed } = await runPackage(script, parameters, { quiet: true });
  if (code !== 0) console.error(printed);
  console.log(`${code === 0 ? "✓" : "✗"} ${name}`);
  count(code === 0 ? 1 : 0, code === 0 ? 0 : 1);
}

async function types() {
  await check("route types", "next/dist/bin/next", ["typegen"]);
  const checker = "typescript-checker/bin/tsc";
  await check("types", checker, ["--noEmit", "--singleThreaded"]);
  await check("types of the core, alone", checker, ["--noEmit", "--singleThreaded", "-p", "src/core"]);
}

async function lint() {
  await check("lint and format", "@biomejs/biome/bin/biome", ["check", "--error-on-warnings"]);
  await check("unused code and dependencies", "knip/bin/knip.js", []);
}

async function unitTests() {
  const report = path.join(reports, "unit.json");
  const { code } = await runPackage(
    "vitest/vitest.mjs",
    ["run", "--reporter=default", "--reporter=json", `--outputFile=${report}`],
    { env: options.times ? { TEST_TIMES: FILE_TIMES } : {} },
  );
  const { numPassedTests = 0, numFailedTests = 0 } = readReport(report);
  count(numPassedTests, failures(numFailedTests, code));
}

async function browserTests(chromium) {
  const report = path.join(reports, "e2e.json");
  const { code } = await runPackage("@playwright/test/cli.js", ["test", "--reporter=line,json"], {
    env: { PLAYWRIGHT_JSON_OUTPUT_NAME: report, CHROMIUM: chromium },
  });
  const { expected = 0, unexpected = 0, flaky = 0 } = readReport(report).stats ?? {};
  count(expected, failures(unexpected + flaky, code));
}

const readReport = (file) => (fs.existsSync(file) ? JSON.parse(fs.readFileSync(file, "utf8")) : {});

/** A runner that failed without a failed test to show for it counts as one. */
const failures = (failed, code) => (failed === 0 && code !== 0 ? 1 : failed);

/** What was measured, for `npm run docs:measured`: the parts, and the files that took longest. */
function writeTimes() {
  const files = fs
    .readFileSync(FILE_TIMES, "utf8")
    .trim()
    .split("\n")
    .map((line) => JSON.parse(line))
    .sort((one, other) => other.seconds - one.seconds)
    .slice(0, 20)
    .map(({ file, seconds }) => ({ file, seconds: Math.round(seconds * 10) / 10 }));
  const folder = path.join(root, "bench/measured");
  fs.mkdirSync(folder, { recursive: true });
  fs.writeFileSync(path.join(folder, "tests.json"), `${JSON.stringify({ parts: times, files }, null, 2)}\n`);
}

// What needs no database runs while that is compiled.
const { unpacked, compiled } = startInstalling();
await timed("packages", () => unpacked);
if (part === undefined) {
  await timed("types", types);
  await timed("lint", lint);
}
if (part !== "unit") await timed("build", ensureBuilt);
await timed("database", () => compiled);
if (part !== "e2e") await timed("unit tests", unitTests);
if (part !== "unit") {
  const chromium = await chromiumPath();
  if (chromium === undefined) {
    console.error(NO_CHROMIUM);
    count(0, 1);
  } else await timed("browser tests", () => browserTests(chromium));
}
if (options.times && part === undefined) writeTimes();
fs.rmSync(reports, { recursive: true, force: true });
console.log(`${total.passed} passed, ${total.failed} failed`);
process.exitCode = total.failed === 0 && total.passed > 0 ? 0 : 1;
