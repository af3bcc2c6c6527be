import type { HouseRules } from "@/core/house";
import { type Part, sign, words } from "@/core/number";
import {
  type Answer,
  answerParts,
  joinerOf,
  numbersParts,
  type Problem,
  problemParts,
  writeForm,
} from "@/core/problem";

/** A problem with its answer in one line: `7.2 ÷ 0.08 = 90`. A wanted form stands behind it in words. */
export function equationParts(problem: Problem, answer: Answer, house: HouseRules): readonly Part[] {
  const form = writeForm(problem.form, house).trim();
  const note = form === "" || problem.op === "rewrite" ? [] : [words(` (${form})`)];
  if (problem.op === "compare" || problem.op === "order") return answerParts(answer, house);
  const asked = problem.op === "round" ? numbersParts(problem, house) : problemParts(problem, house);
  return [...asked, ...joinParts(problem, answer), ...answerParts(answer, house), ...note];
}

/** What stands between a problem and its answer: a rounded answer brings its own sign. */
function joinParts(problem: Problem, answer: Answer): readonly Part[] {
  const says = joinerOf(answer).trim();
  return problem.op === "round" || says === "" ? [] : [says === "=" ? sign("=") : words(`${says} `)];
}
