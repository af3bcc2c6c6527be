import type { Mark } from "../../board";
import {
  commonMultiple,
  type Fraction,
  fraction,
  type Numeral,
  primeFactors,
  withoutEndZeros,
} from "../../number";
import type { FractionProblem } from "../../problem";
import { because, type MethodRefusal } from "../contract/method";
import { Stuck } from "../contract/stuck";
import type { OnPad, WorkRules } from "../contract/workContext";
import { joined, padText } from "../squares/pad";
import type { FractionDecisions } from "./fractionDecisions";
import { equivalentOf, type FractionPad, type FractionWhy, items } from "./fractionSteps";

/** How a common denominator is found. */
export type CommonBy = "multiples" | "factors" | "product";

/** The longest list of multiples that is written. */
const MOST_MULTIPLES = 12;

const denominatorOf = (numeral: Numeral): bigint =>
  numeral.kind === "decimal" ? 10n ** BigInt(withoutEndZeros(numeral.fraction).length) : numeral.denominator;

/** Refuses denominators whose multiples make lists that are too long. */
export function longLists({ operands }: FractionProblem): MethodRefusal<"longList"> | undefined {
  const denominators = operands.map(denominatorOf);
  const meets = denominators.reduce(commonMultiple, 1n);
  const long = denominators.some((denominator) => meets / denominator > BigInt(MOST_MULTIPLES));
  return long ? because("longList", MOST_MULTIPLES) : undefined;
}

/** The most digits of a number that is taken apart into its primes. */
const MOST_FACTORED = 6;

/** Refuses denominators that are too large to be taken apart. */
export const largeFactors = ({ operands }: FractionProblem): MethodRefusal<"largeNumber"> | undefined =>
  operands.every((operand) => denominatorOf(operand) < 10n ** BigInt(MOST_FACTORED))
    ? undefined
    : because("largeNumber", MOST_FACTORED);

/** Like parts added or subtracted: the numerators count them, the denominator says what they are. */
export function combined<Inner>(
  parts: readonly Fraction[],
  op: "add" | "subtract",
  { house, decisions, pad }: WorkRules<FractionDecisions> & OnPad<FractionPad<Inner>>,
): Fraction {
  const result = fraction(
    decisions.combines(
      op,
      parts.map(({ numerator }) => numerator),
    ),
    decisions.combinesUnder(
      parts.map(({ denominator }) => denominator),
      op,
    ),
  );
  if (result.negative || result.denominator === 0n) throw new Stuck("combined: there is no such fraction");
  pad.line("work", { kind: "combineParts", op, parts, result }, () => [
    ...joined(
      parts.map((one) => items(one, house)),
      op === "add" ? "+" : "−",
    ),
    padText("="),
    ...items(result, house),
  ]);
  return result;
}

/** The fractions over one denominator; those that have it already stay as they are. */
export function alike<Inner>(
  by: CommonBy,
  fractions: readonly Fraction[],
  { house, decisions, pad }: WorkRules<FractionDecisions> & OnPad<FractionPad<Inner>>,
): readonly Fraction[] {
  if (!decisions.makesAlike) return fractions;
  const denominators = [...new Set(fractions.map(({ denominator }) => denominator))];
  const [only, ...others] = denominators;
  if (only === undefined || others.length === 0) {
    pad.mark("work", { kind: "alikeAlready", denominator: only ?? 1n });
    return fractions;
  }
  const common = commonDenominator(by, denominators, pad);
  return fractions.map((one) => equivalentOf(one, common, { house, decisions, pad }));
}

/** A denominator that all the others divide: by lists of multiples, by prime factors, or as their product. */
function commonDenominator<Inner>(
  by: CommonBy,
  denominators: readonly bigint[],
  pad: FractionPad<Inner>,
): bigint {
  const least = denominators.reduce(commonMultiple, 1n);
  switch (by) {
    case "multiples": {
      const lists = denominators.map((of) => ({
        of,
        multiples: Array.from({ length: Number(least / of) }, (_, index) => of * BigInt(index + 1)),
      }));
      listLines(lists, least, pad);
      return least;
    }
    case "factors": {
      const lists = denominators.map((of) => ({ of, factors: primeFactors(of) }));
      const joinedFactors = primeFactors(least);
      const lines = [...lists, { of: least, factors: joinedFactors }];
      const why: FractionWhy = { kind: "primeFactors", lists, joined: joinedFactors, product: least };
      pad.block(
        "work",
        why,
        () => lines.map(({ of, factors }) => `${of}=${factors.length === 0 ? of : factors.join("×")}`),
        (top) => [
          {
            kind: "rule",
            row: top + lists.length,
            from: 0,
            to: widest(lines.map(({ of }) => String(of))) + 4,
            strokes: 1,
          },
        ],
      );
      return least;
    }
    case "product": {
      const product = denominators.reduce((all, denominator) => all * denominator, 1n);
      const why: FractionWhy = { kind: "multiplyDenominators", denominators, product };
      pad.line("work", why, () => [padText(`${denominators.join("×")}=${product}`)]);
      return product;
    }
  }
}

const widest = (texts: readonly string[]): number => Math.max(...texts.map((one) => one.length));

function listLines<Inner>(
  lists: readonly { readonly of: bigint; readonly multiples: readonly bigint[] }[],
  meets: bigint,
  pad: FractionPad<Inner>,
): void {
  const head = widest(lists.map(({ of }) => String(of)));
  const cell = String(meets).length + 1;
  const lines = () =>
    lists.map(
      ({ of, multiples }) =>
        `${String(of).padStart(head)}:${multiples.map((multiple) => String(multiple).padStart(cell)).join("")}`,
    );
  const rings = (top: number): readonly Mark[] =>
    lists.map(({ multiples }, index) => ({
      kind: "frame",
      col: head + 1 + multiples.length * cell - String(meets).length,
      row: top + index,
      width: String(meets).length,
      height: 1,
    }));
  pad.block("work", { kind: "listMultiples", lists, meets }, lines, rings);
}
