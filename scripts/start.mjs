// npm start: Right Sum on the tutor's own data.
import path from "node:path";
import { ensureBuilt } from "./launch/build.mjs";
import { ensureInstalled, root } from "./launch/machine.mjs";
import { serve } from "./launch/server.mjs";

await ensureInstalled();
await ensureBuilt();
await serve(path.resolve(root, process.env.RIGHT_SUM_DATA || "data"), "npm start");
