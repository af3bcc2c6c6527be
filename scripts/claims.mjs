// npm run claims: reads back what 2,000 workings of every method (or as many as are named) say, and works it out again.
import { ensureInstalled, runPackage } from "./launch/machine.mjs";

await ensureInstalled();
const { code } = await runPackage("tsx/dist/cli.mjs", ["bench/claims.ts", ...process.argv.slice(2)]);
process.exitCode = code;
