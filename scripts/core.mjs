// npm run -s core -- …: the core on the command line.
import { ensureInstalled, runPackage } from "./launch/machine.mjs";

await ensureInstalled();
const { code } = await runPackage("tsx/dist/cli.mjs", ["src/cli/main.ts", ...process.argv.slice(2)]);
process.exitCode = code;
