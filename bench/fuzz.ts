import fc from "fast-check";
import { choicesOf, PRESETS } from "@/core/house";
import { METHOD_IDS, type MethodId, workingOf } from "@/core/methods";
import { readProblem, writeProblem } from "@/core/problem";
import { drawStory, STORY_KINDS } from "@/core/stories";
import { wrongAnswer } from "@/core/testing/answers";
import { anyHouse, anyProblemFor } from "@/core/testing/arbitrary";
import { brokenClaims } from "@/core/testing/claims/brokenClaims";
import { WORKSHOP } from "@/core/wording";

/** A story for so many problems of a method. */
const STORIES_FOR = 20;

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
// The chains of stories, of each kind as many.
for (const { id } of only.size === 0 ? STORY_KINDS : []) {
  const broken: string[] = [];
  for (let nth = 0; nth < wanted / STORIES_FOR; nth++) {
    const drawn = drawStory(id, WORKSHOP, PRESETS.fillersTrueValue, seed + nth);
    if (!drawn.ok) continue;
    const faults = [wrongAnswer(drawn.value.working), ...brokenClaims(drawn.value.working)];
    if (faults.some((fault) => fault !== undefined)) broken.push(`seed ${seed + nth}: ${faults.join("; ")}`);
  }
  if (broken.length > 0) wrong += 1;
  console.log(`${id}: ${broken[0] ?? "every chain in value, form and every claim"}`);
}
console.log(
  `${methods.length} methods from seed ${seed}: ${wrong} disagree with independent arithmetic or with themselves`,
);
process.exitCode = wrong === 0 ? 0 : 1;
