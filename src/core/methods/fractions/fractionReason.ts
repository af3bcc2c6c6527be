import type { Decimal, Fraction, Mixed, Numeral } from "../../number";
import type { FractionProblem, Problem, Relation } from "../../problem";

/** The multiples of a denominator, as far as they were listed. */
interface Multiples {
  readonly of: bigint;
  readonly multiples: readonly bigint[];
}

/** A number as a product of primes. */
interface Factors {
  readonly of: bigint;
  readonly factors: readonly bigint[];
}

/** What the steps of working with fractions do and why. */
export type FractionReason =
  | { readonly kind: "writeFractions"; readonly problem: FractionProblem }
  | { readonly kind: "decimalToFraction"; readonly before: Decimal; readonly after: Fraction }
  | { readonly kind: "wholeOverOne"; readonly before: Decimal; readonly after: Fraction }
  | { readonly kind: "toImproper"; readonly before: Mixed; readonly after: Fraction }
  | { readonly kind: "alikeAlready"; readonly denominator: bigint }
  | { readonly kind: "listMultiples"; readonly lists: readonly Multiples[]; readonly meets: bigint }
  | {
      readonly kind: "primeFactors";
      readonly lists: readonly Factors[];
      readonly joined: readonly bigint[];
      readonly product: bigint;
    }
  | {
      readonly kind: "multiplyDenominators";
      readonly denominators: readonly bigint[];
      readonly product: bigint;
    }
  | { readonly kind: "equivalent"; readonly before: Fraction; readonly by: bigint; readonly after: Fraction }
  | { readonly kind: "swapFractions"; readonly larger: Numeral; readonly smaller: Numeral }
  | {
      readonly kind: "combineParts";
      readonly op: "add" | "subtract";
      readonly parts: readonly Fraction[];
      readonly result: Fraction;
    }
  | { readonly kind: "partsApart"; readonly wholes: readonly bigint[]; readonly parts: readonly Fraction[] }
  | {
      readonly kind: "wholesTogether";
      readonly op: "add" | "subtract";
      readonly wholes: readonly bigint[];
      readonly result: bigint;
    }
  | {
      readonly kind: "regroupWhole";
      readonly before: Mixed;
      readonly after: Mixed;
      readonly needed: Fraction;
    }
  | {
      readonly kind: "joinWholeAndPart";
      readonly whole: bigint;
      readonly part: Fraction;
      readonly result: Numeral;
    }
  | {
      readonly kind: "cancel";
      readonly over: bigint;
      readonly under: bigint;
      readonly by: bigint;
      readonly newOver: bigint;
      readonly newUnder: bigint;
    }
  | { readonly kind: "readyToCancel"; readonly factors: readonly Fraction[] }
  | { readonly kind: "acrossTheLine"; readonly factors: readonly Fraction[]; readonly result: Fraction }
  | { readonly kind: "turnOver"; readonly divisor: Fraction; readonly reciprocal: Fraction }
  | {
      readonly kind: "likeParts";
      readonly left: Fraction;
      readonly right: Fraction;
      readonly result: Fraction;
    }
  | { readonly kind: "reduce"; readonly before: Fraction; readonly by: bigint; readonly after: Fraction }
  | { readonly kind: "countOut"; readonly before: Fraction; readonly whole: bigint; readonly rest: Fraction }
  | { readonly kind: "signFraction"; readonly answer: Numeral }
  | {
      readonly kind: "compareParts";
      readonly numerals: readonly Numeral[];
      readonly parts: readonly Fraction[];
      readonly relation: Relation;
    }
  | {
      readonly kind: "orderParts";
      readonly ordered: readonly Numeral[];
      readonly parts: readonly Fraction[];
    }
  | { readonly kind: "divideOut"; readonly fraction: Fraction; readonly problem: Problem }
  /** No number above one divides both: there is nothing to make shorter. */
  | { readonly kind: "simplestAlready"; readonly value: Fraction };
