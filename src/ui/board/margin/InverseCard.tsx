"use client";

import type { ReactElement } from "react";
import type { Inverse } from "@/core/checks";
import type { HouseRules } from "@/core/house";
import { readProblem, writeProblem } from "@/core/problem";
import { boardAddress } from "../../../service/boardAddress";
import { PlaceLink } from "../../parts/PlaceLink";
import { SmallBoard } from "../page/SmallBoard";

/** The inverse operation worked out in small, and a way to open it as a board of its own. */
export default function InverseCard({
  inverse,
  house,
}: {
  readonly inverse: Inverse;
  readonly house: HouseRules;
}): ReactElement {
  const line = writeProblem(inverse.working.problem, house);
  // A product of long numbers has more digits than a board takes.
  const canBeTyped = readProblem(line, house).ok;
  return (
    <section aria-label="Check by the inverse">
      <h2 className="text-small text-soft">Check by the inverse</h2>
      <SmallBoard working={inverse.working} label={`${line}, worked in columns`} />
      {canBeTyped && (
        <PlaceLink href={boardAddress({ problem: line, house })} look="words" className="mt-1">
          Open this check on a board
        </PlaceLink>
      )}
    </section>
  );
}
