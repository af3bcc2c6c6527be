// What Right Sum takes of a machine's memory: while ten clients use it for ten minutes, and while all of ten years goes out and comes in again.
import fs from "node:fs";
import path from "node:path";
import { API_ROUTES } from "@/service/apiRoutes";
import { freshFolder, startServer } from "../e2e/server";
import { measureLoad, memoryOf } from "./load";
import { writeMeasured } from "./measured";
import { makeRecords, TEN_YEARS } from "./records";

const CLIENTS = 10;
const MINUTES = 10;
const THINK = 1000;
/** How often memory is looked at, in milliseconds. */
const LOOK = 100;

/** What one act on everything takes. */
interface Taken {
  readonly seconds: number;
  readonly megabytesBefore: number;
  readonly megabytesAtMost: number;
}

async function takenBy(pid: number, act: () => Promise<unknown>): Promise<Taken> {
  const megabytesBefore = memoryOf(pid);
  let megabytesAtMost = megabytesBefore;
  const looking = setInterval(() => {
    megabytesAtMost = Math.max(megabytesAtMost, memoryOf(pid));
  }, LOOK);
  const from = performance.now();
  await act();
  const seconds = Math.round((performance.now() - from) / 100) / 10;
  clearInterval(looking);
  return { seconds, megabytesBefore, megabytesAtMost };
}

/** Everything goes out and comes in again. */
async function measureOutAndIn() {
  const folder = freshFolder();
  makeRecords(folder).$client.close();
  const server = await startServer(folder);
  const file = path.join(folder, "out.json");
  const out = await takenBy(server.pid(), async () => {
    const answer = await fetch(server.url + API_ROUTES.exportFile);
    const to = fs.createWriteStream(file);
    for await (const part of answer.body ?? []) to.write(part);
    await new Promise((resolve) => to.end(resolve));
  });
  const megabytes = Math.round(fs.statSync(file).size / 1e6);
  const document = fs.readFileSync(file);
  const back = await takenBy(server.pid(), async () => {
    const answer = await fetch(server.url + API_ROUTES.importFile, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: document,
    });
    if (!answer.ok) throw new Error(`The export was not imported: ${await answer.text()}`);
  });
  await server.remove();
  return { answers: TEN_YEARS.sheets * TEN_YEARS.rows * TEN_YEARS.onEach, megabytes, out, back };
}

const outAndIn = await measureOutAndIn();
console.log("Everything out, and in again");
console.table(outAndIn);
console.log(`${CLIENTS} clients for ${MINUTES} minutes`);
const load = await measureLoad(CLIENTS, MINUTES * 60, THINK);
console.table(load);
writeMeasured("memory", { clients: CLIENTS, minutes: MINUTES, load, outAndIn });
