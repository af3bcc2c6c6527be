import { describe, expect, it } from "vitest";
import { type HouseRules, PRESETS, SWITCH_NAMES, SWITCHES, type SwitchName } from "@/core/house";
import { workingOf } from "@/core/methods";
import { pictureOf } from "@/core/pictures";
import { readProblem, writeAnswer, writeProblem } from "@/core/problem";
import { valueOfResult } from "@/core/testing/valueOfResult";
import { pictureWords, stepWords } from "@/core/wording";
import { SAMPLES, sampleNotation, sampleProblem } from "./switchSamples";

/** What a switch's sample shows under some rules, as text: the same only where nothing can be seen to change. */
function shown(name: SwitchName, house: HouseRules): string {
  const sample = SAMPLES[name];
  const problem = valueOfResult(
    readProblem(sampleProblem(sample, house), sampleNotation(house)),
    `the sample of ${name} does not read`,
  );
  const working = workingOf(problem, house, "method" in sample ? sample.method : undefined);
  switch (sample.kind) {
    case "line":
      return `${writeProblem(working.problem, house)} ${writeAnswer(working.answer, house)}`;
    case "say": {
      const said = working.steps.find(({ reason }) => reason.kind === sample.reason);
      if (said === undefined) throw new Error(`the sample of ${name} has no ${sample.reason}`);
      return stepWords(said.reason, house).say;
    }
    case "told":
      return sample.told[house[name]] ?? "";
    case "picture": {
      const step = working.steps.find(({ reason }) => reason.kind === sample.reason);
      const picture = step && pictureOf(step.reason, working);
      if (picture === undefined) throw new Error(`the sample of ${name} has no picture`);
      return pictureWords(picture, house);
    }
    case "board": {
      const last = working.steps.findIndex(({ reason }) => reason.kind === sample.until);
      if (sample.until !== undefined && last < 0)
        throw new Error(`the sample of ${name} has no ${sample.until}`);
      const steps = last < 0 ? working.steps : working.steps.slice(0, last + 1);
      return JSON.stringify(steps.map(({ marks, page }) => [marks, page?.index]));
    }
  }
}

describe("the samples of the house rules", () => {
  it.each(SWITCH_NAMES)("of %s looks different at each of its settings", (name) => {
    const views = SWITCHES[name].map((setting) =>
      shown(name, { ...PRESETS.fillersTrueValue, [name]: setting }),
    );
    expect(new Set(views).size).toBe(SWITCHES[name].length);
  });

  it.each(SWITCH_NAMES)("of %s can be shown under every preset", (name) => {
    for (const house of Object.values(PRESETS)) expect(shown(name, house)).not.toBe("");
  });
});
