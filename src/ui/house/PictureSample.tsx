import { type ReactElement, useMemo } from "react";
import type { HouseRules } from "@/core/house";
import { workingOf } from "@/core/methods";
import { pictureOf } from "@/core/pictures";
import { readProblem } from "@/core/problem";
import { SAMPLES, sampleNotation, sampleProblem } from "@/service/requests/switchSamples";
import PictureDrawing from "../pictures/PictureDrawing";

/** How parts are drawn under some house rules. Loaded when it comes into sight. */
export default function PictureSample({ house }: { readonly house: HouseRules }): ReactElement | null {
  const picture = useMemo(() => {
    const sample = SAMPLES.fractionPictures;
    const problem = readProblem(sampleProblem(sample, house), sampleNotation(house));
    const working = problem.ok ? workingOf(problem.value, house) : undefined;
    const step = working?.steps.find(({ reason }) => "reason" in sample && reason.kind === sample.reason);
    return working && step && pictureOf(step.reason, working);
  }, [house]);
  return picture ? <PictureDrawing picture={picture} house={house} /> : null;
}
