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
    name: "More digits after the point means larger",
    does: "With equal whole parts, compare the strings after the point as whole numbers (leading zeros ignored).",
    shows: "decimals of unequal length, the longer one smaller",
    example: ["compare 0.45 and 0.6", "0.45"],
    apart: "from cmp-shorter-is-larger: a pair where the longer is larger separates them in one step",
    remedy: "hundred grid: 6 columns against 45 cells",
    knownFrom: "Sackur-Grisvard & Léonard (1985); Resnick et al. (1989); Steinle & Stacey (1998)",
    common: 3,
    lookAlikes: [],
    reads: endsAsWholes,
  },
  {
    id: "cmp-shorter-is-larger",
    name: "Fewer digits after the point means larger",
    does: "With equal whole parts, the decimal with fewer places wins; equal lengths are compared properly. With unequal whole parts the whole parts decide.",
    shows: "decimals of unequal length, the shorter one smaller",
    example: ["compare 0.45 and 0.3", "0.3"],
    apart:
      "from cmp-longer-is-larger: give one pair where the longer decimal is larger and one where it is smaller",
    remedy: "tenths against hundredths: how many of each?",
    knownFrom: "Sackur-Grisvard & Léonard (1985); Nesher & Peled (1986); Resnick et al. (1989)",
    common: 3,
    lookAlikes: [],
    writes: shorterIsLarger,
  },
  {
    id: "round-chops",
    name: "Rounding means cutting",
    does: "Drop every digit beyond the wanted place; the last kept digit never changes.",
    shows: "next digit 5 or more",
    example: ["round 4.78 to 1 place", "4.7"],
    apart: "from round-cascades: answers never too large",
    remedy: "number line between 4.7 and 4.8: which is nearer?",
    knownFrom: "classroom lore",
    common: 3,
    lookAlikes: [],
    decides: decidesIn(roundingByPlace)({ goesUp: () => false }),
  },
  {
    id: "round-cascades",
    name: "Rounds one place at a time from the end",
    does: "Round the last digit into its neighbour, then that one, and so on to the wanted place.",
    shows: "a run such as 446 beyond the wanted place",
    example: ["round 3.446 to 1 place", "3.5"],
    apart: "only wrong when 4s stand before the last digit of 5 or more",
    remedy: "look only at the halfway point 3.45: above or below?",
    knownFrom: "classroom lore",
    common: 1,
    lookAlikes: [],
    reads: rounded,
  },
  {
    id: "check-times-always-grows",
    name: "A product must be larger",
    does: "Judges any product to exceed the first factor, so a sound answer below it is rejected in a reasonableness check (and a quotient above the dividend likewise).",
    shows: "multiplier below one",
    example: ["12 × 0.3", "more"],
    apart: "written answers may be right; the judgement is wrong",
    remedy: "three tenths of 12 on a bar before calculating",
    knownFrom: "Bell, Swan & Taylor (1981); Fischbein et al. (1985); Greer (1994)",
    common: 2,
    lookAlikes: [],
    needs: () => false,
  },
];
