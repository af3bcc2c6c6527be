// npm run bench: how fast it is, as a table and in bench/results.json.
import { ensureBuilt } from "./launch/build.mjs";
import { ensureChromium, ensureInstalled, runPackage } from "./launch/machine.mjs";

await ensureInstalled();
const chromium = await ensureChromium();
await ensureBuilt();
const { code } = await runPackage("tsx/dist/cli.mjs", ["bench/main.ts"], { env: { CHROMIUM: chromium } });
process.exitCode = code;
