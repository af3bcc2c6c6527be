import { choicesOf } from "@/core/house";
import { ID_PATTERN } from "@/core/id";
import { database, findSheet, keptSquaresOf } from "@/data";
import { computeSlowly } from "@/threads/pool";
import { storiesOn } from "../../../../reading/markingSheet";
import { usedStock } from "../../../../reading/saved";
import { answering, errorAnswer } from "../../../answers";

/** How a learner did on a sheet: counts, the best account of all wrong answers, the patterns that showed. */
export const GET = answering(async ({ id, request }) => {
  const learner = new URL(request.url).searchParams.get("learner") ?? "";
  const data = database();
  const sheet = findSheet(data, id);
  if (sheet === undefined || !ID_PATTERN.test(learner))
    return errorAnswer(404, { code: "notThere", message: "There is no such sheet." });
  const problems = new Map(sheet.rows.map((row) => [row.id, row.problem]));
  const stories = storiesOn(data, id);
  const answers = keptSquaresOf(data, id, 0, learner)
    .filter(({ given }) => given !== "")
    .map(({ row, given, verdict }) => {
      const problem = problems.get(row) ?? "";
      return { problem, given, verdict, whole: stories.get(problem)?.whole };
    });
  const toStories = answers.flatMap(({ problem, given: said }) => {
    const { kind, seed, text } = stories.get(problem) ?? {};
    return kind === undefined || seed === undefined ? [] : [{ kind, seed, text, said }];
  });
  const house = choicesOf(sheet.house);
  const summary = await computeSlowly("summarise", {
    house,
    answers,
    stories: toStories,
    stock: usedStock(),
  });
  return summary.ok ? summary.value : errorAnswer(503, summary.error);
});
