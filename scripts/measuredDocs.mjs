// npm run docs:measured: what the benches and the timed tests measured last becomes what the docs tell, and the docs are written anew.
import fs from "node:fs";
import path from "node:path";
import { ensureInstalled, runPackage, stop } from "./launch/machine.mjs";
import { root } from "./launch/root.mjs";

await ensureInstalled();
const measured = path.join(root, "bench/measured");
const files = fs.existsSync(measured)
  ? fs.readdirSync(measured).filter((name) => name.endsWith(".json"))
  : [];
if (files.length === 0) stop("Nothing was measured yet: npm run bench and npm run test:times measure.");
for (const name of files) fs.copyFileSync(path.join(measured, name), path.join(root, "bench", name));
const { code } = await runPackage("tsx/dist/cli.mjs", ["scripts/docs.ts"]);
process.exitCode = code;
