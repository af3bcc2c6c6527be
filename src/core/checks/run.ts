import type { Library, Reason, Step, Working } from "../methods";
import { compareDecimals, countedIn, type Decimal, fromCount, roundTo } from "../number";
import { type Answer, answerValueOf, type DecimalProblem, divisorOf, type Problem } from "../problem";
import { withReadBack } from "./copying";
import { directionOf } from "./estimating/direction";
import { estimateOf, isClose, isNear } from "./estimating/estimate";
import type { Estimate } from "./estimating/roughAnswer";
import { type Inverse, inverseOf } from "./inverse";
import { plausibilityOf } from "./plausibility";
import type { CheckReason, RunReason } from "./runReason";

/** All that a board is stepped through: the estimate before the working, the working, the checks after it. */
export interface Run {
  readonly working: Working;
  readonly estimate: Estimate | undefined;
  readonly inverse: Inverse | undefined;
  readonly steps: readonly Step<RunReason>[];
}

/** The run of a working. Position 0 is blank paper; position n shows the first n steps. */
export function runOf(working: Working, library: Library): Run {
  const { problem, answer } = working;
  const estimate = estimateOf(problem, working.house);
  // An answer that is rounded itself may end on the other side of the estimate.
  const exact = answer.kind !== "rounded" && answer.kind !== "roundedAmount";
  const direction = estimate && exact ? directionOf(problem, estimate) : undefined;
  const inverse = inverseOf(working, library);
  const reasons: readonly CheckReason[] = [
    ...(estimate
      ? [
          {
            kind: "compareWithEstimate",
            estimate,
            answer,
            near: isNear(answer, estimate, problem),
            close: isClose(answer, estimate, problem),
            direction,
          } as const,
        ]
      : []),
    ...plausibilityOf(working),
    ...(problem.kind === "decimals" && problem.op === "round" && answer.kind === "rounded"
      ? [neighbours(problem, answer.numeral)]
      : []),
    ...differenceOf(answer),
    ...otherMethod(working, library),
    ...(inverse ? [{ kind: "inverse", inverse } as const] : []),
  ];
  const bare = { marks: [], focus: [] };
  return {
    working,
    estimate,
    inverse,
    steps: [
      ...(estimate
        ? [
            {
              stage: "estimate",
              reason: { kind: "estimate", problem, estimate, direction },
              ...bare,
            } as const,
          ]
        : []),
      ...withReadBack(problem, namedOnce(working), working.house),
      ...reasons.map((reason) => ({ stage: "check", reason, ...bare }) as const),
    ],
  };
}

/**
 * The steps of a working, where a part on a page of its own names its answer just before the whole names
 * the same one: only the whole does, and what closes the part comes with its last step.
 */
const namedOnce = ({ problem, steps }: Working): readonly Step<Reason>[] =>
  steps.flatMap((step, index) => {
    const [next, following] = steps.slice(index + 1, index + 3);
    if (isNamedAgain(step, next, problem)) return [];
    return next !== undefined && isNamedAgain(next, following, problem)
      ? [{ ...step, marks: [...step.marks, ...next.marks] }]
      : [step];
  });

/** Whether a step names the answer of a part, writes no number doing so, and the next one names the same. */
function isNamedAgain(
  { reason, page, marks }: Step<Reason>,
  next: Step<Reason> | undefined,
  problem: Problem,
): boolean {
  const divisor = divisorOf(problem);
  return (
    reason.kind === "nameAnswer" &&
    next?.reason.kind === "nameAnswer" &&
    page !== undefined &&
    marks.every(({ kind }) => kind === "rule" || kind === "frame") &&
    next.reason.answer.kind === reason.answer.kind &&
    answerValueOf(next.reason.answer, divisor).equals(answerValueOf(reason.answer, divisor))
  );
}

/** The first other method that ends in the same form, carried out beside this one. One that ends in another form would be no check. */
function otherMethod(
  { problem, method, house, answer }: Working,
  { answerOf, methodsFor }: Library,
): readonly CheckReason[] {
  const divisor = divisorOf(problem);
  for (const { id, refusal } of methodsFor(problem)) {
    if (id === method || refusal !== undefined) continue;
    const second = answerOf(problem, house, id);
    if (second.kind !== answer.kind) continue;
    const agrees = answerValueOf(second, divisor).equals(answerValueOf(answer, divisor));
    return [{ kind: "otherMethod", method: id, answer: second, agrees }];
  }
  return [];
}

function neighbours(
  { operands: [numeral], form: { place } }: Extract<DecimalProblem, { op: "round" }>,
  answer: Decimal,
): CheckReason {
  const places = Math.max(numeral.fraction.length, Math.max(0, -place));
  const unit = 10n ** BigInt(places + place);
  const count = countedIn(numeral, places);
  const cut = (count / unit) * unit;
  const written = (value: bigint): Decimal => roundTo(fromCount(value, places), place);
  return {
    kind: "neighbours",
    numeral,
    below: written(cut),
    above: written(cut + unit),
    answer,
    halfway: 2n * (count - cut) === unit,
  };
}

/** Two decimals that were compared, one taken from the other. */
function differenceOf(answer: Answer): readonly CheckReason[] {
  if (answer.kind !== "comparison") return [];
  const { left, right } = answer;
  if (left.kind !== "decimal" || right.kind !== "decimal") return [];
  const [larger, smaller] = compareDecimals(left, right) < 0 ? [right, left] : [left, right];
  const places = Math.max(left.fraction.length, right.fraction.length);
  const difference = fromCount(countedIn(larger, places) - countedIn(smaller, places), places);
  return [{ kind: "bySubtracting", larger, smaller, difference }];
}
