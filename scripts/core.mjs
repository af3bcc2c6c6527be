// npm run -s core -- …: the core on the command line.
import { ensureCore } from "./launch/build.mjs";
import { ensureInstalled } from "./launch/machine.mjs";

await ensureInstalled();
await import(await ensureCore());
