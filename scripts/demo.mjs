// npm run demo: Right Sum on made-up data of its own; --reset makes the data anew.
import fs from "node:fs";
import path from "node:path";
import { ensureBuilt } from "./launch/build.mjs";
import { ensureInstalled, root, runPackage, stop } from "./launch/machine.mjs";
import { serve } from "./launch/server.mjs";

const folder = path.join(root, "demo-data");
const database = path.join(folder, "right-sum.sqlite");

await ensureInstalled();
await ensureBuilt();
if (process.argv.includes("--reset")) fs.rmSync(folder, { recursive: true, force: true });
if (!fs.existsSync(database)) {
  const { code, printed } = await runPackage("tsx/dist/cli.mjs", ["src/demo/make.ts", folder], {
    quiet: true,
  });
  if (code !== 0) {
    fs.rmSync(folder, { recursive: true, force: true });
    console.error(printed);
    stop("The demo data could not be made: see above.");
  }
}
await serve(folder, "npm run demo");
