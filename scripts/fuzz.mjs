// npm run fuzz: 20,000 random problems for every method (or as many as are named) against an independent library.
import { ensureInstalled, runPackage } from "./launch/machine.mjs";

await ensureInstalled();
const { code } = await runPackage("tsx/dist/cli.mjs", ["bench/fuzz.ts", ...process.argv.slice(2)]);
process.exitCode = code;
