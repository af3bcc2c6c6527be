// npm run memory: what it takes of the memory of a machine, in ten minutes and with all of ten years out and in again.
import { ensureBuilt } from "./launch/build.mjs";
import { ensureInstalled, runPackage } from "./launch/machine.mjs";

await ensureInstalled();
await ensureBuilt();
const { code } = await runPackage("tsx/dist/cli.mjs", ["bench/memory.ts"]);
process.exitCode = code;
