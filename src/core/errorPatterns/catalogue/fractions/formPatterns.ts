import {
  type Decimal,
  endsAsDecimal,
  type Fraction,
  fraction,
  type Numeral,
  significantDigits,
} from "../../../number";
import { type Answer, type Problem, withOperands } from "../../../problem";
import type { PatternsOf } from "../../contract/errorPattern";
import { wholeOfDigits } from "../../contract/parts";

/** The number that is to be written in such a form. */
function asked(problem: Problem, form: "asDecimal" | "asFraction"): Numeral | undefined {
  return problem.op === "rewrite" && problem.kind === "fractions" && problem.form.kind === form
    ? problem.operands[0]
    : undefined;
}

/** The fraction that is to be written as a decimal. */
function toDecimal(problem: Problem): Fraction | undefined {
  const numeral = asked(problem, "asDecimal");
  return numeral?.kind === "fraction" ? numeral : undefined;
}

/** The decimal that is to be written as a fraction; a whole number is none. */
function toFraction(problem: Problem): Decimal | undefined {
  const numeral = asked(problem, "asFraction");
  return numeral?.kind === "decimal" && numeral.fraction !== "" ? numeral : undefined;
}

const pointed = (whole: bigint, end: bigint): Decimal => ({
  kind: "decimal",
  negative: false,
  whole: String(whole),
  fraction: String(end),
  point: true,
});

/** The digits after the point without zeros in front; none where there are only zeros. */
const bareEnd = ({ fraction: end }: Decimal): string => significantDigits(end);

/** Bar and point put for each other. */
function barIsPoint(_: Answer, problem: Problem): Answer | undefined {
  const part = toDecimal(problem);
  if (part !== undefined) return pointed(part.numerator, part.denominator);
  const decimal = toFraction(problem);
  const [over, under] = [BigInt(decimal?.whole || "0"), BigInt(decimal?.fraction || "0")];
  return over === 0n || under === 0n ? undefined : fraction(over, under);
}

function bottomAfterPoint(_: Answer, problem: Problem): Answer | undefined {
  const part = toDecimal(problem);
  return part?.numerator === 1n ? pointed(0n, part.denominator) : undefined;
}

/** The fraction turned over, where that ends as a decimal. */
function turnedOver(problem: Problem): Problem | undefined {
  const part = toDecimal(problem);
  if (part === undefined || part.numerator === 0n) return undefined;
  const over = fraction(part.denominator, part.numerator);
  return endsAsDecimal(over) ? withOperands(problem, [over]) : undefined;
}

function digitsUnderOne(_: Answer, problem: Problem): Answer | undefined {
  const decimal = toFraction(problem);
  if (decimal === undefined || !/^0*$/.test(decimal.whole) || bareEnd(decimal) === "") return undefined;
  return fraction(1n, BigInt(bareEnd(decimal)));
}

function alwaysTenths(_: Answer, problem: Problem): Answer | undefined {
  const decimal = toFraction(problem);
  if (decimal === undefined || decimal.fraction.length < 2 || bareEnd(decimal) === "") return undefined;
  const [numerator, denominator] = [BigInt(bareEnd(decimal)), 10n];
  const whole = BigInt(wholeOfDigits(decimal.whole).whole);
  return whole === 0n
    ? fraction(numerator, denominator)
    : { kind: "mixed", negative: false, whole, numerator, denominator };
}

/** Errors in writing a fraction as a decimal, and a decimal as a fraction. */
export const FORM_PATTERNS: PatternsOf = [
  {
    id: "form-bar-is-point",
    example: ["3/4 as a decimal", "3.4"],
    frequency: 2,
    lookAlikes: [],
    writes: barIsPoint,
  },
  {
    id: "form-bottom-after-point",
    example: ["1/8 as a decimal", "0.8"],
    frequency: 3,
    lookAlikes: [],
    writes: bottomAfterPoint,
  },
  {
    id: "form-bottom-by-top",
    example: ["4/5 as a decimal", "1.25"],
    frequency: 2,
    lookAlikes: ["div-big-by-small"],
    reads: turnedOver,
  },
  {
    id: "form-digits-under-one",
    example: ["0.3 as a fraction", "1/3"],
    frequency: 2,
    lookAlikes: [],
    writes: digitsUnderOne,
  },
  {
    id: "form-always-over-ten",
    example: ["0.35 as a fraction", "35/10"],
    frequency: 2,
    lookAlikes: [],
    writes: alwaysTenths,
  },
];
