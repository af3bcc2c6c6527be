import fc from "fast-check";
import { PRESETS } from "@/core/house";
import { METHOD_IDS } from "@/core/methods";
import { anyProblemFor } from "@/core/testing/arbitrary";
import { claimsOfWorking } from "@/core/testing/said/claimsOfWorking";

const wanted = Number(process.argv[2] ?? 2000);
const seed = Number(process.env.SEED ?? 2026);
const only = new Set(process.argv.slice(3));
const presets = Object.values(PRESETS);

const total = { workings: 0, lines: 0, read: 0, faults: 0 };
for (const method of METHOD_IDS.filter((id) => only.size === 0 || only.has(id))) {
  const problems = fc.sample(anyProblemFor(method), { numRuns: wanted, seed });
  const faults = new Set<string>();
  let [lines, read] = [0, 0];
  for (const [index, problem] of problems.entries()) {
    const house = presets[index % presets.length];
    if (house === undefined) continue;
    const claims = claimsOfWorking(problem, house, method);
    lines += claims.lines;
    read += claims.read;
    for (const fault of claims.faults) faults.add(fault);
  }
  console.log(
    `${method}: ${problems.length} workings, ${lines} lines, ${read} claims, ${faults.size} faults`,
  );
  for (const fault of [...faults].slice(0, 5)) console.log(`  ${fault}`);
  total.workings += problems.length;
  total.lines += lines;
  total.read += read;
  total.faults += faults.size;
}
console.log(
  `${total.workings} workings: ${total.lines} lines read, ${total.read} claims worked out again, ${total.faults} faults`,
);
process.exitCode = total.faults === 0 ? 0 : 1;
