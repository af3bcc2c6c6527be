import { columnMultiplication, longDivision } from "../../methods";
import { asFraction, type Decimal, fraction, withoutEndZeros } from "../../number";
import { type Problem, withOperands } from "../../problem";
import type { PatternAct, PatternsOf, Split } from "../errorPattern";
import { decidesIn } from "../otherwise";
import {
  decimalProblem,
  decimalRewritten,
  endsAsDecimal,
  isNothing,
  pointBetween,
  twoDecimals,
  wholeFrom,
} from "../parts";
import { REST_BEHIND_POINT, STOPS_WHERE_DIGITS_END } from "../procedures/divisionCut";

const byDivision = decidesIn(longDivision);
const BY_DIVISION = { methods: [longDivision.id], rules: { divisionEnding: "exact" } } as const;

const dividesBy = (problem: Problem): readonly [Decimal, Decimal] | undefined =>
  twoDecimals(problem, "divide");

/** Whether the divisor has decimals. */
const byDecimal = (problem: Problem): boolean => (dividesBy(problem)?.[1].fraction ?? "") !== "";

/** Another quotient written than the one that was worked out. */
const writes =
  (
    rule: (quotient: Decimal, dividend: Decimal, divisor: Decimal) => Decimal | undefined,
  ): NonNullable<PatternAct["writes"]> =>
  (answer, problem) => {
    const [dividend, divisor] = dividesBy(problem) ?? [];
    if (dividend === undefined || divisor === undefined) return undefined;
    return decimalRewritten(answer, (quotient) => rule(quotient, dividend, divisor));
  };

/** The digits of a quotient without the noughts between them. */
function withoutInnerNoughts(quotient: Decimal): Decimal | undefined {
  const { whole, fraction: end } = quotient;
  const first = whole.replace(/^0+/, "");
  // A nought at the end of the whole part lies between digits only where decimals follow.
  const kept = end === "" ? first.replace(/0+(?=0*[1-9])/g, "") : first.replace(/0/g, "");
  const after = first === "" ? end.replace(/(?<=[1-9])0+/g, "") : end.replace(/0+/g, "");
  return { ...quotient, whole: kept || "0", fraction: after };
}

/** Larger by smaller, whichever was to be divided. */
function turnedRound(problem: Problem): Problem | undefined {
  const [dividend, divisor] = dividesBy(problem) ?? [];
  if (dividend === undefined || divisor === undefined) return undefined;
  const [a, b] = [asFraction(dividend), asFraction(divisor)];
  const [over, under] = [b.numerator * a.denominator, b.denominator * a.numerator];
  const smaller = a.numerator * b.denominator < b.numerator * a.denominator;
  return smaller && under > 0n && endsAsDecimal(fraction(over, under))
    ? withOperands(problem, [divisor, dividend])
    : undefined;
}

/** Dividing by less than one taken for multiplying. */
function multiplied(problem: Problem): Problem | undefined {
  const [dividend, divisor] = dividesBy(problem) ?? [];
  if (dividend === undefined || divisor === undefined) return undefined;
  const below = /^0*$/.test(divisor.whole) && !isNothing(divisor);
  return below ? decimalProblem("multiply", [dividend, divisor]) : undefined;
}

/** The whole part divided, and what stands after the point by itself; what is left over of either is dropped. */
function inHalves(problem: Problem): Split | undefined {
  const [dividend, divisor] = dividesBy(problem) ?? [];
  if (dividend === undefined || divisor === undefined || divisor.fraction !== "" || dividend.fraction === "")
    return undefined;
  const parts = [dividend.whole, dividend.fraction].map(wholeFrom);
  const small = parts.some((part) => asFraction(part).numerator < asFraction(divisor).numerator);
  if (small) return undefined;
  return {
    parts: parts.map((part) => decimalProblem("divide", [part, divisor], { kind: "withRemainder" })),
    joins: pointBetween,
  };
}

/** The digits run together, where noughts were appended to a whole number. */
function withoutPoint(quotient: Decimal, dividend: Decimal, divisor: Decimal): Decimal | undefined {
  if (dividend.fraction !== "" || divisor.fraction !== "" || quotient.fraction === "") return undefined;
  const whole = (quotient.whole + quotient.fraction).replace(/^0+(?=\d)/, "");
  return { ...quotient, whole, fraction: "" };
}

export const DIVISION_PATTERNS: PatternsOf = [
  {
    id: "div-divisor-only-shifted",
    name: "Point moved in the divisor only",
    does: "Rub out the divisor's point (multiply it by a power of ten) and divide the unchanged dividend by it. Two other accounts give the same answer on every problem: both points moved and the answer moved back at the end; or the point put above the dividend's old point.",
    shows: "divisor with decimals",
    example: ["3.6 ÷ 0.4", "0.9"],
    apart: "from div-points-ignored: they agree whenever the dividend is whole; use a decimal dividend",
    remedy: "write the division as a fraction and multiply top and bottom together",
    knownFrom: "Brueckner (1928) for misplaced quotient points; classroom lore",
    common: 3,
    lookAlikes: ["div-stops-when-remainder-zero", "div-points-ignored"],
    ...BY_DIVISION,
    decides: byDivision({ movesDividend: () => 0 }),
    needs: byDecimal,
  },
  {
    id: "div-points-ignored",
    name: "Both points rubbed out",
    does: "Each number loses its own point, however many places that takes; divide the whole numbers. For a whole divisor and no appended zeros this is the same as leaving the point out of the quotient.",
    shows: "unequal numbers of places",
    example: ["8.4 ÷ 0.12", "7"],
    apart: "from div-stops-when-remainder-zero: use a quotient with no final zero, such as 0.84 / 0.3",
    remedy: "move both points the same number of steps, counting aloud",
    knownFrom: "classroom lore",
    common: 1,
    lookAlikes: ["div-stops-when-remainder-zero", "div-divisor-only-shifted"],
    ...BY_DIVISION,
    decides: byDivision({ movesDividend: (_, dividend) => dividend.fraction.length }),
  },
  {
    id: "div-places-pooled",
    name: "Places added up as in multiplying",
    does: "Divide the digits as whole numbers and mark off in the quotient the sum of the places of both numbers. The same as moving the two points in opposite directions.",
    shows: "divisor with decimals",
    example: ["0.48 ÷ 0.6", "0.008"],
    apart:
      "from div-divisor-only-shifted: the answer is too small by two steps for each place of the divisor, not one",
    remedy: "check by multiplying back; estimate",
    knownFrom: "classroom lore (over-generalised rules: Hiebert & Wearne 1985)",
    common: 1,
    lookAlikes: ["div-stops-when-remainder-zero"],
    ...BY_DIVISION,
    decides: byDivision({ movesDividend: (divisor) => 0 - divisor.fraction.length }),
    needs: byDecimal,
  },
  {
    id: "div-inner-zero-lost",
    name: "A step that does not go leaves no mark",
    does: "Divide correctly but write nothing when the divisor does not go into the number brought down, so zeros between non-zero quotient digits vanish; the point keeps its place among the digits that remain.",
    shows: "quotients such as 103, 2.06, 40.5",
    example: ["8.24 ÷ 4", "2.6"],
    apart: "from div-two-halves: use a quotient like 103 or a whole part that does not divide exactly",
    remedy: "one quotient digit above every dividend digit; multiply back",
    knownFrom: "Buswell & John (1926); Brueckner (1930); Ashlock",
    common: 3,
    lookAlikes: ["div-two-halves"],
    ...BY_DIVISION,
    writes: writes(withoutInnerNoughts),
  },
  {
    id: "div-leading-zero-lost",
    name: "Noughts after the point are skipped",
    does: "When the quotient is below a tenth, the zeros directly after its point are left out.",
    shows: "quotients such as 0.07 or 0.004",
    example: ["0.35 ÷ 5", "0.7"],
    apart: "from div-inner-zero-lost: those zeros lie between non-zero digits",
    remedy: "place-value grid above the dividend; multiply back",
    knownFrom: "classroom lore (zero trouble in quotients: Brueckner 1930)",
    common: 1,
    lookAlikes: [],
    ...BY_DIVISION,
    writes: writes((quotient) =>
      /^0*$/.test(quotient.whole)
        ? { ...quotient, fraction: quotient.fraction.replace(/^0+/, "") }
        : undefined,
    ),
  },
  {
    id: "div-stops-when-remainder-zero",
    name: "Stops as soon as nothing is left over",
    does: "Stop when the remainder is 0 even though zeros remain in the dividend, so final zeros of a whole-number quotient are missing.",
    shows: "whole quotients ending in 0, with the zeros given or produced by shifting",
    example: ["630 ÷ 9", "7"],
    apart: "from div-points-ignored: use a whole dividend and divisor",
    remedy: "every dividend digit needs a digit above it; estimate",
    knownFrom: "classroom lore",
    common: 1,
    lookAlikes: ["div-points-ignored", "div-divisor-only-shifted", "div-places-pooled"],
    ...BY_DIVISION,
    writes: writes((quotient) =>
      quotient.fraction === ""
        ? { ...quotient, whole: withoutEndZeros(quotient.whole) || quotient.whole }
        : undefined,
    ),
  },
  {
    id: "div-remainder-as-decimal",
    name: "The remainder is written after the point",
    does: "Divide (after a correct shift) until the written dividend digits are used up, then write the remainder as the next decimal digits, after a point if there is none yet.",
    shows: "a remainder when the written digits run out",
    example: ["23 ÷ 4", "5.3"],
    apart: "from div-no-appended-zero: that one drops the remainder",
    remedy: "share the three left over: 3 wholes among 4 is 0.75 each",
    knownFrom: "classroom lore",
    common: 1,
    lookAlikes: [],
    ...BY_DIVISION,
    decides: byDivision(REST_BEHIND_POINT),
  },
  {
    id: "div-no-appended-zero",
    name: "Stops when the dividend runs out",
    does: "Divide (after a correct shift) through the written digits of the dividend and ignore any remainder.",
    shows: "a remainder when the written digits run out",
    example: ["8.6 ÷ 4", "2.1"],
    apart: "from rounding: the answer is cut at the dividend's own length and never rounded up",
    remedy: "write the dividend with extra zeros, 8.60, and carry on",
    knownFrom: "classroom lore",
    common: 1,
    lookAlikes: ["div-two-halves"],
    ...BY_DIVISION,
    decides: byDivision(STOPS_WHERE_DIGITS_END),
  },
  {
    id: "div-big-by-small",
    name: "The larger number is always divided by the smaller",
    does: "If the dividend is smaller than the divisor, exchange them.",
    shows: "dividend smaller than divisor",
    example: ["3 ÷ 12", "4"],
    apart: "answer is the reciprocal of the right one",
    remedy: "say it as a story: 3 metres cut for 12 people",
    knownFrom: "Brown, M. (1981, in Hart); Bell, Swan & Taylor (1981); Graeber & Tirosh (1990)",
    common: 3,
    lookAlikes: [],
    ...BY_DIVISION,
    reads: turnedRound,
  },
  {
    id: "div-two-halves",
    name: "Whole part and decimal part divided separately",
    does: "With a whole divisor: divide the whole part, drop its remainder; divide the string after the point as a whole number, drop its remainder; join with a point.",
    shows: "decimal ÷ whole number where the whole part leaves a remainder or the decimal part begins with 0",
    example: ["7.5 ÷ 5", "1.1"],
    apart: "from div-inner-zero-lost: use a whole part that leaves a remainder",
    remedy: "trade the left-over wholes for tenths",
    knownFrom: "classroom lore (separate-numbers view: Brown, M. 1981)",
    common: 1,
    lookAlikes: ["div-inner-zero-lost", "div-no-appended-zero"],
    ...BY_DIVISION,
    splits: inHalves,
  },
  {
    id: "div-must-shrink",
    name: "Dividing has to make it smaller",
    does: "When the divisor is below one, multiply by it instead (6 ÷ 0.5 becomes half of 6).",
    shows: "divisor between 0 and 1",
    example: ["6 ÷ 0.5", "3"],
    apart: "from div-divisor-only-shifted: the answer is the product of the two numbers, never the same",
    remedy: "how many halves fit in 6: number line jumps",
    knownFrom:
      "belief: Bell, Swan & Taylor (1981), Fischbein et al. (1985), Tirosh & Graeber (1989); this written form: classroom lore",
    common: 2,
    lookAlikes: [],
    reads: multiplied,
    methods: [columnMultiplication.id, longDivision.id],
  },
  {
    id: "div-appended-zero-no-point",
    name: "Noughts appended, point never written",
    does: "Whole ÷ whole with a remainder: append zeros and divide on correctly, but write no point, so the quotient digits run together.",
    shows: "whole numbers that do not divide exactly",
    example: ["7 ÷ 4", "175"],
    apart: "from div-points-ignored: that one gets whole ÷ whole right",
    remedy: "write 7 as 7.00 before starting and copy the point up first",
    knownFrom: "classroom lore",
    common: 1,
    lookAlikes: [],
    ...BY_DIVISION,
    writes: writes(withoutPoint),
  },
];
