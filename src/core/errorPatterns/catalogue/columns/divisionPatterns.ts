import { columnMultiplication, longDivision } from "../../../methods";
import {
  asFraction,
  type Decimal,
  endsAsDecimal,
  fraction,
  significantDigits,
  withoutEndZeros,
  withoutLeadingZeros,
  zerosAtEnd,
} from "../../../number";
import { type Problem, withOperands } from "../../../problem";
import { amountOf, inMajor } from "../../../quantity";
import { overrideIn } from "../../contract/decisionOverride";
import type { PatternAct, PatternsOf, Split } from "../../contract/errorPattern";
import {
  decimalProblem,
  decimalRewritten,
  isNothing,
  pointBetween,
  twoDecimals,
  wholeIn,
  wholeOfDigits,
} from "../../contract/parts";
import { REST_BEHIND_POINT, STOPS_WHERE_DIGITS_END } from "../../procedures/divisionCut";

const byDivision = overrideIn(longDivision);
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
    const written = (quotient: Decimal): Decimal | undefined => rule(quotient, dividend, divisor);
    if (answer.kind !== "remainder") return decimalRewritten(answer, written);
    const quotient = decimalRewritten(answer.quotient, written);
    return quotient?.kind === "decimal" ? { ...answer, quotient } : undefined;
  };

/** The digits of a quotient without the zeros between them. */
function withoutInnerZeros(quotient: Decimal): Decimal | undefined {
  const { whole, fraction: end } = quotient;
  const first = significantDigits(whole);
  // A zero at the end of the whole part lies between digits only where decimals follow.
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
  const parts = [dividend.whole, dividend.fraction].map(wholeOfDigits);
  const small = parts.some((part) => asFraction(part).numerator < asFraction(divisor).numerator);
  if (small) return undefined;
  return {
    parts: parts.map((part) => decimalProblem("divide", [part, divisor], { kind: "withRemainder" })),
    joins: pointBetween,
  };
}

/** The digits of a whole quotient as one that was written from right to left. */
const backwards = (quotient: Decimal, _: Decimal, divisor: Decimal): Decimal | undefined =>
  quotient.fraction === "" && quotient.whole.length > 1 && /^[1-9]$/.test(divisor.whole + divisor.fraction)
    ? {
        ...quotient,
        whole: withoutLeadingZeros([...quotient.whole].reverse().join("")),
      }
    : undefined;

/** Each digit of the dividend divided for itself, and what is left over of it forgotten. */
function digitByDigit(problem: Problem): Split | undefined {
  const [dividend, divisor] = dividesBy(problem) ?? [];
  if (dividend === undefined || divisor === undefined || dividend.fraction !== "") return undefined;
  const digits = [...dividend.whole];
  if (!/^[2-9]$/.test(divisor.whole) || divisor.fraction !== "" || digits.length < 2) return undefined;
  return {
    parts: digits.map((digit) =>
      decimalProblem("divide", [wholeOfDigits(digit), divisor], { kind: "withRemainder" }),
    ),
    joins: (answers) => {
      const counts = significantDigits(answers.map(wholeIn).join(""));
      return counts === "" ? undefined : wholeOfDigits(counts);
    },
  };
}

/** Money of wholes only shared among a number, and what is left over of it set behind the point. */
function wholesShared(problem: Problem): Split | undefined {
  if (problem.kind !== "money" || problem.op !== "divide") return undefined;
  const [shared, among] = problem.operands;
  const { whole, fraction: end } = inMajor(shared);
  if (among.kind !== "decimal" || among.fraction !== "" || !/^0*$/.test(end) || shared.of === "minor")
    return undefined;
  return {
    parts: [decimalProblem("divide", [wholeOfDigits(whole), among], { kind: "withRemainder" })],
    joins: ([share]) => {
      if (share?.kind !== "remainder") return undefined;
      const rest = share.remainder.whole;
      return rest.length > 2
        ? undefined
        : amountOf(shared.currency, { ...share.quotient, fraction: rest, point: true });
    },
  };
}

/** The zeros that both numbers end in struck, and what is left over taken as it then is. */
function zerosStruck(problem: Problem): Problem | undefined {
  const [dividend, divisor] = dividesBy(problem) ?? [];
  if (dividend === undefined || divisor === undefined || problem.op !== "divide") return undefined;
  if (dividend.fraction !== "" || divisor.fraction !== "") return undefined;
  const zeros = Math.min(zerosAtEnd(dividend.whole), zerosAtEnd(divisor.whole));
  if (zeros === 0 || isNothing(dividend) || isNothing(divisor)) return undefined;
  const struck = ({ whole }: Decimal): Decimal => wholeOfDigits(whole.slice(0, -zeros));
  return withOperands(problem, [struck(dividend), struck(divisor)]);
}

/** The digits run together, where zeros were appended to a whole number. */
function withoutPoint(quotient: Decimal, dividend: Decimal, divisor: Decimal): Decimal | undefined {
  if (dividend.fraction !== "" || divisor.fraction !== "" || quotient.fraction === "") return undefined;
  const whole = withoutLeadingZeros(quotient.whole + quotient.fraction);
  return { ...quotient, whole, fraction: "" };
}

export const DIVISION_PATTERNS: PatternsOf = [
  {
    id: "div-divisor-only-shifted",
    example: ["3.6 ÷ 0.4", "0.9"],
    frequency: 3,
    lookAlikes: ["div-stops-when-remainder-zero", "div-points-ignored"],
    ...BY_DIVISION,
    decides: byDivision({ movesDividend: () => 0 }),
    needs: byDecimal,
  },
  {
    id: "div-points-ignored",
    example: ["8.4 ÷ 0.12", "7"],
    frequency: 1,
    lookAlikes: [
      "div-stops-when-remainder-zero",
      "div-divisor-only-shifted",
      "shift-one-short",
      "shift-wrong-way",
      "point-left-out",
    ],
    ...BY_DIVISION,
    decides: byDivision({ movesDividend: (_, dividend) => dividend.fraction.length }),
  },
  {
    id: "div-places-pooled",
    example: ["0.48 ÷ 0.6", "0.008"],
    frequency: 1,
    lookAlikes: ["div-stops-when-remainder-zero"],
    ...BY_DIVISION,
    decides: byDivision({ movesDividend: (divisor) => 0 - divisor.fraction.length }),
    needs: byDecimal,
  },
  {
    id: "div-inner-zero-lost",
    example: ["8.24 ÷ 4", "2.6"],
    frequency: 3,
    lookAlikes: ["div-two-halves", "div-digit-by-digit"],
    ...BY_DIVISION,
    writes: writes(withoutInnerZeros),
  },
  {
    id: "div-leading-zero-lost",
    example: ["0.35 ÷ 5", "0.7"],
    frequency: 1,
    lookAlikes: ["shift-one-short"],
    ...BY_DIVISION,
    writes: writes((quotient) =>
      /^0*$/.test(quotient.whole)
        ? { ...quotient, fraction: significantDigits(quotient.fraction) }
        : undefined,
    ),
  },
  {
    id: "div-stops-when-remainder-zero",
    example: ["630 ÷ 9", "7"],
    frequency: 1,
    lookAlikes: ["div-points-ignored", "div-divisor-only-shifted", "div-places-pooled", "div-right-to-left"],
    ...BY_DIVISION,
    writes: writes((quotient) =>
      quotient.fraction === ""
        ? { ...quotient, whole: withoutEndZeros(quotient.whole) || quotient.whole }
        : undefined,
    ),
  },
  {
    id: "div-remainder-as-decimal",
    example: ["23 ÷ 4", "5.3"],
    frequency: 1,
    lookAlikes: ["shift-one-short"],
    ...BY_DIVISION,
    decides: byDivision(REST_BEHIND_POINT),
    splits: wholesShared,
  },
  {
    id: "div-no-appended-zero",
    example: ["8.6 ÷ 4", "2.1"],
    frequency: 1,
    lookAlikes: ["div-two-halves"],
    ...BY_DIVISION,
    decides: byDivision(STOPS_WHERE_DIGITS_END),
  },
  {
    id: "div-big-by-small",
    example: ["3 ÷ 12", "4"],
    frequency: 3,
    lookAlikes: ["form-bottom-by-top"],
    ...BY_DIVISION,
    reads: turnedRound,
  },
  {
    id: "div-two-halves",
    example: ["7.5 ÷ 5", "1.1"],
    frequency: 1,
    lookAlikes: ["div-inner-zero-lost", "div-no-appended-zero"],
    ...BY_DIVISION,
    splits: inHalves,
  },
  {
    id: "div-must-shrink",
    example: ["6 ÷ 0.5", "3"],
    frequency: 2,
    lookAlikes: [],
    reads: multiplied,
    methods: [columnMultiplication.id, longDivision.id],
  },
  {
    id: "div-appended-zero-no-point",
    example: ["7 ÷ 4", "175"],
    frequency: 1,
    lookAlikes: [],
    ...BY_DIVISION,
    writes: writes(withoutPoint),
  },
  {
    id: "div-right-to-left",
    example: ["936 ÷ 3", "213"],
    frequency: 1,
    lookAlikes: ["div-stops-when-remainder-zero"],
    ...BY_DIVISION,
    writes: (answer, problem) => (answer.kind === "decimal" ? writes(backwards)(answer, problem) : undefined),
  },
  {
    id: "div-digit-by-digit",
    example: ["936 ÷ 4", "201"],
    frequency: 2,
    lookAlikes: ["div-inner-zero-lost"],
    splits: digitByDigit,
  },
  {
    id: "div-remainder-unscaled",
    example: ["700 ÷ 40 with remainder", "17 r 2"],
    frequency: 3,
    lookAlikes: [],
    reads: zerosStruck,
  },
];
