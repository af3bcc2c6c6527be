// npm start: Right Sum on the tutor's own data. --restore FILE, --read-only and --set-passphrase are for when they are needed.
import path from "node:path";
import { ensureBuilt } from "./launch/build.mjs";
import { ensureInstalled } from "./launch/machine.mjs";
import { root } from "./launch/root.mjs";
import { folderNamed, serve } from "./launch/server.mjs";

await ensureInstalled();
await ensureBuilt();
const named = process.env.RIGHT_SUM_DATA;
await serve(named ? folderNamed(named) : path.join(root, "data"), "npm start", process.argv.slice(2));
