import { startServer } from "../e2e/server";
import { measureBoardKeys, measureFirstLoads, measureGoing, measureServer } from "./browser";
import { measureEnding } from "./ending";
import { type Explaining, measureExplaining } from "./explaining";
import { measureLargeSheet } from "./largeSheet";
import { measureLoad } from "./load";
import { writeMeasured } from "./measured";
import { measureReading } from "./reading";
import { measureWorkings } from "./workings";

/** Every figure of the bench, as it is written to bench/measured. */
interface Results {
  readonly explaining: Explaining;
  readonly workings: Awaited<ReturnType<typeof measureWorkings>>;
  readonly server: Awaited<ReturnType<typeof measureServer>>;
  readonly keyToPaint: Awaited<ReturnType<typeof measureBoardKeys>>;
  readonly going: Awaited<ReturnType<typeof measureGoing>>;
  readonly firstLoad: Awaited<ReturnType<typeof measureFirstLoads>>;
  readonly reading: ReturnType<typeof measureReading>;
  readonly largeSheet: Awaited<ReturnType<typeof measureLargeSheet>>;
  readonly ending: Awaited<ReturnType<typeof measureEnding>>;
  readonly load: Awaited<ReturnType<typeof measureLoad>>;
}

const server = await startServer();
const clients = 20;
const seconds = 60;
/** How long a client looks at what it got before it asks again, on average. */
const think = 1000;
const application = {
  explaining: measureExplaining(),
  workings: await measureWorkings(),
  server: await measureServer(server.url),
  keyToPaint: await measureBoardKeys(server.url),
  going: await measureGoing(server.url),
  firstLoad: await measureFirstLoads(server.url),
};
await server.remove();
const results: Results = {
  ...application,
  reading: measureReading(),
  largeSheet: await measureLargeSheet(),
  ending: await measureEnding(),
  load: await measureLoad(clients, seconds, think),
};

console.log("Workings a second, beside the bare arithmetic of fraction.js on the same operands");
console.table(results.workings);
console.log("Explaining one answer, all patterns and pairs (ms), beside one working");
console.table(results.explaining.skills);
console.table(results.explaining.growth);
console.table([results.explaining.sheet]);
console.log("Looking at a learner's paper after a mark (ms)");
console.table(results.explaining.papers);
console.log("Server time of a page (ms)");
console.table(results.server);
console.log("Key to painted step on the Board (ms)");
console.table([results.keyToPaint]);
console.log("Opening a kept board from Today, and going back (ms)");
console.table(results.going);
console.log("First-load JavaScript, compressed (kB)");
console.table(results.firstLoad);
console.log("Reading lines of 2,000 characters made to hold a reader up (ms)");
console.table(results.reading.lines);
console.table(results.reading.hangs);
console.log("A sheet of 200 problems and 60 learners (ms)");
console.table(results.largeSheet);
console.log("Starting a server, and ending it while it works (ms)");
console.table(results.ending);
console.log(`${clients} clients for ${seconds} s, ten years of records`);
console.table(results.load);

writeMeasured("results", results);
