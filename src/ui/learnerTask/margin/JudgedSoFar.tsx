"use client";

import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import type { PaperAssessment } from "@/core/learnerTask";
import { asideWords, carriesWords, FOLLOWS_ON, faultAsk, faultWords, soFarWords } from "@/core/wording";

/** What is found on the paper, the first wrong mark first. */
export function JudgedSoFar({
  looked,
  house,
}: {
  readonly looked: PaperAssessment;
  readonly house: HouseRules;
}): ReactElement {
  const { judged, fault } = looked;
  if (fault !== undefined)
    return (
      <span className="text-rust">
        {faultWords(fault, house)} {faultAsk(fault)}
        {judged.follows && ` ${FOLLOWS_ON}`}
      </span>
    );
  const carries =
    house.learnerCarries === "required" && judged.state === "answered" ? looked.found().carries : 0;
  if (carries > 0) return <span>{carriesWords(carries)}</span>;
  return (
    <span>
      {soFarWords(judged)}
      {judged.aside && ` ${asideWords(judged.aside.written)}`}
    </span>
  );
}
