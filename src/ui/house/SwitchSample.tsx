import { memo, type ReactElement, useMemo } from "react";
import type { HouseRules, SwitchName } from "@/core/house";
import { workingOf } from "@/core/methods";
import { pictureOf } from "@/core/pictures";
import { joinerOf, readProblem, writeAnswer, writeProblem } from "@/core/problem";
import { plain, SWITCH_WORDS, stepWords } from "@/core/wording";
import { pageFor } from "@/render/board";
import { SquaredPaper } from "../paper";
import PictureDrawing from "../pictures/PictureDrawing";
import { SAMPLES, sampleNotation, sampleProblem } from "./samples";

/** What one switch changes, shown under the rules as they stand. */
export const SwitchSample = memo(function SwitchSample({
  name,
  house,
}: {
  readonly name: SwitchName;
  readonly house: HouseRules;
}): ReactElement | null {
  const sample = SAMPLES[name];
  const working = useMemo(() => {
    const problem = readProblem(sampleProblem(sample, house), sampleNotation(house));
    return problem.ok
      ? workingOf(problem.value, house, "method" in sample ? sample.method : undefined)
      : undefined;
  }, [sample, house]);
  if (working === undefined) return null;
  const { layout, steps, problem, answer } = working;
  const line = writeProblem(problem, house);
  switch (sample.kind) {
    case "line":
      return (
        <p className="font-board text-body">
          {line}
          {joinerOf(answer)}
          {writeAnswer(answer, house)}
        </p>
      );
    case "say": {
      const said = steps.find(({ reason }) => reason.kind === sample.reason);
      return said ? (
        <p className="text-note leading-snug">“{plain(stepWords(said.reason, house).say)}”</p>
      ) : null;
    }
    case "told":
      return <p className="text-note leading-snug">{sample.told[house[name]] ?? ""}</p>;
    case "picture": {
      const step = steps.find(({ reason }) => reason.kind === sample.reason);
      const picture = step && pictureOf(step.reason, working);
      return picture ? (
        <div className="max-w-56">
          <PictureDrawing picture={picture} house={house} />
        </div>
      ) : null;
    }
    case "board": {
      const last = steps.findIndex(({ reason }) => reason.kind === sample.until);
      const shown = last < 0 ? steps.length : last + 1;
      return (
        <div className="max-w-56">
          <SquaredPaper
            layout={layout}
            writings={steps}
            shown={shown}
            page={pageFor(layout, steps, shown, { columns: 8, rows: 0 }, { across: 1, above: 1, below: 1 })}
            square="fit"
            house={house}
            placeNames={false}
            label={`Sample: ${line}. ${SWITCH_WORDS[name].label}.`}
            still
          />
        </div>
      );
    }
  }
});
