// npm run pen-keys: how many keys a stroke of the pen costs on the learner's board.
import { ensureInstalled, runPackage } from "./launch/machine.mjs";

await ensureInstalled();
const { code } = await runPackage("tsx/dist/cli.mjs", ["bench/penKeys.ts", ...process.argv.slice(2)]);
process.exitCode = code;
