// npm test: everything that must hold, from the types to the browser. `unit` or `e2e` runs that part alone.
import fs from "node:fs";
import os from "node:os";
import path from "node:path";
import { ensureBuilt } from "./launch/build.mjs";
import { ensureChromium, ensureInstalled, runPackage } from "./launch/machine.mjs";

const part = process.argv[2];
const reports = fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-reports-"));
const total = { passed: 0, failed: 0 };

function count(passed, failed) {
  total.passed += passed;
  total.failed += failed;
}

/** A check that is not a test: counted as one that passed or failed. */
async function check(name, script, parameters) {
  const { code, printed } = await runPackage(script, parameters, { quiet: true });
  if (code !== 0) console.error(printed);
  console.log(`${code === 0 ? "✓" : "✗"} ${name}`);
  count(code === 0 ? 1 : 0, code === 0 ? 0 : 1);
}

async function unitTests() {
  const report = path.join(reports, "unit.json");
  const { code } = await runPackage("vitest/vitest.mjs", [
    "run",
    "--reporter=default",
    "--reporter=json",
    `--outputFile=${report}`,
  ]);
  const { numPassedTests = 0, numFailedTests = 0 } = readReport(report);
  count(numPassedTests, failures(numFailedTests, code));
}

async function browserTests() {
  const chromium = await ensureChromium();
  await ensureBuilt();
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

await ensureInstalled();
if (part === undefined) {
  await check("route types", "next/dist/bin/next", ["typegen"]);
  await check("types", "typescript/bin/tsc", ["--noEmit"]);
  await check("types of the core, alone", "typescript/bin/tsc", ["--noEmit", "-p", "src/core"]);
  await check("lint and format", "@biomejs/biome/bin/biome", ["check", "--error-on-warnings"]);
  await check("unused code and dependencies", "knip/bin/knip.js", []);
}
if (part !== "e2e") await unitTests();
if (part !== "unit") await browserTests();
fs.rmSync(reports, { recursive: true, force: true });
console.log(`${total.passed} passed, ${total.failed} failed`);
process.exitCode = total.failed === 0 && total.passed > 0 ? 0 : 1;
