// npm run sheets-bench: how long sheets, twins, probes and PDFs take, and how well probes name what simulated learners have; about three minutes.
import { ensureInstalled, runPackage } from "./launch/machine.mjs";

await ensureInstalled();
const { code } = await runPackage("tsx/dist/cli.mjs", ["bench/sheets.ts"]);
process.exitCode = code;
