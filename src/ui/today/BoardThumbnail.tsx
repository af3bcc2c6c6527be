import type { ReactElement } from "react";
import { runOf } from "@/core/checks";
import { workingOf } from "@/core/methods";
import { readProblem } from "@/core/problem";
import { Paper, sheetFor } from "../paper";
import type { ListedBoard } from "./listedBoard";

/** A kept board in small, at the step where it was left. */
export function BoardThumbnail({ board }: { readonly board: ListedBoard }): ReactElement | null {
  const problem = readProblem(board.problem, board.house);
  if (!problem.ok) return null;
  const { working, steps } = runOf(workingOf(problem.value, board.house, board.method));
  return (
    <Paper
      layout={working.layout}
      writings={steps}
      shown={Math.min(board.step, steps.length)}
      sheet={sheetFor(working.layout, steps, { columns: 12, rows: 8 })}
      square="fit"
      house={board.house}
      placeNames={false}
      label=""
      still
    />
  );
}
