// npm run sheets-bench: how long sheets, twins, probes and PDFs take, and how well probes and stories name what simulated learners have, how the shop is dragged; about three minutes.
import { ensureBuilt } from "./launch/build.mjs";
import { ensureInstalled, runPackage } from "./launch/machine.mjs";

await ensureInstalled();
await ensureBuilt();
const { code } = await runPackage("tsx/dist/cli.mjs", ["bench/sheets.ts"]);
process.exitCode = code;
