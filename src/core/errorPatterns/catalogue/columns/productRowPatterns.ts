import { columnMultiplication, lattice, SOUND_PRODUCTS } from "../../../methods";
import {
  bareDigits,
  type Decimal,
  digitsOf,
  fromCount,
  wholeNumeral,
  withoutEndZeros,
  withoutLeadingZeros,
  zerosAtEnd,
} from "../../../number";
import { type Answer, type Problem, withOperands } from "../../../problem";
import { isTwoOrMore } from "../../../tuples";
import { overrideIn } from "../../contract/decisionOverride";
import type { PatternsOf, Split } from "../../contract/errorPattern";
import { decimalProblem, twoDecimals, wholeOfDigits } from "../../contract/parts";

const inColumns = overrideIn(columnMultiplication);
const AS_GIVEN = { addendOrder: "asGiven" } as const;
const IN_COLUMNS = [columnMultiplication.id];

const factorsOf = (problem: Problem): readonly [Decimal, Decimal] | undefined =>
  twoDecimals(problem, "multiply");

const places = (factors: readonly Decimal[]): number =>
  factors.reduce((sum, { fraction }) => sum + fraction.length, 0);

/** The digits of a number without zeros in front, and with those after the point. */
const allDigits = ({ whole, fraction }: Decimal): string => withoutLeadingZeros(whole + fraction);

/** One zero fewer hung on than the factors have. */
function oneZeroFewer(answer: Answer, problem: Problem): Answer | undefined {
  const factors = factorsOf(problem);
  if (answer.kind !== "decimal" || factors === undefined || places(factors) > 0) return undefined;
  const zeros = factors.reduce((sum, { whole }) => sum + zerosAtEnd(whole), 0);
  if (zeros === 0 || factors.some((one) => digitsOf(one) === "0")) return undefined;
  return wholeNumeral(BigInt(answer.whole) / 10n);
}

/** The first number times the last digit of the other only. */
function lastDigitOnly(problem: Problem): Problem | undefined {
  const [upper, lower] = factorsOf(problem) ?? [];
  if (upper === undefined || lower === undefined || allDigits(lower).length < 2) return undefined;
  const digits = lower.whole + lower.fraction;
  const last = digits.at(-1) ?? "0";
  if (last === "0") return undefined;
  return withOperands(problem, [upper, fromCount(BigInt(last), lower.fraction.length)]);
}

/** A number without the zeros that stand between other digits of it, its places as they were. */
function withoutInnerZeros(numeral: Decimal): Decimal {
  const digits = allDigits(numeral);
  const kept = withoutEndZeros(digits).replaceAll("0", "") + "0".repeat(zerosAtEnd(digits));
  return fromCount(BigInt(kept), numeral.fraction.length);
}

function innerZerosDropped(problem: Problem): Problem | undefined {
  const factors = factorsOf(problem);
  return factors?.some((one) => bareDigits(allDigits(one)).includes("0"))
    ? withOperands(problem, factors.map(withoutInnerZeros))
    : undefined;
}

/** Each digit times the one above it, all of it written side by side; where only one number has a digit it is copied. */
function straightDown(problem: Problem): Split | undefined {
  const factors = factorsOf(problem);
  const [upper = "", lower = ""] = (factors ?? []).map(allDigits);
  if (factors === undefined || upper.length < 2 || lower.length < 2) return undefined;
  const columns = Math.max(upper.length, lower.length);
  const pairs = Array.from({ length: columns }, (_, index) => [
    upper[upper.length - columns + index],
    lower[lower.length - columns + index],
  ]);
  return {
    parts: pairs.flatMap(([digit, by]) =>
      digit === undefined || by === undefined
        ? []
        : [decimalProblem("multiply", [wholeOfDigits(digit), wholeOfDigits(by)])],
    ),
    joins: (answers) => {
      const made = [...answers];
      const texts = pairs.map(([digit, by]) => {
        if (digit === undefined || by === undefined) return digit ?? by ?? "";
        const answer = made.shift();
        return answer?.kind === "decimal" ? answer.whole || "0" : "";
      });
      return fromCount(BigInt(texts.join("")), places(factors));
    },
  };
}

/** Every product of digits written out whole, row by row; the rows shifted as they should be and added. */
function writtenWhole(problem: Problem): Split | undefined {
  const factors = factorsOf(problem);
  const [upper = "", lower = ""] = (factors ?? []).map(allDigits);
  if (factors === undefined || upper.length < 2) return undefined;
  const rows = [...lower].reverse().flatMap((by, shift) => {
    if (by === "0") return [];
    const written = [...upper].map((digit) => String(Number(digit) * Number(by))).join("");
    return [wholeOfDigits(`${written}${"0".repeat(shift)}`)];
  });
  const carries = [...lower].some((by) =>
    [...upper].slice(1).some((digit) => Number(digit) * Number(by) > 9),
  );
  if (!carries || rows.length === 0) return undefined;
  const placed = (answer: Answer | undefined): Answer | undefined =>
    answer?.kind === "decimal" ? fromCount(BigInt(answer.whole), places(factors)) : undefined;
  const by = withoutEndZeros(lower);
  const facts = [...upper].map((digit) =>
    decimalProblem("multiply", [wholeOfDigits(digit), wholeOfDigits(by)]),
  );
  if (!isTwoOrMore(rows))
    return {
      parts: facts,
      joins: (answers) => {
        const written = answers.map((one) => (one.kind === "decimal" ? one.whole || "0" : "")).join("");
        return placed(wholeOfDigits(written + "0".repeat(zerosAtEnd(lower))));
      },
    };
  return {
    inTurn: true,
    parts: [{ kind: "decimals", op: "add", operands: rows, form: { kind: "asItComes" } }],
    joins: ([sum]) => placed(sum),
  };
}

/** The tens times the tens and the ones times the ones; the two mixed products are missing. */
function twoOfFour(problem: Problem): Split | undefined {
  const factors = factorsOf(problem);
  const [upper = "", lower = ""] = (factors ?? []).map(allDigits);
  if (factors === undefined || places(factors) > 0 || upper.length !== 2 || lower.length !== 2)
    return undefined;
  const tens = (digits: string): Decimal => wholeOfDigits(`${digits[0]}0`);
  const ones = (digits: string): Decimal => wholeOfDigits(digits[1] ?? "0");
  const product = (a: Decimal, b: Decimal): Decimal => wholeNumeral(BigInt(a.whole) * BigInt(b.whole));
  const made = [product(tens(upper), tens(lower)), product(ones(upper), ones(lower))] as const;
  return {
    inTurn: true,
    parts: [
      decimalProblem("multiply", [tens(upper), tens(lower)]),
      decimalProblem("multiply", [ones(upper), ones(lower)]),
      decimalProblem("add", made),
    ],
    joins: (answers) => answers.at(-1),
  };
}

/** The whole part multiplied by a whole number, what stands after the point copied. */
function endCopied(problem: Problem): Split | undefined {
  const factors = factorsOf(problem) ?? [];
  const pointed = factors.filter(({ fraction }) => fraction !== "");
  const wholes = factors.filter(({ fraction }) => fraction === "");
  const [numeral, more] = pointed;
  const [times] = wholes;
  if (numeral === undefined || more !== undefined || times === undefined || /^0*$/.test(numeral.whole))
    return undefined;
  return {
    parts: [decimalProblem("multiply", [wholeOfDigits(numeral.whole), times])],
    joins: ([whole]) =>
      whole?.kind === "decimal" ? { ...whole, fraction: numeral.fraction, point: true } : undefined,
  };
}

/** Errors in the rows of a product: zeros, products written out whole, rows and regions that are missing. */
export const PRODUCT_ROW_PATTERNS: PatternsOf = [
  {
    id: "mul-zero-fact-copied",
    example: ["406 × 7", "2912"],
    frequency: 3,
    lookAlikes: [],
    rules: AS_GIVEN,
    decides: inColumns({
      products: {
        ...SOUND_PRODUCTS,
        makes: (digit, by, carriedIn) => (digit * by === 0 ? Math.max(digit, by) : digit * by) + carriedIn,
      },
    }),
  },
  {
    id: "mul-zeros-short",
    example: ["200 × 40", "800"],
    frequency: 3,
    lookAlikes: ["mul-trailing-zero-dropped", "shift-one-short", "mul-row-not-shifted"],
    writes: oneZeroFewer,
  },
  {
    id: "mul-double-digit",
    example: ["47 × 6", "2442"],
    frequency: 2,
    lookAlikes: ["mul-lattice-wrong-half"],
    methods: IN_COLUMNS,
    splits: writtenWhole,
  },
  {
    id: "mul-one-row-only",
    example: ["23 × 14", "92"],
    frequency: 2,
    lookAlikes: [],
    reads: lastDigitOnly,
  },
  {
    id: "mul-inner-zero-dropped",
    example: ["305 × 4", "140"],
    frequency: 2,
    lookAlikes: [],
    reads: innerZerosDropped,
  },
  {
    id: "mul-straight-down-full",
    example: ["23 × 14", "212"],
    frequency: 2,
    lookAlikes: ["mul-straight-down", "mul-cross-products-missing"],
    methods: IN_COLUMNS,
    splits: straightDown,
  },
  {
    id: "mul-lattice-double-digit",
    example: ["34 × 26", "7184"],
    frequency: 1,
    lookAlikes: [],
    needs: (problem) => (factorsOf(problem) ?? []).every((one) => allDigits(one).length > 1),
    decides: overrideIn(lattice)({
      sums: { writes: (total) => total, carries: () => 0 },
    }),
  },
  {
    id: "mul-cross-products-missing",
    example: ["34 × 26", "624"],
    frequency: 3,
    lookAlikes: ["mul-straight-down-full"],
    splits: twoOfFour,
  },
  {
    id: "mul-only-whole-part",
    example: ["2.35 × 10", "20.35"],
    frequency: 2,
    lookAlikes: ["mul-two-halves", "money-only-dollars-multiplied"],
    splits: endCopied,
  },
];
