import { roundingByPlace } from "../../methods";
import { compareDecimals, type Decimal, roundTo } from "../../number";
import { type Answer, type Problem, withOperands } from "../../problem";
import type { PatternsOf } from "../errorPattern";
import { decidesIn } from "../otherwise";
import { mostPlaces } from "../parts";

/** Two decimals with the same whole part, to be compared. */
function sameWholes(problem: Problem): readonly [Decimal, Decimal] | undefined {
  if (problem.kind !== "decimals" || problem.op !== "compare") return undefined;
  const [left, right] = problem.operands;
  if (left === undefined || right === undefined) return undefined;
  const whole = (numeral: Decimal): string => numeral.whole.replace(/^0+/, "");
  return whole(left) === whole(right) ? [left, right] : undefined;
}

/** What stands after the points read as whole numbers. */
function endsAsWholes(problem: Problem): Problem | undefined {
  const pair = sameWholes(problem);
  if (pair === undefined) return undefined;
  const places = mostPlaces(pair);
  const operands = pair.map((numeral) => ({
    ...numeral,
    fraction: numeral.fraction.padStart(places, "0"),
    point: places > 0,
  }));
  return withOperands(problem, operands);
}

/** The one with fewer places taken for the larger. */
function shorterIsLarger(answer: Answer, problem: Problem): Answer | undefined {
  const [left, right] = sameWholes(problem) ?? [];
  if (answer.kind !== "comparison" || left === undefined || right === undefined) return undefined;
  const more = left.fraction.length - right.fraction.length;
  const relation = more > 0 ? "<" : ">";
  return more === 0 || relation === answer.relation ? undefined : { ...answer, relation };
}

/** Rounded place after place from the end, up to the one before the place that is wanted. */
function rounded(problem: Problem): Problem | undefined {
  if (problem.op !== "round") return undefined;
  const [numeral] = problem.operands;
  let here = numeral;
  for (let place = 1 - numeral.fraction.length; place < problem.form.place; place++)
    here = roundTo(here, place);
  return compareDecimals(here, numeral) === 0 ? undefined : { ...problem, operands: [here] };
}

export const JUDGING_PATTERNS: PatternsOf = [
  {
    id: "cmp-longer-is-larger",
    example: ["compare 0.45 and 0.6", "0.45"],
    common: 3,
    lookAlikes: [],
    reads: endsAsWholes,
  },
  {
    id: "cmp-shorter-is-larger",
    example: ["compare 0.45 and 0.3", "0.3"],
    common: 3,
    lookAlikes: [],
    writes: shorterIsLarger,
  },
  {
    id: "round-chops",
    example: ["round 4.78 to 1 place", "4.7"],
    common: 3,
    lookAlikes: [],
    decides: decidesIn(roundingByPlace)({ goesUp: () => false }),
  },
  {
    id: "round-cascades",
    example: ["round 3.446 to 1 place", "3.5"],
    common: 1,
    lookAlikes: [],
    reads: rounded,
  },
  {
    id: "check-times-always-grows",
    example: ["12 × 0.3", "more"],
    common: 2,
    lookAlikes: [],
    needs: () => false,
  },
];
