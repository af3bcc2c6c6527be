import type { ReactElement } from "react";
import type { Mark } from "@/core/board";
import type { HouseRules } from "@/core/house";
import type { TaskWay } from "@/core/learnerTask";
import type { Place } from "@/core/number";
import { faultAsk, faultWords, nextMarkWords, OWN_WAY, whereWords } from "@/core/wording";
import { Button } from "../../parts/Button";
import type { ToldOfPaper } from "../state/usePaperAssessment";
import type { Feedback } from "../state/useTaskSetting";
import { JudgedSoFar } from "./JudgedSoFar";

/** How the paper stands so far, as far as it is told, and hints. */
export function SoFar({
  told,
  feedback,
  house,
  onCheck,
}: {
  readonly told: ToldOfPaper;
  readonly feedback: Feedback;
  readonly house: HouseRules;
  readonly onCheck: () => void;
}): ReactElement {
  const { looked, shows, hinted, takeHint } = told;
  const { judged, fault } = looked;
  const open = judged.state !== "answered" || fault !== undefined;
  return (
    <section aria-label="So far" aria-live="polite">
      <p className="text-body leading-snug">
        {shows ? (
          <JudgedSoFar looked={looked} house={house} />
        ) : feedback === "eachStage" ? (
          "Work as on paper, and ask when you want to know how it stands."
        ) : (
          "Work as on paper; it is looked at when you hand it in."
        )}
      </p>
      {feedback === "eachStage" && !shows && (
        <Button look="words" onClick={onCheck}>
          Check this far
        </Button>
      )}
      {feedback !== "none" && open && (
        <>
          {hinted !== undefined && (
            <p className="mt-2 rounded-lg border border-edge bg-page px-3 py-2 text-note">
              {hintWords(told, hinted, house)}
            </p>
          )}
          {(hinted === undefined || hinted === 1 || fault === undefined) && (
            <Button look="words" onClick={takeHint} className="mt-1">
              {hinted === undefined
                ? "A hint: where to look"
                : hinted === 1
                  ? "A hint: what to ask"
                  : "A hint: the next mark"}
            </Button>
          )}
        </>
      )}
    </section>
  );
}

/** A hint about the first wrong thing, else about what comes next: where, then a question, then the mark. */
function hintWords(
  { looked, way, stage, ask, ghost }: ToldOfPaper,
  size: 1 | 2 | 3,
  house: HouseRules,
): string {
  const { fault, judged } = looked;
  if (fault !== undefined) return size === 1 ? faultWords(fault, house) : faultAsk(fault);
  // Where the work goes its own way, what a known working would do next is no help.
  const found = looked.found();
  const goesOn = found.fits || judged.state === "blank" || found.wrong === undefined;
  const { next } = found;
  if (!goesOn || next === undefined) return OWN_WAY;
  if (size === 1) return whereWords(stage, placeOf(way, next.mark), house);
  if (size === 2 || !("text" in next.mark)) return ask ?? OWN_WAY;
  return nextMarkWords(next.mark.text, ghost !== undefined);
}

/** The place of the column that a mark stands in; none where the way has none. */
const placeOf = (way: TaskWay | undefined, mark: Mark): Place | undefined =>
  "col" in mark ? way?.layout.columns.find(({ col }) => col === mark.col)?.place : undefined;
