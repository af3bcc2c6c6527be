import type { ReactElement } from "react";
import { runOf } from "@/core/checks";
import type { HouseRules } from "@/core/house";
import { EVERY_METHOD, type MethodId, workingOf } from "@/core/methods";
import { readProblem } from "@/core/problem";
import { Paper, pageFor } from "../paper";

/** Width over height of a card's picture; the paper is made just so large that it fills it. */
const THUMBNAIL_SHAPE = 8 / 5;

/** Free squares around what is written. */
const AROUND = { across: 1, above: 1, below: 1 };

/** A kept board in small, at the step where it was left. */
export function BoardThumbnail({
  board,
}: {
  readonly board: {
    readonly problem: string;
    readonly method: MethodId;
    readonly house: HouseRules;
    readonly step: number;
  };
}): ReactElement | null {
  const problem = readProblem(board.problem, board.house);
  if (!problem.ok) return null;
  const { working, steps } = runOf(workingOf(problem.value, board.house, board.method), EVERY_METHOD);
  const shown = Math.min(board.step, steps.length);
  const tight = pageFor(working.layout, steps, shown, { columns: 12, rows: 0 }, AROUND);
  const rows = Math.max(tight.bottom - tight.top, Math.ceil((tight.right - tight.left) / THUMBNAIL_SHAPE));
  const page = pageFor(
    working.layout,
    steps,
    shown,
    { columns: Math.round(rows * THUMBNAIL_SHAPE), rows },
    AROUND,
  );
  return (
    <Paper
      layout={working.layout}
      writings={steps}
      shown={shown}
      page={page}
      square="fit"
      house={board.house}
      placeNames={false}
      label=""
      still
    />
  );
}
