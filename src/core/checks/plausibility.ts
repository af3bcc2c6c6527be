import { staysAbove, type Working } from "../methods";
import { asFraction, type Fraction, fraction, type Numeral, simplest } from "../number";
import { fractionOf, termsIn } from "../problem";
import { type Scale, unitOf } from "../quantity";

/** Checks that need no computing: whether a sign, a unit or a size makes sense at all. */
export type PlausibilityReason =
  /** The sign of a product or quotient, from how many of its numbers lie below zero. */
  | { readonly kind: "signOfProduct"; readonly negatives: number; readonly negative: boolean }
  /** On which side of zero a sum lies: where more lies. */
  | {
      readonly kind: "signOfSum";
      readonly above: Numeral;
      readonly below: Numeral;
      readonly negative: boolean;
    }
  | { readonly kind: "unitSense"; readonly scale: Scale; readonly answered: "measure" | "number" }
  /** Why adding numerators and denominators can't be right: the sum would be less than one of its parts. */
  | {
      readonly kind: "topsAndBottoms";
      readonly parts: readonly Fraction[];
      readonly wrong: Fraction;
      readonly largest: Fraction;
    };

/** The senses that fit a working. */
export function plausibilityOf({ problem, answer }: Working): readonly PlausibilityReason[] {
  switch (problem.kind) {
    case "fractions":
      return problem.op === "add" ? wrongSum(problem.operands) : [];
    case "signed": {
      const value =
        answer.kind === "decimal" || answer.kind === "fraction" || answer.kind === "mixed"
          ? answer
          : undefined;
      if (value === undefined || asFraction(value).numerator === 0n) return [];
      if (problem.op !== "terms") {
        const negatives = problem.operands.filter(({ negative }) => negative).length;
        return [{ kind: "signOfProduct", negatives, negative: value.negative }];
      }
      if (staysAbove(problem)) return [];
      const effective = termsIn(problem).map(({ join, numeral }) => {
        const { negative, numerator, denominator } = asFraction(numeral);
        const turned = join === "subtract";
        return fraction(negative !== turned ? -numerator : numerator, denominator);
      });
      const total = (negative: boolean): Numeral =>
        totalOf(effective.filter((one) => one.negative === negative));
      return [{ kind: "signOfSum", above: total(false), below: total(true), negative: value.negative }];
    }
    case "measures": {
      const measure = problem.operands.find((operand) => operand.kind === "measure");
      const unit = measure?.kind === "measure" ? measure.parts[0]?.unit : undefined;
      if (unit === undefined) return [];
      const number = answer.kind === "decimal" || answer.kind === "timesLeft" || answer.kind === "fraction";
      return [{ kind: "unitSense", scale: unitOf(unit).scale, answered: number ? "number" : "measure" }];
    }
    case "decimals":
    case "money":
    case "quantities":
    case "chain":
      return [];
  }
}

/** The sum of the sizes of some fractions, as a whole number or a fraction. */
function totalOf(fractions: readonly Fraction[]): Numeral {
  const total = fractions.reduce(
    (sum, { numerator, denominator }) =>
      fraction(sum.numerator * denominator + numerator * sum.denominator, sum.denominator * denominator),
    fraction(0n, 1n),
  );
  const short = simplest(total);
  return short.denominator === 1n
    ? { kind: "decimal", negative: false, whole: String(short.numerator), fraction: "", point: false }
    : short;
}

function wrongSum(operands: readonly Numeral[]): readonly PlausibilityReason[] {
  const parts = operands.filter((operand): operand is Fraction => operand.kind === "fraction");
  const sum = (of: (part: Fraction) => bigint): bigint => parts.reduce((all, part) => all + of(part), 0n);
  const wrong = fraction(
    sum(({ numerator }) => numerator),
    sum(({ denominator }) => denominator),
  );
  const [largest] = [...parts].sort((a, b) => fractionOf(b).compare(fractionOf(a)));
  if (
    parts.length !== operands.length ||
    largest === undefined ||
    parts.some(({ numerator }) => numerator === 0n)
  )
    return [];
  return fractionOf(wrong).compare(fractionOf(largest)) < 0
    ? [{ kind: "topsAndBottoms", parts, wrong, largest }]
    : [];
}
