import type { Mark } from "../../board";
import { commonFactor, type Fraction, fraction } from "../../number";
import { type Asks, type FractionProblem, signOf } from "../../problem";
import { mapTwo } from "../../tuples";
import { type Method, otherOperation, taken } from "../contract/method";
import type { InHouse, OnPad, WorkContext, WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { joined, type PlacedItem, padText, stack } from "../squares/pad";
import { type FractionDecisions, SOUND_FRACTIONS } from "./fractionDecisions";
import { finishFraction } from "./fractionEnd";
import {
  asFractions,
  type FractionPad,
  type FractionWhy,
  items,
  oneFraction,
  startFractions,
} from "./fractionSteps";

/** Numerators with numerators, denominators with denominators; common factors cancelled before, or the product simplified after. */
export const multiplyingAcross: Method<
  "multiplying-across",
  FractionWhy,
  FractionProblem,
  FractionDecisions
> = {
  id: "multiplying-across",
  sample: "4/9 × 15/16",
  bench: {
    small: "<1-4>/<2-5> × <1-4>/<2-5>",
    usual: "<1-12>/<2-13> × <1-12>/<2-13>",
    largest: "<1-9900>/<2-9901> × <1-9900>/<2-9901> × <1-9900>/<2-9901>",
  },
  sound: SOUND_FRACTIONS,
  takes: (problem) => (problem.op === "multiply" ? taken(problem, workAcross) : otherOperation("multiply")),
};

/** The divisor turned over, and then multiplied by. */
export const turningOver: Method<"turning-over", FractionWhy, FractionProblem, FractionDecisions> = {
  id: "turning-over",
  sample: "2/3 ÷ 4/5",
  bench: {
    small: "<1-4>/<2-5> ÷ <1-4>/<2-5>",
    usual: "<1-12>/<2-13> ÷ <1-12>/<2-13>",
    largest: "<1-9900>/<2-9901> ÷ <1-9900>/<2-9901>",
  },
  sound: SOUND_FRACTIONS,
  takes: (problem) => (problem.op === "divide" ? taken(problem, workTurningOver) : otherOperation("divide")),
};

/** A product of fractions with any decisions; only sound ones are sure to reach the right answer. */
function workAcross<Inner>(
  problem: Asks<FractionProblem, "multiply">,
  { house, decisions, solve }: WorkContext<FractionDecisions, Inner>,
): MethodResult<FractionWhy | Inner> {
  const pad = startFractions<Inner>(problem, house);
  const factors = asFractions(problem.operands, { house, decisions, pad });
  const result = productOf(factors, { house, decisions, pad });
  return finishFraction(result, { problem, house, decisions }, { pad, solve });
}

/** A quotient by turning the divisor over, with any decisions. */
function workTurningOver<Inner>(
  problem: Asks<FractionProblem, "divide">,
  { house, decisions, solve }: WorkContext<FractionDecisions, Inner>,
): MethodResult<FractionWhy | Inner> {
  const pad = startFractions<Inner>(problem, house);
  const [dividend, divisor] = mapTwo(problem.operands, (one) => oneFraction(one, { house, decisions, pad }));
  const reciprocal = decisions.turnsOver(divisor);
  const kept = decisions.dividend(dividend);
  pad.line("work", { kind: "turnOver", divisor, reciprocal }, () => [
    ...items(dividend, house),
    padText(signOf("divide", house)),
    ...items(divisor, house),
    padText("="),
    ...items(kept, house),
    padText(signOf("multiply", house)),
    ...items(reciprocal, house),
  ]);
  const result = productOf([kept, reciprocal], { house, decisions, pad });
  return finishFraction(result, { problem, house, decisions }, { pad, solve });
}

/** What a numerator or a denominator has become: its squares on the line, its value, and how often it was struck. */
interface Standing extends PlacedItem {
  value: bigint;
  struck: number;
  readonly above: boolean;
}

/** A product across the line: cancelled first where the house does so. */
function productOf<Inner>(
  given: readonly Fraction[],
  { house, decisions, pad }: WorkRules<FractionDecisions> & OnPad<FractionPad<Inner>>,
): Fraction {
  const factors = decisions.factors(given);
  const standing = house.cancelling === "before" ? cancelled(factors, { house, pad }) : undefined;
  const over = standing?.over ?? factors.map(({ numerator }) => numerator);
  const under = standing?.under ?? factors.map(({ denominator }) => denominator);
  const result = fraction(decisions.across(over), decisions.acrossUnder(under));
  const times = signOf("multiply", house);
  const why: FractionWhy = {
    kind: "acrossTheLine",
    factors: over.map((numerator, index) => fraction(numerator, under[index] ?? 1n)),
    result,
  };
  const product = (all: readonly bigint[]): bigint => all.reduce((made, one) => made * one, 1n);
  // Whoever does something else with the numbers does not write that they are multiplied.
  const multiplied = product(over) === result.numerator && product(under) === result.denominator;
  pad.line("work", why, () => [
    ...(multiplied ? [stack(over.join(times), under.join(times))] : []),
    padText("="),
    ...items(result, house),
  ]);
  return result;
}

/** Each numerator against each denominator: what divides both is taken out of both, and what is left written small. */
function cancelled<Inner>(
  factors: readonly Fraction[],
  { house, pad }: InHouse & OnPad<FractionPad<Inner>>,
): { readonly over: readonly bigint[]; readonly under: readonly bigint[] } {
  const times = signOf("multiply", house);
  const pairs = cancellations(factors);
  if (pairs.length === 0)
    return {
      over: factors.map(({ numerator }) => numerator),
      under: factors.map(({ denominator }) => denominator),
    };
  const line = () =>
    joined(
      factors.map((factor) => items(factor, house)),
      times,
    );
  const placed = pad.line("work", { kind: "readyToCancel", factors }, line, { above: 2, below: 2 });
  // What stands above and below, as it is drawn: made once the line is.
  let standing: { readonly over: readonly Standing[]; readonly under: readonly Standing[] } | undefined;
  const drawn = () => {
    const stacks = placed().filter((_, index) => index % 2 === 0);
    standing ??= {
      over: factors.map(({ numerator }, index) => standingAt(stacks[index], numerator, true)),
      under: factors.map(({ denominator }, index) => standingAt(stacks[index], denominator, false)),
    };
    return standing;
  };
  const over = factors.map(({ numerator }) => numerator);
  const under = factors.map(({ denominator }) => denominator);
  for (const [top, bottom] of pairs) {
    const [before, after] = [over[top], under[bottom]];
    if (before === undefined || after === undefined) continue;
    const by = commonFactor(before, after);
    const [newOver, newUnder] = [before / by, after / by];
    [over[top], under[bottom]] = [newOver, newUnder];
    pad.mark("work", { kind: "cancel", over: before, under: after, by, newOver, newUnder }, () => {
      const [above, below] = [drawn().over[top], drawn().under[bottom]];
      return above === undefined || below === undefined
        ? []
        : [...strikeTo(above, newOver), ...strikeTo(below, newUnder)];
    });
  }
  return { over, under };
}

/** Which numerators cancel with which denominators, in turn. */
function cancellations(factors: readonly Fraction[]): readonly (readonly [number, number])[] {
  const over = factors.map(({ numerator }) => numerator);
  const under = factors.map(({ denominator }) => denominator);
  const pairs: [number, number][] = [];
  for (const top of factors.keys()) {
    for (const bottom of factors.keys()) {
      const [a = 1n, b = 1n] = [over[top], under[bottom]];
      const by = commonFactor(a, b);
      if (by === 1n || a === 0n) continue;
      over[top] = a / by;
      under[bottom] = b / by;
      pairs.push([top, bottom]);
    }
  }
  return pairs;
}

function standingAt(placed: PlacedItem | undefined, value: bigint, above: boolean): Standing {
  if (placed === undefined) throw new Error("standingAt: a fraction is not on the line");
  const width = String(value).length;
  const col = placed.col + (placed.width - width) / 2;
  return { ...placed, col, width, value, struck: 0, above };
}

/** The number struck, or its small successor, and the new one written small beyond it, away from the line. */
function strikeTo(standing: Standing, value: bigint): readonly Mark[] {
  const { col, width, row, under, above, struck } = standing;
  const middle = col + (width - 1) / 2;
  const away = (times: number): { readonly row: number; readonly position: "low" | "high" } => {
    const first = times % 2 === 0;
    const rows = 1 + Math.floor(times / 2);
    return above
      ? { row: row - rows, position: first ? "low" : "high" }
      : { row: under + rows, position: first ? "high" : "low" };
  };
  const strikes: readonly Mark[] =
    struck === 0
      ? Array.from({ length: width }, (_, index) => ({
          kind: "strike",
          col: col + index,
          row: above ? row : under,
          target: "square",
        }))
      : [{ kind: "strike", col: middle, row: away(struck - 1).row, target: away(struck - 1).position }];
  standing.value = value;
  standing.struck = struck + 1;
  return [
    ...strikes,
    {
      kind: "small",
      col: middle,
      row: away(struck).row,
      position: away(struck).position,
      text: String(value),
    },
  ];
}
