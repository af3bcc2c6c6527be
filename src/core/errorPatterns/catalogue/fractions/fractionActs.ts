import {
  changingForm,
  denominatorsByFactors,
  denominatorsByMultiples,
  denominatorsByProduct,
  dividingLikeParts,
  multiplyingAcross,
  Stuck,
  turningOver,
} from "../../../methods";
import {
  commonMultiple,
  compareNumerals,
  type Fraction,
  fraction,
  isWhole,
  isZero,
  type Mixed,
  type Numeral,
} from "../../../number";
import { type Answer, type FractionProblem, fractionsOf, type Problem, withOperands } from "../../../problem";
import { overrideIn } from "../../contract/decisionOverride";
import type { PatternAct, Split } from "../../contract/errorPattern";
import { decimalProblem, smallestPrime, wholeOfDigits } from "../../contract/parts";

const OVER_COMMON = [denominatorsByFactors, denominatorsByMultiples];
const overCommon = overrideIn(...OVER_COMMON);

/** Where parts are made alike, for a sum or for its own sake. */
export const makingAlike = overrideIn(...OVER_COMMON, changingForm);
export const acrossOnly = overrideIn(multiplyingAcross);
export const turningOnly = overrideIn(turningOver);
export const likePartsOnly = overrideIn(dividingLikeParts);
export const formOnly = overrideIn(changingForm);
export const inFractions = overrideIn(
  ...OVER_COMMON,
  denominatorsByProduct,
  multiplyingAcross,
  turningOver,
  dividingLikeParts,
  changingForm,
);
export const CANCELS_AFTER = { cancelling: "after" } as const;

const asked = (problem: Problem, ...ops: readonly FractionProblem["op"][]): FractionProblem | undefined =>
  problem.kind === "fractions" && ops.includes(problem.op) ? problem : undefined;

/** A problem with fractions of such an operation. */
export const isOf =
  (...ops: readonly FractionProblem["op"][]) =>
  (problem: Problem): boolean =>
    asked(problem, ...ops) !== undefined;

/** Fractions only, no whole or mixed number among them. */
export const onlyFractions =
  (op: "multiply" | "divide") =>
  (problem: Problem): boolean =>
    asked(problem, op)?.operands.every(({ kind }) => kind === "fraction") ?? false;

export const hasMixed =
  (...ops: readonly FractionProblem["op"][]) =>
  (problem: Problem): boolean =>
    asked(problem, ...ops)?.operands.some(({ kind }) => kind === "mixed") ?? false;

export const gap = (a: bigint, b: bigint): bigint => (a > b ? a - b : b - a);

/** Numerators put together as they should be, but the smaller taken from the larger. */
export const combinesGap = (op: "add" | "subtract", [first = 0n, ...rest]: readonly bigint[]): bigint =>
  op === "add" ? rest.reduce((all, one) => all + one, first) : gap(first, rest[0] ?? 0n);

/** A multiplication taken for a division. */
export function turnedOver(problem: Problem): Problem | undefined {
  const product = asked(problem, "multiply");
  return product !== undefined &&
    onlyFractions("multiply")(problem) &&
    !product.operands.slice(1).some(isZero)
    ? fractionsOf("divide", product.operands, product.form)
    : undefined;
}

/** A whole number times a fraction with the whole number both above and below. */
export function wholeOnBoth(problem: Problem): Problem | undefined {
  const product = asked(problem, "multiply");
  if (product === undefined || product.operands.some(({ kind }) => kind === "mixed")) return undefined;
  const fractions = product.operands.filter(({ kind }) => kind === "fraction");
  if (fractions.length === 0 || !product.operands.some(isWhole)) return undefined;
  const operands = product.operands.map((operand) =>
    isWhole(operand) ? fraction(BigInt(operand.whole || "0"), BigInt(operand.whole || "0")) : operand,
  );
  return operands.some(
    ({ kind, ...rest }) => kind === "fraction" && "denominator" in rest && rest.denominator === 0n,
  )
    ? undefined
    : fractionsOf("multiply", operands, product.form);
}

/** All over one denominator. */
export function overOne(factors: readonly Fraction[]): readonly Fraction[] {
  const common = factors.reduce((all, { denominator }) => commonMultiple(all, denominator), 1n);
  return factors.map(({ numerator, denominator }) => fraction((numerator * common) / denominator, common));
}

/** A fraction turned over; stuck where it is nothing, since nothing can't be turned over. */
export function flipped({ numerator, denominator }: Fraction): Fraction {
  if (numerator === 0n) throw new Stuck("flipped: there is no such fraction");
  return fraction(denominator, numerator);
}

/** Whether tops over a common denominator divide without anything left over. */
export function topsDivide(problem: Problem): boolean {
  const [dividend, divisor] = overOne(
    (asked(problem, "divide")?.operands ?? []).flatMap((one) => (one.kind === "fraction" ? [one] : [])),
  );
  if (dividend === undefined || divisor === undefined) return false;
  return divisor.numerator > 0n && dividend.numerator % divisor.numerator === 0n;
}

/** Wholes with wholes and parts with parts, in times and divided by; a missing part leaves the other as it is. */
export function partByPart(problem: Problem): Split | undefined {
  const one = asked(problem, "multiply", "divide");
  if (one === undefined || !hasMixed("multiply", "divide")(problem) || one.operands.length !== 2)
    return undefined;
  const wholes = one.operands.map((operand) =>
    operand.kind === "mixed" ? operand.whole : isWhole(operand) ? BigInt(operand.whole || "0") : undefined,
  );
  const parts = one.operands.map((operand) =>
    operand.kind === "decimal" ? undefined : fraction(operand.numerator, operand.denominator),
  );
  const [first, second] = wholes;
  const [left, right] = parts;
  if (one.op === "divide") {
    if (first === undefined || second === undefined || right !== undefined || second === 0n) return undefined;
    if (left === undefined || first % second !== 0n) return undefined;
    return {
      parts: [decimalProblem("divide", [wholeOfDigits(String(first)), wholeOfDigits(String(second))])],
      joins: ([whole]) => besides(whole, left),
    };
  }
  const both = first !== undefined && second !== undefined;
  const bothParts = left !== undefined && right !== undefined;
  const product: readonly FractionProblem[] = bothParts
    ? [{ kind: "fractions", op: "multiply", operands: [left, right], form: one.form }]
    : [];
  const kept = wholeOfDigits(String(first ?? second ?? 0n));
  return {
    parts: [
      ...(both
        ? [decimalProblem("multiply", [wholeOfDigits(String(first)), wholeOfDigits(String(second))])]
        : []),
      ...product,
    ],
    joins: (answers) => {
      const whole = both ? answers[0] : kept;
      const part = bothParts ? answers[both ? 1 : 0] : (left ?? right);
      return besides(whole, part);
    },
  };
}

/** A whole number and a part beside it. */
function besides(whole: Answer | undefined, part: Answer | undefined): Answer | undefined {
  if (whole?.kind !== "decimal" || part === undefined) return undefined;
  const count = BigInt(whole.whole || "0");
  if (part.kind === "decimal") return wholeOfDigits(String(count + BigInt(part.whole || "0")));
  if (part.kind === "mixed") return { ...part, whole: part.whole + count };
  if (part.kind !== "fraction") return undefined;
  return {
    kind: "mixed",
    negative: false,
    whole: count,
    numerator: part.numerator,
    denominator: part.denominator,
  };
}

/** A digit that stands above and below struck from both. */
export function digitStruck({ numerator, denominator }: Fraction): Fraction | undefined {
  const [over, under] = [String(numerator), String(denominator)];
  if (over.length < 2 || under.length < 2) return undefined;
  const shared = [...over].find((digit) => digit !== "0" && under.includes(digit));
  if (shared === undefined) return undefined;
  const [above, below] = [over.replace(shared, ""), under.replace(shared, "")];
  return above.startsWith("0") || below.startsWith("0") ? undefined : fraction(BigInt(above), BigInt(below));
}

/** Top and bottom each divided by the first prime that goes into it. */
export const ownDivisors = ({ numerator, denominator }: Fraction): Fraction | undefined =>
  numerator < 2n || denominator < 2n
    ? undefined
    : fraction(numerator / smallestPrime(numerator), denominator / smallestPrime(denominator));

/** Wholes and parts worked apart, with something decided otherwise. */
export const apart = (other: Parameters<typeof overCommon>[0]): Pick<PatternAct, "decides" | "soundly"> => ({
  decides: overCommon({ setsApart: true, ...other }),
  soundly: overCommon({ setsApart: true }),
});

/** A whole number from which a fraction or a mixed number is taken. */
export const fromWhole = (problem: Problem): boolean => {
  const [first, second] = asked(problem, "subtract")?.operands ?? [];
  return first !== undefined && isWhole(first) && second !== undefined && !isWhole(second);
};

/** A mixed number from a mixed number. */
export const mixedFromMixed = (problem: Problem): boolean =>
  asked(problem, "subtract")?.operands.every(({ kind }) => kind === "mixed") ?? false;

export const unlike = (problem: Problem): boolean => {
  const all = asked(problem, "add", "subtract", "rewrite");
  if (all === undefined) return false;
  if (all.op === "rewrite") return all.form.kind === "overDenominator" || all.form.kind === "overNumerator";
  const under = all.operands.flatMap((one) => (one.kind === "decimal" ? [] : [one.denominator]));
  return new Set(under).size > 1;
};

export const improperTask = (problem: Problem): boolean =>
  asked(problem, "rewrite")?.form.kind === "asMixed" || asked(problem, "rewrite")?.form.kind === "asFraction";

export const simplifies = (problem: Problem): boolean => asked(problem, "rewrite")?.form.kind === "simplest";

/** The fraction of a number, without the wholes beside it; none where it has none. */
const partOf = (numeral: Numeral): Fraction | undefined =>
  numeral.kind === "decimal" ? undefined : fraction(numeral.numerator, numeral.denominator);

/** A sum or difference of two unlike fractions with only one numerator scaled, where both must be. */
function onlyOneScaled(problem: Problem, scaled: "first" | "second"): Problem | undefined {
  const two = asked(problem, "add", "subtract");
  const [left, right] = two?.operands ?? [];
  if (two === undefined || left === undefined || right === undefined || two.operands.length !== 2)
    return undefined;
  const [first, second] = [partOf(left), partOf(right)];
  if (first === undefined || second === undefined) return undefined;
  if (left.kind === "decimal" || right.kind === "decimal") return undefined;
  const common = commonMultiple(first.denominator, second.denominator);
  if (common === first.denominator || common === second.denominator) return undefined;
  const unscaled = <One extends Fraction | Mixed>(one: One): One => ({ ...one, denominator: common });
  return withOperands(problem, scaled === "first" ? [left, unscaled(right)] : [unscaled(left), right]);
}

export const onlyFirstScaled = (problem: Problem): Problem | undefined => onlyOneScaled(problem, "first");
export const onlySecondScaled = (problem: Problem): Problem | undefined => onlyOneScaled(problem, "second");

/** A whole number beside a fraction taken for as many of its parts. */
export function wholeAsTop(problem: Problem): Problem | undefined {
  const two = asked(problem, "add", "subtract");
  const [left, right] = two?.operands ?? [];
  if (two === undefined || left === undefined || right === undefined || two.operands.length !== 2)
    return undefined;
  const asParts = (whole: Numeral, part: Numeral): Numeral | undefined =>
    isWhole(whole) && part.kind === "fraction"
      ? fraction(BigInt(whole.whole || "0"), part.denominator)
      : undefined;
  const [first, second] = [asParts(left, right), asParts(right, left)];
  if (first !== undefined)
    return two.op === "subtract" && compareNumerals(first, right) < 0
      ? undefined
      : withOperands(problem, [first, right]);
  return second === undefined || two.op === "subtract" ? undefined : withOperands(problem, [left, second]);
}

/** A whole number times a fraction with its numerator forgotten, where the whole number divides by the denominator. */
export function topForgotten(problem: Problem): Problem | undefined {
  const product = asked(problem, "multiply");
  const operands: readonly Numeral[] = product?.operands ?? [];
  const part = operands.find(({ kind }) => kind === "fraction");
  const whole = operands.find(isWhole);
  if (operands.length !== 2 || part?.kind !== "fraction" || whole === undefined) return undefined;
  if (part.numerator < 2n || BigInt(whole.whole || "0") % part.denominator !== 0n) return undefined;
  return withOperands(
    problem,
    operands.map((one) => (one === part ? { ...part, numerator: 1n } : one)),
  );
}

/** A fraction that is to be written over a larger denominator, its numerator more than one. */
export const scalesUp = (problem: Problem): boolean => {
  const [numeral] = asked(problem, "rewrite")?.operands ?? [];
  return problem.form.kind === "overDenominator" && numeral?.kind === "fraction" && numeral.numerator > 1n;
};
