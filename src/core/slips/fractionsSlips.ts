import { commonMultiple, type Fraction, fraction, isWhole } from "../number";
import type { Answer, FractionProblem, Problem } from "../problem";
import { decimalProblem, smallestPrime, wholeFrom } from "./parts";
import type { SlipAct, SlipsOf, Split } from "./slip";

const OVER_COMMON = ["denominators-by-factors", "denominators-by-multiples"] as const;
const APART = { methods: OVER_COMMON } as const;
const CANCELS_AFTER = { cancelling: "after" } as const;

const asked = (problem: Problem, ...ops: readonly FractionProblem["op"][]): FractionProblem | undefined =>
  problem.kind === "fractions" && ops.includes(problem.op) ? problem : undefined;

/** A problem with fractions of such an operation. */
const isOf =
  (...ops: readonly FractionProblem["op"][]) =>
  (problem: Problem): boolean =>
    asked(problem, ...ops) !== undefined;

/** Fractions only, no whole or mixed number among them. */
const onlyFractions =
  (op: "multiply" | "divide") =>
  (problem: Problem): boolean =>
    asked(problem, op)?.operands.every(({ kind }) => kind === "fraction") ?? false;

const hasMixed =
  (...ops: readonly FractionProblem["op"][]) =>
  (problem: Problem): boolean =>
    asked(problem, ...ops)?.operands.some(({ kind }) => kind === "mixed") ?? false;

const gap = (a: bigint, b: bigint): bigint => (a > b ? a - b : b - a);

/** Numerators put together as they should be, but the smaller taken from the larger. */
const combinesGap = (op: "add" | "subtract", [first = 0n, ...rest]: readonly bigint[]): bigint =>
  op === "add" ? rest.reduce((all, one) => all + one, first) : gap(first, rest[0] ?? 0n);

/** A multiplication taken for a division. */
function turnedOver(problem: Problem): Problem | undefined {
  const product = asked(problem, "multiply");
  return product?.operands.length === 2 && onlyFractions("multiply")(problem)
    ? { ...product, op: "divide" }
    : undefined;
}

/** A whole number times a fraction with the whole number both above and below. */
function wholeOnBoth(problem: Problem): Problem | undefined {
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
    : { ...product, operands };
}

/** All over one denominator. */
function overOne(factors: readonly Fraction[]): readonly Fraction[] {
  const common = factors.reduce((all, { denominator }) => commonMultiple(all, denominator), 1n);
  return factors.map(({ numerator, denominator }) => fraction((numerator * common) / denominator, common));
}

/** Whether tops over a common denominator divide without anything left over. */
function topsDivide(problem: Problem): boolean {
  const [dividend, divisor] = overOne(
    (asked(problem, "divide")?.operands ?? []).filter((one) => one.kind === "fraction"),
  );
  if (dividend === undefined || divisor === undefined) return false;
  return divisor.numerator > 0n && dividend.numerator % divisor.numerator === 0n;
}

/** Wholes with wholes and parts with parts, in times and divided by; a missing part leaves the other as it is. */
function partByPart(problem: Problem): Split | undefined {
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
      parts: [decimalProblem("divide", [wholeFrom(String(first)), wholeFrom(String(second))])],
      joins: ([whole]) => besides(whole, left),
    };
  }
  const both = first !== undefined && second !== undefined;
  const bothParts = left !== undefined && right !== undefined;
  const product: FractionProblem = {
    kind: "fractions",
    op: "multiply",
    operands: bothParts ? [left, right] : [],
    wanted: one.wanted,
  };
  const kept = wholeFrom(String(first ?? second ?? 0n));
  return {
    parts: [
      ...(both ? [decimalProblem("multiply", [wholeFrom(String(first)), wholeFrom(String(second))])] : []),
      ...(bothParts ? [product] : []),
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
  if (part.kind === "decimal") return wholeFrom(String(count + BigInt(part.whole || "0")));
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
function digitStruck({ numerator, denominator }: Fraction): Fraction | undefined {
  const [over, under] = [String(numerator), String(denominator)];
  if (over.length < 2 || under.length < 2) return undefined;
  const shared = [...over].find((digit) => digit !== "0" && under.includes(digit));
  if (shared === undefined) return undefined;
  const [above, below] = [over.replace(shared, ""), under.replace(shared, "")];
  return above.startsWith("0") || below.startsWith("0") ? undefined : fraction(BigInt(above), BigInt(below));
}

/** Top and bottom each divided by the first prime that goes into it. */
const ownDivisors = ({ numerator, denominator }: Fraction): Fraction | undefined =>
  numerator < 2n || denominator < 2n
    ? undefined
    : fraction(numerator / smallestPrime(numerator), denominator / smallestPrime(denominator));

const apart = (
  fractions: NonNullable<SlipAct["habits"]>["fractions"],
): Pick<SlipAct, "habits" | "methods"> => ({
  ...APART,
  habits: { fractions: { setsApart: true, ...fractions } },
});

/** A whole number from which a fraction or a mixed number is taken. */
const fromWhole = (problem: Problem): boolean => {
  const [first, second] = asked(problem, "subtract")?.operands ?? [];
  return first !== undefined && isWhole(first) && second !== undefined && !isWhole(second);
};

/** A mixed number from a mixed number. */
const mixedFromMixed = (problem: Problem): boolean =>
  asked(problem, "subtract")?.operands.every(({ kind }) => kind === "mixed") ?? false;

const unlike = (problem: Problem): boolean => {
  const all = asked(problem, "add", "subtract", "rewrite");
  if (all === undefined) return false;
  if (all.op === "rewrite")
    return all.wanted.kind === "overDenominator" || all.wanted.kind === "overNumerator";
  const under = all.operands.flatMap((one) => (one.kind === "decimal" ? [] : [one.denominator]));
  return new Set(under).size > 1;
};

const improperTask = (problem: Problem): boolean =>
  asked(problem, "rewrite")?.wanted.kind === "asMixed" ||
  asked(problem, "rewrite")?.wanted.kind === "asFraction";

const simplifies = (problem: Problem): boolean => asked(problem, "rewrite")?.wanted.kind === "simplest";

export const FRACTIONS_SLIPS: SlipsOf = [
  {
    id: "frac-straight-across",
    name: "Tops with tops, bottoms with bottoms",
    does: "Add: top plus top over bottom plus bottom. Subtract: difference of tops over difference of bottoms, larger minus smaller. Whole parts added or subtracted separately.",
    shows: "adding or subtracting any two fractions",
    example: ["2/5 + 1/3", "3/8"],
    apart: "like bottoms already show it: 1/5 + 2/5 gives 3/10",
    remedy: "bar model: is 3/8 more than 2/5? same-size pieces first",
    knownFrom: "Hart (1981); Vinner, Hershkowitz & Bruckheimer (1981); Kerslake (1986); Tatsuoka (1984)",
    common: 3,
    lookAlikes: ["frac-old-tops"],
    needs: isOf("add", "subtract"),
    ...apart({
      makesAlike: false,
      needsWhole: () => false,
      combines: combinesGap,
      combinesUnder: (unders, op) =>
        op === "add" ? unders.reduce((all, one) => all + one, 0n) : gap(unders[0] ?? 0n, unders[1] ?? 0n),
    }),
  },
  {
    id: "frac-old-tops",
    name: "New bottom, old tops",
    does: "Find the lowest common denominator, write it under both fractions, keep the numerators. In ?/12 tasks write the old numerator. Whole parts done separately.",
    shows: "unlike denominators",
    example: ["3/4 + 1/6", "4/12"],
    apart: "from frac-straight-across: the bottom is the common multiple, not the sum",
    remedy: "cut the bar again: when pieces shrink, their number grows",
    knownFrom: "Brueckner (1928); Tatsuoka (1984); Ashlock",
    common: 3,
    lookAlikes: ["frac-straight-across"],
    needs: unlike,
    methods: [...OVER_COMMON, "changing-form"],
    rules: { mixedNumbers: "apart" },
    habits: { fractions: { scales: (numerator) => numerator } },
  },
  {
    id: "frac-add-to-both",
    name: "Whatever was added below is added above",
    does: "To change denominators, add to the numerator the amount by which the denominator grew (2/3 to twelfths: 2 + 9). Then add or subtract.",
    shows: "equivalent-fraction tasks; unlike denominators",
    example: ["2/3 = ?/12", "11"],
    apart: "from frac-old-tops: the tops change",
    remedy: "fold paper: scale pieces and count together",
    knownFrom: "Hart (1981) for additive thinking about equal ratios; classroom lore for fractions",
    common: 2,
    lookAlikes: [],
    needs: unlike,
    methods: [...OVER_COMMON, "changing-form"],
    rules: { mixedNumbers: "apart" },
    habits: {
      fractions: { scales: (numerator, by, denominator) => numerator + denominator * by - denominator },
    },
  },
  {
    id: "mixed-small-from-big",
    name: "The smaller fraction part is taken from the larger",
    does: "Subtract the whole parts; over the common denominator take the smaller fraction part from the larger, no regrouping.",
    shows: "mixed − mixed where the first fraction part is smaller",
    example: ["5 1/4 − 2 3/4", "3 2/4"],
    apart: "from mixed-borrow-unpaid: they agree only when the fraction parts differ by a half",
    remedy: "number line: count up from 2 3/4",
    knownFrom: "Tatsuoka (1984); Ashlock",
    common: 3,
    lookAlikes: [],
    needs: mixedFromMixed,
    ...apart({ needsWhole: () => false, combines: combinesGap }),
  },
  {
    id: "mixed-borrow-ten",
    name: "One whole regrouped as ten pieces",
    does: "Take 1 from the whole part and add 10 to the numerator over the common denominator, whatever the denominator.",
    shows: "mixed or whole − mixed needing a regroup",
    example: ["4 1/5 − 1 3/5", "2 8/5"],
    apart: "answer's fraction part is often above one; error disappears with tenths",
    remedy: "one whole is five fifths: build it",
    knownFrom: "Ashlock (Error Patterns in Computation)",
    common: 3,
    lookAlikes: [],
    needs: hasMixed("subtract"),
    ...apart({ regroups: (numerator) => numerator + 10n }),
  },
  {
    id: "mixed-borrow-unpaid",
    name: "Regroups but keeps the whole",
    does: "Add the denominator to the numerator correctly but leave the whole part as it was. The answer is one too large.",
    shows: "mixed or whole − mixed needing a regroup",
    example: ["6 1/8 − 2 3/8", "4 6/8"],
    apart: "exactly 1 too large every time",
    remedy: "cross out the whole number as the pieces are written",
    knownFrom: "Brueckner (1928); Tatsuoka (1984)",
    common: 2,
    lookAlikes: ["mixed-fraction-copied"],
    needs: hasMixed("subtract"),
    ...apart({ lendsWhole: (whole) => whole }),
  },
  {
    id: "mixed-fraction-copied",
    name: "The fraction with nothing above it is copied",
    does: "Whole number minus fraction or mixed number: subtract whole parts and bring down the fraction.",
    shows: "whole − mixed, whole − fraction",
    example: ["6 − 2 3/8", "4 3/8"],
    apart:
      "from mixed-small-from-big: only shows when there is no first fraction; a learner with either habit may write the same answer here",
    remedy: "write 6 as 5 8/8",
    knownFrom: "Brueckner (1928); Tatsuoka (1984); Ashlock",
    common: 2,
    lookAlikes: ["mixed-borrow-unpaid"],
    needs: fromWhole,
    ...apart({ needsWhole: () => false, combines: (_, [, bottom = 0n]) => bottom }),
  },
  {
    id: "mixed-carry-forgotten",
    name: "The extra whole is lost",
    does: "Add whole parts and fraction parts; when the fraction parts reach one, reduce them by one whole but do not add it to the whole part.",
    shows: "mixed addition with fraction parts reaching one",
    example: ["2 3/4 + 1 3/4", "3 2/4"],
    apart: "exactly 1 too small every time",
    remedy: "circle four fourths, move them to the wholes",
    knownFrom: "Brueckner (1928); classroom lore",
    common: 3,
    lookAlikes: [],
    needs: hasMixed("add"),
    ...apart({ givesWholes: () => 0n }),
  },
  {
    id: "mixed-part-by-part",
    name: "Wholes and fractions handled separately in × and ÷",
    does: "Multiply whole part by whole part and fraction by fraction; a missing part leaves the other unchanged. Divide by a whole number: divide the whole part only.",
    shows: "mixed × anything, mixed ÷ whole",
    example: ["2 1/3 × 3 1/2", "6 1/6"],
    apart: "from improper-whole-plus-top: the whole part of the answer is the product of the whole parts",
    remedy: "area rectangle with four regions",
    knownFrom: "Newton (2008); classroom lore",
    common: 2,
    lookAlikes: [],
    splits: partByPart,
  },
  {
    id: "frac-mul-bottom-kept",
    name: "Common bottom kept when multiplying",
    does: "Give the fractions a common denominator, multiply the tops, keep that denominator once.",
    shows: "fraction × fraction, most often with like denominators",
    example: ["2/5 × 3/5", "6/5"],
    apart: "from frac-mul-flips-second: with like denominators the bottom stays as given",
    remedy: "a fifth of a fifth on a square: 25 small cells",
    knownFrom: "Siegler, Thompson & Schneider (2011); Newton (2008); Braithwaite, Pyke & Siegler (2017)",
    common: 2,
    lookAlikes: [],
    needs: onlyFractions("multiply"),
    methods: ["multiplying-across"],
    rules: CANCELS_AFTER,
    habits: { fractions: { factors: overOne, acrossUnder: ([first = 1n]) => first } },
  },
  {
    id: "frac-mul-flips-second",
    name: "The division rule used on a multiplication",
    does: "Turn the second fraction over, then multiply across.",
    shows: "fraction × fraction",
    example: ["2/3 × 4/5", "10/12"],
    apart: "the answer is what dividing would give",
    remedy: 'say the sign aloud as "of"; half of a half is smaller',
    knownFrom: "Newton (2008); classroom lore (often from cross-multiplying)",
    common: 2,
    lookAlikes: [],
    reads: turnedOver,
    methods: ["turning-over", "multiplying-across"],
  },
  {
    id: "frac-mul-whole-on-both",
    name: "The whole number multiplies top and bottom",
    does: "Whole × fraction: multiply both numerator and denominator by the whole number.",
    shows: "whole × fraction",
    example: ["3 × 2/7", "6/21"],
    apart: "the answer simplifies back to the fraction you started with",
    remedy: "repeated addition: 2/7 + 2/7 + 2/7",
    knownFrom: "classroom lore",
    common: 1,
    lookAlikes: [],
    reads: wholeOnBoth,
    rules: CANCELS_AFTER,
  },
  {
    id: "frac-div-no-flip",
    name: "Divides by multiplying across",
    does: "Multiply tops and bottoms without turning the divisor over (mixed numbers made improper correctly, whole numbers over 1); the result is left unsimplified.",
    shows: "any division of fractions",
    example: ["3/4 ÷ 2/3", "6/12"],
    apart: "from frac-div-flips-first: the answer is the product",
    remedy: "how many 2/3 fit in 3/4? more or less than one?",
    knownFrom: "Tirosh (2000) and Newton (2008) for algorithm mix-ups; classroom lore",
    common: 3,
    lookAlikes: [],
    needs: isOf("divide"),
    methods: ["turning-over"],
    habits: { fractions: { turnsOver: (divisor) => divisor } },
  },
  {
    id: "frac-div-flips-first",
    name: "Turns over the wrong one",
    does: "Invert the dividend instead of the divisor, then multiply. The answer, left unsimplified, is the reciprocal of the right one; right only when that is 1.",
    shows: "any division of fractions",
    example: ["5/6 ÷ 1/3", "6/15"],
    apart: "reciprocal of the right answer; hidden when the quotient is 1",
    remedy: "common-denominator division, then compare with the rule",
    knownFrom: "Tirosh (2000)",
    common: 2,
    lookAlikes: [],
    needs: isOf("divide"),
    methods: ["turning-over"],
    habits: {
      fractions: {
        turnsOver: (divisor) => divisor,
        dividend: ({ numerator, denominator }) => fraction(denominator, numerator),
      },
    },
  },
  {
    id: "frac-div-bottom-kept",
    name: "Common bottom kept when dividing",
    does: "With a common denominator, divide the tops and keep the denominator under the result.",
    shows: "fraction ÷ fraction with tops that divide",
    example: ["6/7 ÷ 2/7", "3/7"],
    apart: "from frac-mul-bottom-kept: same habit, other operation; test both",
    remedy: "6 sevenths in groups of 2 sevenths: how many groups?",
    knownFrom: "Braithwaite, Pyke & Siegler (2017); Siegler, Thompson & Schneider (2011)",
    common: 2,
    lookAlikes: [],
    needs: (problem) => onlyFractions("divide")(problem) && topsDivide(problem),
    methods: ["dividing-like-parts"],
    habits: { fractions: { likeUnder: (count, denominator) => count * denominator } },
  },
  {
    id: "simplify-strikes-digit",
    name: "Strikes out a digit that appears above and below",
    does: "Find the first digit of the numerator (0 excepted) that also occurs in the denominator, delete it once from each.",
    shows: "two-digit numerator and denominator sharing a digit",
    example: ["simplify 25/45", "2/4"],
    apart: "only fires on shared digits",
    remedy: "factor trees: digits are not factors",
    knownFrom: "Ashlock; classroom lore",
    common: 2,
    lookAlikes: [],
    needs: simplifies,
    methods: ["changing-form"],
    habits: { fractions: { shortens: digitStruck } },
  },
  {
    id: "simplify-own-divisors",
    name: "Top and bottom divided by different numbers",
    does: "Divide the numerator by its own smallest prime factor and the denominator by its own.",
    shows: "simplifying where the smallest prime factors differ",
    example: ["simplify 6/9", "3/3"],
    apart: "from simplify-strikes-digit: no digit need be shared",
    remedy: "write the divisor once, as a fraction equal to 1",
    knownFrom: "classroom lore",
    common: 1,
    lookAlikes: [],
    needs: simplifies,
    methods: ["changing-form"],
    habits: { fractions: { shortens: ownDivisors } },
  },
  {
    id: "improper-whole-plus-top",
    name: "Whole number added to the top",
    does: "Mixed to improper: numerator becomes whole plus numerator, denominator unchanged. Also inside × and ÷ of mixed numbers, the rest done right and simplified.",
    shows: "mixed to improper; × and ÷ with mixed numbers",
    example: ["2 3/4 as an improper fraction", "5/4"],
    apart: "from improper-top-bottom-swapped: give a direct conversion",
    remedy: "how many quarters in 2 wholes? draw them",
    knownFrom: "classroom lore",
    common: 3,
    lookAlikes: [],
    needs: hasMixed("multiply", "divide", "rewrite"),
    habits: { fractions: { improper: ({ whole, numerator }) => whole + numerator } },
  },
  {
    id: "improper-top-bottom-swapped",
    name: "Multiplies by the top, adds the bottom",
    does: "Mixed to improper: numerator becomes whole × numerator + denominator. Also inside × and ÷ of mixed numbers.",
    shows: "mixed to improper with a whole part above 1; × and ÷ with mixed numbers",
    example: ["2 3/4 as an improper fraction", "10/4"],
    apart: "hidden when the whole part is 1, where improper-whole-plus-top still fails",
    remedy: "say what each number counts: 2 wholes of 4 quarters, and 3 more",
    knownFrom: "classroom lore",
    common: 1,
    lookAlikes: [],
    needs: hasMixed("multiply", "divide", "rewrite"),
    habits: {
      fractions: { improper: ({ whole, numerator, denominator }) => whole * numerator + denominator },
    },
  },
  {
    id: "mixed-remainder-in-front",
    name: "Quotient and remainder change places",
    does: "Improper to mixed: write the remainder as the whole part and the quotient as the new numerator.",
    shows: "improper to mixed",
    example: ["17/5 as a mixed number", "2 3/5"],
    apart: "hidden when quotient and remainder are equal",
    remedy: "group the pieces into wholes; the groups are the wholes",
    knownFrom: "classroom lore",
    common: 1,
    lookAlikes: [],
    needs: improperTask,
    methods: ["changing-form"],
    habits: {
      fractions: {
        countsOut: (numerator, denominator) =>
          numerator % denominator === 0n
            ? { whole: numerator / denominator, rest: 0n }
            : { whole: numerator % denominator, rest: numerator / denominator },
      },
    },
  },
];
