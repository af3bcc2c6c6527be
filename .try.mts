import { readProblem, writeProblem, writeAnswer } from "@/core/problem";
import { PRESETS } from "@/core/house";
import { workingOf, METHOD_SAMPLES, methodsFor } from "@/core/methods";
import { textBoard } from "@/render/text";
import { boardAfter, sheetsOf } from "@/core/board";
const h = PRESETS.fillersTrueValue;
const lines = process.argv.slice(2);
for (const l of lines.length ? lines : Object.values(METHOD_SAMPLES)) {
  const p = readProblem(l, h);
  if (!p.ok) { console.log(l, "→", JSON.stringify(p.error)); continue; }
  try {
    const w = workingOf(p.value, h);
    console.log(`${l}  [${p.value.kind} ${p.value.op}] ${writeProblem(p.value,h)} | ${w.method}: ${writeAnswer(w.answer, h)}  (${w.steps.length})`);
    if (lines.length) for (const s of sheetsOf(w.layout, w.steps)) { console.log(textBoard({layout: s.layout, settled: s.marks, fresh: [], focus: []}, h)); console.log("-----"); }
  } catch (e) { console.log(l, "!!", (e as Error).stack?.split("\n").slice(0,4).join("\n")); }
}
