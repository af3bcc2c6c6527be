// npm run demo: Right Sum on made-up data of its own; --reset makes the data anew.
import fs from "node:fs";
import path from "node:path";
import { ensureBuilt } from "./launch/build.mjs";
import { ensureInstalled, runPackage, stop } from "./launch/machine.mjs";
import { root } from "./launch/root.mjs";
import { serve } from "./launch/server.mjs";
import { inTurn } from "./launch/turn.mjs";

const folder = path.join(root, "demo-data");
const database = path.join(folder, "right-sum.sqlite");

await ensureInstalled();
await ensureBuilt();
await inTurn("demo", async () => {
  if (process.argv.includes("--reset")) {
    if (await isInUse()) stop("The demo is running. End it first, then reset its data.");
    fs.rmSync(folder, { recursive: true, force: true });
  }
  if (fs.existsSync(database)) return;
  // Made in another folder and put in place whole, so that nobody finds half of it.
  const half = `${folder}.half`;
  fs.rmSync(half, { recursive: true, force: true });
  const { code, printed } = await runPackage("tsx/dist/cli.mjs", ["src/demo/make.ts", half], { quiet: true });
  if (code !== 0) {
    fs.rmSync(half, { recursive: true, force: true });
    console.error(printed);
    stop("The demo data could not be made: see above.");
  }
  fs.mkdirSync(folder, { recursive: true });
  for (const name of fs.readdirSync(half)) fs.renameSync(path.join(half, name), path.join(folder, name));
  fs.rmSync(half, { recursive: true, force: true });
});
await serve(folder, "npm run demo");

/** Whether a server holds the demo's data. */
async function isInUse() {
  const lock = path.join(folder, ".right-sum-lock");
  if (!fs.existsSync(lock)) return false;
  const { default: Database } = await import("better-sqlite3");
  const file = new Database(lock, { timeout: 0 });
  try {
    file.exec("BEGIN EXCLUSIVE");
    return false;
  } catch {
    return true;
  } finally {
    file.close();
  }
}
