import type { HouseRules } from "../../house";
import {
  commonMultiple,
  compareNumerals,
  type Fraction,
  fraction,
  type Mixed,
  type Numeral,
  primeFactors,
} from "../../number";
import type { FractionProblem, Relation } from "../../problem";
import { nameStep } from "../answer";
import {
  type Method,
  type MethodId,
  type Refusal,
  type WorkingBy,
  type WorkPart,
  worksOnly,
} from "../method";
import { joined, PLAIN_LAYOUT, text } from "../pad";
import { type FractionHabits, SOUND_FRACTIONS } from "./fractionHabits";
import {
  asFractions,
  countedOut,
  decimalAsFraction,
  equivalentOf,
  type FractionPad,
  type FractionWhy,
  finishFraction,
  items,
  mixedOf,
  startFractions,
} from "./fractionSteps";

/** How a common denominator is found. */
type Way = "multiples" | "factors" | "product";

const METHOD_OF: Readonly<Record<Way, MethodId>> = {
  multiples: "denominators-by-multiples",
  factors: "denominators-by-factors",
  product: "denominators-by-product",
};

/** The longest list of multiples that is written. */
const MOST_MULTIPLES = 12;

/** Fractions added, subtracted, compared or put in order over a common denominator, which is found in one of three ways. */
const method = (way: Way): Method<FractionWhy, FractionProblem> => ({
  id: METHOD_OF[way],
  refuses: (problem) =>
    worksOnly("add", "subtract", "compare", "order")(problem) ?? refusedDenominators(way, problem),
  work: (problem, house, part) => workCommonDenominator(way, problem, house, SOUND_FRACTIONS, part),
});

export const denominatorsByMultiples = method("multiples");
export const denominatorsByFactors = method("factors");
export const denominatorsByProduct = method("product");

const denominatorOf = (numeral: Numeral): bigint =>
  numeral.kind === "decimal"
    ? 10n ** BigInt(numeral.fraction.replace(/0+$/, "").length)
    : numeral.denominator;

function refusedDenominators(way: Way, { operands }: FractionProblem): Refusal | undefined {
  const denominators = operands.map(denominatorOf);
  switch (way) {
    case "multiples": {
      const meets = denominators.reduce(commonMultiple, 1n);
      const long = denominators.some((denominator) => meets / denominator > BigInt(MOST_MULTIPLES));
      return long ? { kind: "longList", most: MOST_MULTIPLES } : undefined;
    }
    case "factors":
      return denominators.every((denominator) => denominator < 1_000_000n)
        ? undefined
        : { kind: "largeNumber", most: 6 };
    case "product":
      return undefined;
  }
}

/** Fractions over a common denominator with any habits; only sound ones are sure to reach the right answer. */
export function workCommonDenominator<Inner>(
  way: Way,
  problem: FractionProblem,
  house: HouseRules,
  habits: FractionHabits,
  part: WorkPart<Inner>,
): WorkingBy<FractionWhy | Inner> {
  const pad = startFractions<Inner>(problem, house);
  const { op } = problem;
  if (op === "compare" || op === "order") return workOrder(way, problem, house, habits, pad);
  const below = op === "subtract" && isBelowZero(problem.operands);
  const operands = below ? [...problem.operands].reverse() : problem.operands;
  const [larger, smaller] = operands;
  if (below && larger !== undefined && smaller !== undefined) {
    pad.line("setOut", { kind: "swapFractions", larger, smaller }, [
      ...items(larger, house),
      text("−"),
      ...items(smaller, house),
    ]);
  }
  const apart =
    house.mixedNumbers === "apart" &&
    operands.some(({ kind }) => kind === "mixed") &&
    operands.every(isProper);
  const sums = op === "subtract" ? "subtract" : "add";
  const value = apart
    ? workApart(way, operands, sums, house, habits, pad)
    : workImproper(way, operands, sums, house, habits, pad);
  return finishFraction(
    pad,
    value,
    { problem, method: METHOD_OF[way], house, habits, negative: below },
    part,
  );
}

/** Whether the part beside a whole number is less than a whole. */
const isProper = (numeral: Numeral): boolean =>
  numeral.kind !== "mixed" || numeral.numerator < numeral.denominator;

const isBelowZero = ([first, second]: readonly Numeral[]): boolean =>
  first !== undefined && second !== undefined && compareNumerals(first, second) < 0;

/** Every number as one fraction, then like parts together. */
function workImproper<Inner>(
  way: Way,
  operands: readonly Numeral[],
  op: "add" | "subtract",
  house: HouseRules,
  habits: FractionHabits,
  pad: FractionPad<Inner>,
): Fraction {
  const parts = alike(way, asFractions(pad, operands, house, habits), house, habits, pad);
  return combined(parts, op, house, habits, pad);
}

/** Like parts added or subtracted: the numerators count them, the denominator says what they are. */
function combined<Inner>(
  parts: readonly Fraction[],
  op: "add" | "subtract",
  house: HouseRules,
  habits: FractionHabits,
  pad: FractionPad<Inner>,
): Fraction {
  const result = fraction(
    habits.combines(
      op,
      parts.map(({ numerator }) => numerator),
    ),
    habits.combinesUnder(parts.map(({ denominator }) => denominator)),
  );
  pad.line("work", { kind: "combineParts", op, parts, result }, [
    ...joined(
      parts.map((one) => items(one, house)),
      op === "add" ? "+" : "−",
    ),
    text("="),
    ...items(result, house),
  ]);
  return result;
}

/** The fractions over one denominator; those that have it already stay as they are. */
function alike<Inner>(
  way: Way,
  fractions: readonly Fraction[],
  house: HouseRules,
  habits: FractionHabits,
  pad: FractionPad<Inner>,
): readonly Fraction[] {
  const denominators = [...new Set(fractions.map(({ denominator }) => denominator))];
  const [only, ...others] = denominators;
  if (only === undefined || others.length === 0) {
    pad.mark("work", { kind: "alikeAlready", denominator: only ?? 1n }, []);
    return fractions;
  }
  const common = commonDenominator(way, denominators, pad);
  return fractions.map((one) => equivalentOf(pad, one, common, house, habits));
}

/** A denominator that all the others divide: by lists of multiples, by prime factors, or as their product. */
function commonDenominator<Inner>(
  way: Way,
  denominators: readonly bigint[],
  pad: FractionPad<Inner>,
): bigint {
  const least = denominators.reduce(commonMultiple, 1n);
  switch (way) {
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
      const top = pad.row;
      const lines = [...lists, { of: least, factors: joinedFactors }];
      const why: FractionWhy = { kind: "primeFactors", lists, joined: joinedFactors, product: least };
      pad.block(
        "work",
        why,
        lines.map(({ of, factors }) => `${of}=${factors.length === 0 ? of : factors.join("×")}`),
        [
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
      pad.line("work", why, [text(`${denominators.join("×")}=${product}`)]);
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
  const top = pad.row;
  const head = widest(lists.map(({ of }) => String(of)));
  const cell = String(meets).length + 1;
  const lines = lists.map(
    ({ of, multiples }) =>
      `${String(of).padStart(head)}:${multiples.map((multiple) => String(multiple).padStart(cell)).join("")}`,
  );
  const rings = lists.map(({ multiples }, index) => ({
    kind: "frame" as const,
    col: head + 1 + multiples.length * cell - String(meets).length,
    row: top + index,
    width: String(meets).length,
    height: 1,
  }));
  pad.block("work", { kind: "listMultiples", lists, meets }, lines, rings);
}

/** Wholes with wholes and parts with parts; where the part on top is too small, a whole is regrouped into it. */
function workApart<Inner>(
  way: Way,
  operands: readonly Numeral[],
  op: "add" | "subtract",
  house: HouseRules,
  habits: FractionHabits,
  pad: FractionPad<Inner>,
): Numeral {
  const numerals = operands.map((operand): Numeral => {
    const one =
      operand.kind === "decimal" && operand.fraction !== ""
        ? decimalAsFraction(pad, operand, house)
        : operand;
    const improper = one.kind === "fraction" && one.numerator >= one.denominator;
    return improper ? countedOut(pad, one, house, "work") : one;
  });
  const wholes = numerals.map((numeral) =>
    numeral.kind === "mixed" ? numeral.whole : numeral.kind === "decimal" ? BigInt(numeral.whole || "0") : 0n,
  );
  const given = numerals.map((numeral) =>
    numeral.kind === "decimal" ? undefined : fraction(numeral.numerator, numeral.denominator),
  );
  const present = given.filter((one) => one !== undefined);
  pad.mark("work", { kind: "partsApart", wholes, parts: present }, []);
  const parts = [...alike(way, present, house, habits, pad)];
  const zero = fraction(0n, parts[0]?.denominator ?? 1n);
  const inPlace = given.map((one) => (one === undefined ? zero : (parts.shift() ?? zero)));
  const standing =
    op === "subtract" ? regrouped(wholes, inPlace, house, habits, pad) : { wholes, parts: inPlace };
  const result = standing.wholes
    .slice(1)
    .reduce((all, whole) => (op === "add" ? all + whole : all - whole), standing.wholes[0] ?? 0n);
  pad.line("work", { kind: "wholesTogether", op, wholes: standing.wholes, result }, [
    text(`${standing.wholes.join(op === "add" ? "+" : "−")}=${result}`),
  ]);
  const shown = standing.parts.filter(
    ({ numerator }, index) => numerator > 0n || (op === "subtract" && index === 0),
  );
  const sum = shown.length > 1 ? combined(shown, op, house, habits, pad) : (shown[0] ?? zero);
  return joinedUp(result, sum, house, pad);
}

/** A whole of the minuend regrouped into its part, where that is smaller than the other. */
function regrouped<Inner>(
  wholes: readonly bigint[],
  parts: readonly Fraction[],
  house: HouseRules,
  habits: FractionHabits,
  pad: FractionPad<Inner>,
): { readonly wholes: readonly bigint[]; readonly parts: readonly Fraction[] } {
  const [top, bottom] = parts;
  const [whole = 0n, ...rest] = wholes;
  if (top === undefined || bottom === undefined || top.numerator >= bottom.numerator)
    return { wholes, parts };
  const mixed = (count: bigint, numerator: bigint): Mixed => ({
    kind: "mixed",
    negative: false,
    whole: count,
    numerator,
    denominator: top.denominator,
  });
  const before = mixed(whole, top.numerator);
  const after = mixed(whole - 1n, habits.regroups(top.numerator, top.denominator));
  pad.line("work", { kind: "regroupWhole", before, after, needed: bottom }, [
    ...items(top.numerator === 0n ? mixedOf(whole, top) : before, house),
    text("="),
    ...items(after, house),
  ]);
  return { wholes: [whole - 1n, ...rest], parts: [fraction(after.numerator, after.denominator), bottom] };
}

/** Whole and part put together; a part of one whole or more gives its wholes over first. */
function joinedUp<Inner>(whole: bigint, part: Fraction, house: HouseRules, pad: FractionPad<Inner>): Numeral {
  if (part.numerator < part.denominator) return joinOnLine(whole, part, house, pad);
  const more = part.numerator / part.denominator;
  const rest = fraction(part.numerator % part.denominator, part.denominator);
  countedOut(pad, part, house, "work");
  return joinOnLine(whole + more, rest, house, pad);
}

function joinOnLine<Inner>(
  whole: bigint,
  part: Fraction,
  house: HouseRules,
  pad: FractionPad<Inner>,
): Numeral {
  const result = mixedOf(whole, part);
  pad.line("work", { kind: "joinWholeAndPart", whole, part, result }, [text("="), ...items(result, house)]);
  return result;
}

/** Numbers over one denominator, so that their numerators say how they lie. */
function workOrder<Inner>(
  way: Way,
  problem: FractionProblem,
  house: HouseRules,
  habits: FractionHabits,
  pad: FractionPad<Inner>,
): WorkingBy<FractionWhy | Inner> {
  const { operands } = problem;
  const parts = alike(way, asFractions(pad, operands, house, habits), house, habits, pad);
  const base = { problem, method: METHOD_OF[way], house, layout: PLAIN_LAYOUT } as const;
  const [first, second] = parts;
  const [left, right] = operands;
  if (problem.op === "compare" && first && second && left && right) {
    const relation: Relation =
      first.numerator < second.numerator ? "<" : first.numerator > second.numerator ? ">" : "=";
    pad.line("work", { kind: "compareParts", numerals: operands, parts, relation }, [
      ...items(first, house),
      text(relation),
      ...items(second, house),
    ]);
    const answer = { kind: "comparison", left, right, relation } as const;
    pad.line("answer", { kind: "nameAnswer", answer }, [
      ...items(left, house),
      text(relation),
      ...items(right, house),
    ]);
    return { ...base, steps: pad.steps, answer };
  }
  const order = parts
    .map((one, index) => ({ one, numeral: operands[index] ?? one }))
    .sort((a, b) => Number(a.one.numerator - b.one.numerator));
  const ordered = order.map(({ numeral }) => numeral);
  pad.line(
    "work",
    { kind: "orderParts", ordered, parts: order.map(({ one }) => one) },
    joined(
      order.map(({ one }) => items(one, house)),
      "<",
    ),
  );
  const answer = { kind: "ordered", numerals: ordered } as const;
  pad.take([nameStep(answer, undefined)]);
  return { ...base, steps: pad.steps, answer };
}

/** The ways to a common denominator in the order in which a house takes them: its own, then those that take more. */
export const denominatorMethods = (house: HouseRules): readonly MethodId[] => [
  METHOD_OF[house.commonDenominator],
  METHOD_OF.factors,
  METHOD_OF.product,
];
