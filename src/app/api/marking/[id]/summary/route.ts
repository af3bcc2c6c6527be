import { choicesOf } from "@/core/house";
import { cellsOf, database, findSheet } from "@/data";
import { compute } from "@/threads/pool";
import { BOARD_ID } from "@/ui/routes";
import { answering, errorAnswer } from "../../../answers";

/** How a learner did on a sheet: counts, the best account of all wrong answers, the slips that showed. */
export const GET = answering(async ({ id, request }) => {
  const learner = new URL(request.url).searchParams.get("learner") ?? "";
  const data = database();
  const sheet = findSheet(data, id);
  if (sheet === undefined || !BOARD_ID.test(learner))
    return errorAnswer(404, { code: "notThere", message: "There is no such sheet." });
  const problems = new Map(sheet.rows.map((row) => [row.id, row.problem]));
  const answers = cellsOf(data, id)
    .filter((cell) => cell.learner === learner && cell.given !== "")
    .map(({ row, given, verdict }) => ({ problem: problems.get(row) ?? "", given, verdict }));
  const summary = await compute("summarise", { house: choicesOf(sheet.house), answers });
  return summary.ok ? summary.value : errorAnswer(503, summary.error);
});
