import { Check } from "lucide-react";
import type { ReactElement } from "react";
import { type Run, soFar, tickedOff } from "@/core/checks";
import type { HouseRules } from "@/core/house";
import { operandsOf, writeProblem } from "@/core/problem";
import { writeQuantity } from "@/core/quantity";

/** The problem as it was asked, and what a chain has become while a part of it is worked on a page of its own; in a house that ticks numbers off, each that has been set out with its tick. */
export function ProblemLine({
  run,
  shown,
  house,
}: {
  readonly run: Run;
  /** How many steps are shown. */
  readonly shown: number;
  readonly house: HouseRules;
}): ReactElement {
  const { problem } = run.working;
  const line = writeProblem(problem, house);
  const left = soFar(run.steps, shown);
  const becomes = left && <span className="ml-3 text-plumb">{`= ${writeProblem(left, house)}`}</span>;
  if (house.copying === "trusted")
    return (
      <>
        {line}
        {becomes}
      </>
    );
  const ticked = tickedOff(problem, run.steps.slice(0, shown));
  let at = 0;
  const pieces = operandsOf(problem).map((operand, index) => {
    const written = writeQuantity(operand, house);
    const from = line.indexOf(written, at);
    const end = from < 0 ? at : from + written.length;
    const piece = { text: line.slice(at, end), ticked: from >= 0 && ticked.has(index), end };
    at = end;
    return piece;
  });
  return (
    <>
      {pieces.map(({ text, ticked: off, end }) => (
        <span key={end}>
          {text}
          {off && <Check role="img" aria-label="ticked off" className="mb-2.5 inline size-4 text-plumb" />}
        </span>
      ))}
      {line.slice(at)}
      {becomes}
    </>
  );
}
