import { ATTACKS } from "../e2e/attack/all";
import type { Tally } from "../e2e/attack/tally";
import { writeMeasured } from "./measured";

// npm run attack: what an outsider would try on a server, counted. A part is named, or all are run.
const [only] = process.argv.slice(2);
const seed = Number(process.env.SEED ?? 2026);
const all: Tally[] = [];
for (const [name, attack] of Object.entries(ATTACKS)) {
  if (only !== undefined && only !== name) continue;
  all.push(...(await attack(1, seed)));
}
for (const { part, fellShort, slow } of all) {
  for (const line of fellShort.slice(0, 12)) console.log(`${part}: ${line}`);
  for (const line of slow.slice(0, 5)) console.log(`${part}, slow: ${line}`);
}
const counted = all.map(({ part, tried, fellShort, slow }) => ({
  part,
  tried,
  fellShort: fellShort.length,
  slow: slow.length,
}));
console.table(counted);
if (only === undefined) writeMeasured("attack", counted);
process.exitCode = all.some(({ fellShort }) => fellShort.length > 0) ? 1 : 0;
