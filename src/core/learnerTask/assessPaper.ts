import type { HouseRules } from "../house";
import {
  type Fault,
  type FaultKind,
  type Judged,
  judgePaper,
  markWork,
  type Paper,
  type WorkMarks,
} from "../paper";
import type { LearnerTask } from "./learnerTask";

/** A learner's paper as it stands: what it claims, and where a working that is known here would go on. */
export interface PaperAssessment {
  readonly judged: Judged;
  /** The first wrong mark; none where nothing is wrong. */
  readonly fault: Fault | undefined;
  /** Where a working that is known here would go on; looked for only where that is asked, once. */
  readonly found: () => WorkMarks;
}

/** Faults that digits in their columns say nothing about. */
const BEYOND_DIGITS: readonly FaultKind[] = ["point", "sign", "order", "jump", "picture", "pairs", "count"];

/**
 * Looks at a paper while it is written, or once the hand is lifted. It is judged by what it claims; what stands in
 * its columns just as in a sound working that is known is right, whatever else it could be read as.
 */
export function assessPaper(
  paper: Paper,
  turn: LearnerTask,
  house: HouseRules,
  settled: boolean,
): PaperAssessment {
  const judged = judgePaper(paper, turn.asked, { settled, units: turn.units });
  let known: WorkMarks | undefined;
  const found = (): WorkMarks => {
    known ??= markWork(paper, turn.ways, house.learnerCarries === "required");
    return known;
  };
  const isKnown = judged.fault !== undefined && !BEYOND_DIGITS.includes(judged.fault.kind) && found().fits;
  return { judged, fault: isKnown ? undefined : judged.fault, found };
}
