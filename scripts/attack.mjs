// npm run attack: everything that an outsider would try on a server, on this machine alone and on data of its own.
import { ensureBuilt } from "./launch/build.mjs";
import { ensureInstalled, runPackage } from "./launch/machine.mjs";

await ensureInstalled();
await ensureBuilt();
const { code } = await runPackage("tsx/dist/cli.mjs", ["bench/attack.ts", ...process.argv.slice(2)]);
process.exitCode = code;
