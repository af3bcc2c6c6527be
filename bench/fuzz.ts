import fc from "fast-check";
import { choicesOf } from "@/core/house";
import { METHOD_IDS, type MethodId, workingOf } from "@/core/methods";
import { readProblem, writeProblem } from "@/core/problem";
import { wrongAnswer } from "@/core/testing/answers";
import { anyHouse, anyProblemFor } from "@/core/testing/arbitrary";
import { brokenClaims } from "@/core/testing/claims/claims";

const wanted = Number(process.argv[2] ?? 20_000);
const seed = Number(process.env.SEED ?? 2026);
const only = new Set(process.argv.slice(3));
const methods: readonly MethodId[] = METHOD_IDS.filter((id) => only.size === 0 || only.has(id));

let wrong = 0;
for (const method of methods) {
  const property = fc.property(anyProblemFor(method), anyHouse, (problem, house) => {
    const read = readProblem(writeProblem(problem, house), house);
    if (!read.ok) throw new Error(`not read: ${read.error.code}`);
    const working = workingOf(read.value, house, method);
    const faults = [wrongAnswer(working), ...brokenClaims(working)].filter((fault) => fault !== undefined);
    if (faults.length > 0) throw new Error(faults.join("; "));
  });
  const { failed, counterexample, errorInstance } = fc.check(property, { numRuns: wanted, seed });
  if (failed) wrong += 1;
  const [problem, house] = counterexample ?? [];
  const example =
    problem && house
      ? `: ${writeProblem(problem, house)} under ${JSON.stringify(choicesOf(house))}, ${errorInstance}`
      : "";
  console.log(
    `${method}: ${wanted} problems${failed ? ` FAILED${example}` : ", in value, form and every claim"}`,
  );
}
console.log(
  `${methods.length} methods from seed ${seed}: ${wrong} disagree with independent arithmetic or with themselves`,
);
process.exitCode = wrong === 0 ? 0 : 1;
