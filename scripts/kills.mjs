// npm run kills: a server killed 200 times (or as often as is named) at random moments, and what was kept looked at.
import { ensureBuilt } from "./launch/build.mjs";
import { ensureInstalled, runPackage } from "./launch/machine.mjs";

await ensureInstalled();
await ensureBuilt();
const { code } = await runPackage("tsx/dist/cli.mjs", ["bench/kills.ts", ...process.argv.slice(2)]);
process.exitCode = code;
