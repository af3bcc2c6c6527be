// npm run bench: how fast it is, as a table and in bench/results.json.
import { bundleBench, ensureBuilt } from "./launch/build.mjs";
import { ensureChromium, ensureInstalled } from "./launch/machine.mjs";

await ensureInstalled();
const chromium = await ensureChromium();
await ensureBuilt();
process.env.CHROMIUM = chromium;
await import(await bundleBench());
