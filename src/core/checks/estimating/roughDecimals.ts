import type Fraction from "fraction.js";
import type { HouseRules } from "../../house";
import {
  countedIn,
  type Decimal,
  digitsOf,
  fromCount,
  leadingPlace,
  ONES,
  type Place,
  roundTo,
  significantDigits,
  withoutTrailingZeros,
} from "../../number";
import { AS_IT_COMES, type DecimalProblem, exactAnswer, fractionOf, mapDecimals } from "../../problem";
import { mapTwoOrMore, type Two, type TwoOrMore } from "../../tuples";
import { digitsOfQuantity, firstDigits } from "./figures";
import type { Rounding } from "./roughAnswer";

/** A rough answer among decimals. */
interface Rough {
  readonly rounding: Rounding;
  readonly rounded: DecimalProblem;
  readonly result: Decimal;
}

/**
 * The ways to estimate a problem among decimals, none for what is not estimated. The plainest come first; in
 * a house that has a way of its own to round, those that round so.
 */
export function roughlyInDecimals(
  problem: DecimalProblem,
  rounding: HouseRules["estimateRounding"],
): readonly Rough[] {
  const ways = waysOf(problem, rounding);
  return [
    ...ways.filter((one) => one.rounding === rounding),
    ...ways.filter((one) => one.rounding !== rounding),
  ];
}

function waysOf(problem: DecimalProblem, rounding: HouseRules["estimateRounding"]): readonly Rough[] {
  switch (problem.op) {
    case "add":
    case "subtract":
      return [
        estimateOfColumns(problem),
        ...(rounding === "ones" || rounding === "leadingDigit" ? [roundedColumns(problem, rounding)] : []),
      ];
    case "multiply":
      return estimatesOfProduct(problem.operands, rounding);
    case "divide":
      return [estimateOfQuotient(problem.operands)];
    case "round":
    case "compare":
    case "order":
      return [];
  }
}

/**
 * Decimals from one up to a hundred are rounded to ones; larger and smaller numbers, and whole ones,
 * each to its leading digit, unless that makes a difference vanish.
 */
function estimateOfColumns(problem: DecimalProblem): Rough {
  const largest = Math.max(...problem.operands.map((operand) => leadingPlace(operand) ?? ONES));
  const decimals = problem.operands.some((operand) => operand.fraction !== "");
  if (decimals && (largest === 0 || largest === 1)) return roundedColumns(problem, "ones");
  const rough = roundedColumns(problem, "leadingDigit");
  const vanishes = problem.op === "subtract" && leadingPlace(rough.result) === undefined;
  return vanishes && largest > 1 ? roundedColumns(problem, "ones") : rough;
}

function roundedColumns(problem: DecimalProblem, rounding: "ones" | "leadingDigit"): Rough {
  const placeFor = (operand: Decimal): Place =>
    rounding === "ones" ? ONES : (leadingPlace(operand) ?? ONES);
  const easy = (operand: Decimal): Decimal => roundTo(operand, placeFor(operand));
  const rounded = mapDecimals(problem, easy);
  const places = Math.max(...rounded.operands.map((operand) => operand.fraction.length));
  const [first = 0n, ...rest] = rounded.operands.map((operand) => countedIn(operand, places));
  const total = rest.reduce((sum, count) => (problem.op === "add" ? sum + count : sum - count), first);
  return { rounding, rounded, result: fromCount(total, places) };
}

/** Every factor with its first digits; else one of them cut to its first digit or the digit above, the nearest first: one down for one up. */
function estimatesOfProduct(
  operands: TwoOrMore<Decimal>,
  rounding: HouseRules["estimateRounding"],
): readonly Rough[] {
  const exact = exactAnswer(productOf(operands));
  const offOf = ({ result }: Rough): Fraction => fractionOf(result).sub(exact).abs();
  const evened = operands
    .flatMap((_, index) =>
      [true, false].map((up) =>
        roughProduct(
          mapTwoOrMore(operands, (one, at) => (at === index ? toFirstDigit(one, up) : firstDigits(one))),
          "evened",
        ),
      ),
    )
    .sort((one, other) => offOf(one).compare(offOf(other)));
  const leading = roughProduct(mapTwoOrMore(operands, firstDigits), "leadingDigit");
  // Friendly numbers go first where they come a good deal nearer, and to something as easily said.
  const nearer = friendly(operands).filter(
    (one) =>
      rounding === "friendly" ||
      (offOf(one).mul(3).compare(offOf(leading).mul(2)) < 0 && digitsOfQuantity(one.result) <= 2),
  );
  const toOnes =
    rounding === "ones"
      ? [
          roughProduct(
            mapTwoOrMore(operands, (one) => roundTo(one, ONES)),
            "ones",
          ),
        ]
      : [];
  return [...nearer, leading, ...evened, ...toOnes];
}

/** A half of something, or a quarter of a hundred, near a factor: by its digits, how many of them make a power of ten. */
const FRIENDLY = [
  { digits: 5n, make: 2n },
  { digits: 25n, make: 4n },
] as const;

/** How near a factor must lie to a friendly one: within a twentieth of it. */
const NEAR_FRIENDLY = 20n;

/** Two factors one of which is nearly 5, 25, 50, 0.5, …: that one taken as it, and the other one as a multiple of 2 or 4 beside it. */
function friendly(operands: TwoOrMore<Decimal>): readonly Rough[] {
  const [first, second, more] = operands;
  if (more !== undefined) return [];
  return [
    [first, second],
    [second, first],
  ].flatMap(([one, other], turned): readonly Rough[] => {
    if (one === undefined || other === undefined) return [];
    const near = nearFriendly(one);
    if (near === undefined) return [];
    const beside = toMultiple(other, near.make);
    return [roughProduct(turned === 0 ? [near.numeral, beside] : [beside, near.numeral], "friendly")];
  });
}

/** The friendly number near a factor that is not one itself. */
function nearFriendly(numeral: Decimal): { readonly numeral: Decimal; readonly make: bigint } | undefined {
  const place = leadingPlace(numeral);
  if (place === undefined) return undefined;
  for (const { digits, make } of FRIENDLY) {
    const low = place - String(digits).length + 1;
    const taken = low >= 0 ? fromCount(digits * 10n ** BigInt(low), 0) : fromCount(digits, -low);
    const [own, easy] = [fractionOf(numeral), fractionOf(taken)];
    const off = own.sub(easy).abs();
    if (off.n > 0n && off.mul(NEAR_FRIENDLY).compare(easy) <= 0) return { numeral: taken, make };
  }
  return undefined;
}

/** The multiple of 2 or 4 nearest to a number of two digits; of others, their first digits. */
function toMultiple(numeral: Decimal, of: bigint): Decimal {
  const { n, d } = fractionOf(numeral);
  const times = (2n * n + d * of) / (2n * d * of);
  return significantDigits(numeral.whole).length === 2 && times > 0n
    ? fromCount(times * of, 0)
    : firstDigits(numeral);
}

const productOf = (operands: TwoOrMore<Decimal>): Extract<DecimalProblem, { op: "multiply" }> => ({
  kind: "decimals",
  op: "multiply",
  operands,
  form: AS_IT_COMES,
});

function roughProduct(rounded: TwoOrMore<Decimal>, rounding: Rounding): Rough {
  const places = rounded.reduce((sum, { fraction }) => sum + fraction.length, 0);
  const count = rounded.reduce((product, factor) => product * countedIn(factor, factor.fraction.length), 1n);
  return {
    rounding,
    rounded: productOf(rounded),
    result: withoutTrailingZeros(fromCount(count, places)),
  };
}

/** A numeral cut to its first digit, or to the digit above. */
function toFirstDigit(numeral: Decimal, up: boolean): Decimal {
  const place = leadingPlace(numeral);
  if (place === undefined) return numeral;
  const digit = BigInt(digitsOf(numeral).charAt(0)) + (up ? 1n : 0n);
  return place >= 0
    ? fromCount(digit * 10n ** BigInt(place), 0)
    : withoutTrailingZeros(fromCount(digit, -place));
}

/** The divisor is rounded, and the dividend taken as that multiple of it which lies nearest and is easily seen. */
function estimateOfQuotient([dividend, divisor]: Two<Decimal>): Rough {
  const by = firstDigits(divisor);
  const places = 2 + Math.max(0, dividend.fraction.length + by.whole.length - (leadingPlace(dividend) ?? 0));
  const size = dividend.fraction.length + by.fraction.length;
  const exact = (countedIn(dividend, size) * 10n ** BigInt(places)) / countedIn(by, size);
  const result = firstDigits(fromCount(exact, places));
  const count = countedIn(result, result.fraction.length) * countedIn(by, by.fraction.length);
  const multiple = withoutTrailingZeros(fromCount(count, result.fraction.length + by.fraction.length));
  return {
    rounding: "multiple",
    rounded: { kind: "decimals", op: "divide", operands: [multiple, by], form: AS_IT_COMES },
    result,
  };
}
