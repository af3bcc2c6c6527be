// npm run dev: the application as it is being written, for developers; on this machine alone.
import { bundle } from "./launch/build.mjs";
import { ensureInstalled, runPackage } from "./launch/machine.mjs";

await ensureInstalled();
await bundle();
const { code } = await runPackage("next/dist/bin/next", ["dev", "-H", "127.0.0.1"]);
process.exitCode = code;
