import { type HouseChoices, type HouseRules, SWITCH_NAMES, type SwitchName } from "@/core/house";
import { workingOf } from "@/core/methods";
import { joinerOf, readProblem, writeAnswer, writeProblem } from "@/core/problem";
import { plain, SWITCH_WORDS, stepWords } from "@/core/wording";
import { pageFor } from "@/render/board";
import { smallBoard } from "@/render/svg";
import { houseGiven } from "@/service/requests/marking/marking";
import { SAMPLES, sampleNotation, sampleProblem } from "@/service/requests/switchSamples";
import type { SwitchSamples, SwitchSampleView } from "@/service/views/house";

/** Free squares around what is written. */
const FREE = { across: 1, above: 1, below: 1 };

/** What each switch changes, under the rules as they stand. */
export function switchSamples({ house: choices }: { readonly house: HouseChoices }): SwitchSamples {
  const house = houseGiven(choices);
  return Object.fromEntries(SWITCH_NAMES.map((name) => [name, sampleOf(name, house)]));
}

function sampleOf(name: SwitchName, house: HouseRules): SwitchSampleView {
  const sample = SAMPLES[name];
  if (sample.kind === "told") return { kind: "words", text: sample.told[house[name]] ?? "" };
  if (sample.kind === "picture") return { kind: "picture" };
  const problem = readProblem(sampleProblem(sample, house), sampleNotation(house));
  if (!problem.ok) throw new Error(`sampleOf: the sample of ${name} does not read`);
  const working = workingOf(problem.value, house, "method" in sample ? sample.method : undefined);
  const { layout, steps, answer } = working;
  const line = writeProblem(working.problem, house);
  switch (sample.kind) {
    case "line":
      return { kind: "line", text: `${line}${joinerOf(answer)}${writeAnswer(answer, house)}` };
    case "say": {
      const said = steps.find(({ reason }) => reason.kind === sample.reason);
      return { kind: "words", text: said ? `“${plain(stepWords(said.reason, house).say)}”` : "" };
    }
    case "board": {
      const last = steps.findIndex(({ reason }) => reason.kind === sample.until);
      const shown = last < 0 ? steps.length : last + 1;
      const page = pageFor(layout, steps, shown, { columns: 8, rows: 0 }, FREE);
      const label = `Sample: ${line}. ${SWITCH_WORDS[name].label}.`;
      return { kind: "board", svg: smallBoard(layout, steps, shown, page, house, label) };
    }
  }
}
