import {
  type Decimal,
  endsAsDecimal,
  type Fraction,
  fraction,
  type Mixed,
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

/** The digits of a fraction one after the other behind the point, a whole in front; and the two digits behind a point as a fraction. */
function digitsSideBySide(_: Answer, problem: Problem): Answer | undefined {
  const numeral = asked(problem, "asDecimal");
  if (numeral?.kind === "fraction" && numeral.numerator > 0n && numeral.numerator < numeral.denominator)
    return sideBySide(0n, numeral);
  if (numeral?.kind === "mixed") return sideBySide(numeral.whole, numeral);
  const decimal = toFraction(problem);
  if (decimal === undefined || !/^0*$/.test(decimal.whole) || !/^[1-9]{2}$/.test(decimal.fraction))
    return undefined;
  const [over = "", under = ""] = decimal.fraction;
  return fraction(BigInt(over), BigInt(under));
}

const sideBySide = (
  whole: bigint,
  { numerator, denominator }: { readonly numerator: bigint; readonly denominator: bigint },
): Decimal => ({
  kind: "decimal",
  negative: false,
  whole: String(whole),
  fraction: `${numerator}${denominator}`,
  point: true,
});

function alwaysHundredths(_: Answer, problem: Problem): Answer | undefined {
  const decimal = toFraction(problem);
  if (decimal === undefined || !/^0*$/.test(decimal.whole) || bareEnd(decimal) === "") return undefined;
  return decimal.fraction.length === 2 ? undefined : fraction(BigInt(bareEnd(decimal)), 100n);
}

/** A bottom that is asked for, or a smaller top, reached by adding to the one given, or taking from it, what the other grew or shrank by. */
function addedToBoth(_: Answer, problem: Problem): Answer | undefined {
  if (problem.kind !== "fractions" || problem.op !== "rewrite") return undefined;
  const [numeral] = problem.operands;
  const { form } = problem;
  if (numeral.kind !== "fraction") return undefined;
  const { numerator, denominator } = numeral;
  if (form.kind === "overNumerator") {
    const found = denominator + form.numerator - numerator;
    return found > 0n ? fraction(form.numerator, found) : undefined;
  }
  if (form.kind !== "overDenominator" || form.denominator >= denominator) return undefined;
  const found = numerator + form.denominator - denominator;
  return found > 0n ? fraction(found, form.denominator) : undefined;
}

const mixedOf = (whole: bigint, numerator: bigint, denominator: bigint): Mixed => ({
  kind: "mixed",
  negative: false,
  whole,
  numerator,
  denominator,
});

/** What is left over of an improper fraction, written otherwise beside its wholes. */
const restWritten =
  (
    rule: (count: {
      readonly whole: bigint;
      readonly rest: bigint;
      readonly by: bigint;
      readonly of: bigint;
    }) => Answer,
  ) =>
  (answer: Answer, problem: Problem): Answer | undefined => {
    if (problem.kind !== "fractions" || problem.op !== "rewrite" || problem.form.kind !== "asMixed")
      return undefined;
    const [numeral] = problem.operands;
    if (answer.kind !== "mixed" || numeral.kind !== "fraction") return undefined;
    const { numerator: of, denominator: by } = numeral;
    return rule({ whole: of / by, rest: of % by, by, of });
  };

/** Errors in writing a fraction as a decimal, and a decimal as a fraction. */
export const FORM_PATTERNS: PatternsOf = [
  {
    id: "form-bar-is-point",
    example: ["3/4 as a decimal", "3.4"],
    frequency: 2,
    lookAlikes: [],
    writes: barIsPoint,
    atOnce: true,
  },
  {
    id: "form-bottom-after-point",
    example: ["1/8 as a decimal", "0.8"],
    frequency: 3,
    lookAlikes: [],
    writes: bottomAfterPoint,
    atOnce: true,
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
    atOnce: true,
  },
  {
    id: "form-always-over-ten",
    example: ["0.35 as a fraction", "35/10"],
    frequency: 2,
    lookAlikes: [],
    writes: alwaysTenths,
    atOnce: true,
  },
  {
    id: "form-digits-side-by-side",
    example: ["3/8 as a decimal", "0.38"],
    frequency: 2,
    lookAlikes: [],
    writes: digitsSideBySide,
    atOnce: true,
  },
  {
    id: "form-always-over-hundred",
    example: ["0.125 as a fraction", "125/100"],
    frequency: 1,
    lookAlikes: [],
    writes: alwaysHundredths,
    atOnce: true,
  },
  {
    id: "equiv-added-to-both",
    example: ["3/4 = 9/?", "10"],
    frequency: 2,
    lookAlikes: [],
    writes: addedToBoth,
    atOnce: true,
  },
  {
    id: "mixed-rest-over-top",
    example: ["11/4 as a mixed number", "2 3/11"],
    frequency: 1,
    lookAlikes: [],
    writes: restWritten(({ whole, rest, of }) => mixedOf(whole, rest, of)),
    atOnce: true,
  },
  {
    id: "mixed-rest-turned-over",
    example: ["11/4 as a mixed number", "2 4/3"],
    frequency: 1,
    lookAlikes: [],
    writes: restWritten(({ whole, rest, by }) => mixedOf(whole, by, rest)),
    atOnce: true,
  },
  {
    id: "mixed-rest-after-point",
    example: ["17/5 as a mixed number", "3.2"],
    frequency: 2,
    lookAlikes: [],
    writes: restWritten(({ whole, rest }) => ({
      kind: "decimal",
      negative: false,
      whole: String(whole),
      fraction: String(rest),
      point: true,
    })),
    atOnce: true,
  },
];
