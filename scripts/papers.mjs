// npm run papers: how papers are read that were written as people write them, 400 of every kind or as many as are named.
import { ensureInstalled, runPackage } from "./launch/machine.mjs";

await ensureInstalled();
const { code } = await runPackage("tsx/dist/cli.mjs", ["bench/papers.ts", ...process.argv.slice(2)]);
process.exitCode = code;
