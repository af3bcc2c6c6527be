import type { Mark } from "../board";
import type { SoughtWay } from "./fit";
import type { Paper } from "./paper";

/** What is wrong with the jumps that a learner drew: which one is the first that differs, counted from 1, and how. */
export interface JumpMarks {
  readonly nth: number;
  readonly wrong: "direction" | "length" | "tooMany";
}

/** The ways jumps go: how many squares to the right, or to the left below zero. */
const waysOf = (marks: readonly Mark[]): readonly number[] =>
  marks.flatMap((mark) => (mark.kind === "jump" ? [mark.to - mark.from] : []));

/**
 * Holds the jumps on a paper, in the order they were drawn, against those of a sound number line. How long a
 * square is, is the learner's own choice: only how the jumps lie to the first one counts. None where none is
 * drawn, none is sought, or all are right so far.
 */
export function jumpsAgainst(paper: Paper, ways: readonly SoughtWay[]): JumpMarks | undefined {
  const drawn = waysOf(paper.marks);
  const sought = ways
    .map(({ steps }) => waysOf(steps.flatMap(({ marks }) => marks)))
    .find((one) => one.length > 0);
  const [firstDrawn] = drawn;
  const [firstSought] = sought ?? [];
  if (sought === undefined || firstDrawn === undefined || firstSought === undefined) return undefined;
  for (const [index, by] of drawn.entries()) {
    const ought = sought[index];
    const nth = index + 1;
    if (ought === undefined) return { nth, wrong: "tooMany" };
    if (Math.sign(by) !== Math.sign(ought)) return { nth, wrong: "direction" };
    if (Math.abs(by * firstSought) !== Math.abs(ought * firstDrawn)) return { nth, wrong: "length" };
  }
  return undefined;
}
