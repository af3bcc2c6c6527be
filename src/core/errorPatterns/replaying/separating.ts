import type { HouseRules } from "../../house";
import { sameAnswer } from "../../marking";
import { answerOf } from "../../methods";
import type { Answer, Problem } from "../../problem";
import type { ErrorPattern } from "../contract/errorPattern";
import type { PatternId } from "../contract/patternIds";
import { patternsNamed } from "../errorPatterns";
import { patternsFor } from "../explaining/patternResults";
import { wrongWorking } from "../wrongWorking";
import { similarProblems } from "./similarProblems";

/** A problem that tells two explanations apart, with what each of them would answer. */
export interface Separating {
  readonly problem: Problem;
  readonly answers: readonly [one: Answer, other: Answer];
}

/**
 * A problem like this one on which two explanations lead to different answers, so that the answer to it tells
 * them apart; none where none of those tried does. The nearest to the problem comes first. A slip would not
 * come again, so that it is told from a pattern by any problem on which that shows.
 */
export function separatingProblem(
  problem: Problem,
  house: HouseRules,
  one: readonly PatternId[],
  other: readonly PatternId[],
): Separating | undefined {
  const [first, second] = [patternsNamed(one), patternsNamed(other)];
  if (first === undefined && second !== undefined) {
    const turned = separatingProblem(problem, house, other, one);
    return turned && { problem: turned.problem, answers: [turned.answers[1], turned.answers[0]] };
  }
  if (first === undefined) return undefined;
  let next: Separating | undefined;
  for (const candidate of similarProblems(problem, house, [...first, ...(second ?? [])])) {
    // One on which the first account shows; else one on which the other does, and the first leaves it right.
    const answers = separatedBy(candidate, house, first, second ?? [], "one");
    if (answers !== undefined) return { problem: candidate, answers };
    if (second === undefined || next !== undefined) continue;
    const turned = separatedBy(candidate, house, first, second, "other");
    next = turned && { problem: candidate, answers: turned };
  }
  return next;
}

/** A problem like another one, on which these patterns would show again: what they would answer to it, and the right answer. */
export interface Twin {
  readonly problem: Problem;
  readonly answers: readonly [shown: Answer, right: Answer];
}

/** A twin to set next where one account is sure; of a slip any problem of the same build, to see that it does not come again. */
export function twinProblem(
  problem: Problem,
  house: HouseRules,
  patterns: readonly PatternId[],
): Twin | undefined {
  if (patternsNamed(patterns) !== undefined) return separatingProblem(problem, house, patterns, []);
  for (const twin of similarProblems(problem, house, [])) {
    const right = answerOf(twin, house);
    return { problem: twin, answers: [right, right] };
  }
  return undefined;
}

/** What two learners with these patterns answer to a problem, where the one that is to show goes wrong and they don't agree. */
function separatedBy(
  problem: Problem,
  house: HouseRules,
  one: readonly ErrorPattern[],
  other: readonly ErrorPattern[],
  shows: "one" | "other",
): Separating["answers"] | undefined {
  const known = patternsFor(problem);
  if (![...one, ...other].every((pattern) => known.includes(pattern))) return undefined;
  const right = answerOf(problem, house);
  // A pattern that does not come in leaves the answer right, which tells them apart as well; so does a slip.
  const answered = (patterns: readonly ErrorPattern[]): Answer =>
    (patterns.length === 0 ? undefined : wrongWorking(problem, house, patterns)?.answer) ?? right;
  const [first, second] = [answered(one), answered(other)];
  return sameAnswer(problem, right, shows === "one" ? first : second) || sameAnswer(problem, first, second)
    ? undefined
    : [first, second];
}
