import fs from "node:fs";
import { startServer } from "../e2e/server";
import { measureBoardKeys, measureFirstLoads, measureServer } from "./browser";
import { type Explaining, measureExplaining } from "./explaining";
import { measureWorkings } from "./workings";

/** Every figure of the bench, as it is written to bench/results.json. */
interface Results {
  readonly explaining: Explaining;
  readonly workings: Awaited<ReturnType<typeof measureWorkings>>;
  readonly server: Awaited<ReturnType<typeof measureServer>>;
  readonly keyToPaint: Awaited<ReturnType<typeof measureBoardKeys>>;
  readonly firstLoad: Awaited<ReturnType<typeof measureFirstLoads>>;
}

const server = await startServer();
const results: Results = {
  explaining: measureExplaining(),
  workings: await measureWorkings(),
  server: await measureServer(server.url),
  keyToPaint: await measureBoardKeys(server.url),
  firstLoad: await measureFirstLoads(server.url),
};
await server.remove();

console.log("Workings a second, beside the bare arithmetic of fraction.js on the same operands");
console.table(results.workings);
console.log("Explaining one answer, all slips and pairs (ms), beside one working");
console.table(results.explaining.skills);
console.table(results.explaining.growth);
console.table([results.explaining.sheet, results.explaining.mark]);
console.log("Server time of a page (ms)");
console.table(results.server);
console.log("Key to painted step on the Board (ms)");
console.table([results.keyToPaint]);
console.log("First-load JavaScript, compressed (kB)");
console.table(results.firstLoad);

fs.writeFileSync("bench/results.json", `${JSON.stringify(results, null, 2)}\n`);
