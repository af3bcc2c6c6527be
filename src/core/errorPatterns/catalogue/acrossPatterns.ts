import { countedIn, type Decimal, fromCount, significantDigits, wholeNumeral } from "../../number";
import type { Answer, Problem } from "../../problem";
import { type Amount, amountOf, inMajor, MINOR_PLACES } from "../../quantity";
import { isTwo } from "../../tuples";
import type { PatternsOf, Split } from "../contract/errorPattern";
import { decimalProblem, inHundredths, mostPlaces } from "../contract/parts";

/** The places that a working with decimals marks off, before zeros at the end are left out; none where it marks none. */
function placesMarked(problem: Problem, answer: Decimal): number {
  if (problem.kind !== "decimals") return 0;
  const operands: readonly Decimal[] = problem.operands;
  switch (problem.op) {
    case "add":
    case "subtract":
      return mostPlaces(operands);
    case "multiply":
      return operands.reduce((sum, { fraction }) => sum + fraction.length, 0);
    case "divide":
      return mostPlaces(operands) === 0 ? 0 : answer.fraction.length;
    case "compare":
    case "order":
    case "round":
      return 0;
  }
}

/** The digits of the result with all the places of the working, and no point; money as so many cents after its sign. */
function withoutPoint(answer: Answer, problem: Problem): Answer | undefined {
  if (answer.kind === "amount") {
    const major = inMajor(answer);
    if (problem.kind !== "money" || problem.op === "pay" || major.fraction.length > MINOR_PLACES)
      return undefined;
    const count = countedIn(major, MINOR_PLACES);
    return count <= 0n ? undefined : amountOf(answer.currency, wholeNumeral(count));
  }
  if (answer.kind !== "decimal" || answer.negative) return undefined;
  const places = placesMarked(problem, answer);
  return places < answer.fraction.length || places === 0
    ? undefined
    : wholeNumeral(countedIn(answer, places));
}

/** How far up from a number the next ten is, where it ends in 8 or 9. */
function belowTen({ whole, fraction }: Decimal): bigint | undefined {
  const last = fraction === "" && significantDigits(whole).length > 1 ? whole.at(-1) : undefined;
  return last === "8" ? 2n : last === "9" ? 1n : undefined;
}

/** The numbers of a sum or difference whose second is rounded up, the unit it is rounded to and what was added for that. */
interface Rounded {
  readonly op: "add" | "subtract";
  readonly first: Decimal;
  readonly up: Decimal;
  readonly added: Decimal;
}

function roundedUp(problem: Problem): Rounded | undefined {
  const { op } = problem;
  if (op !== "add" && op !== "subtract") return undefined;
  if (problem.kind === "decimals") {
    const operands: readonly Decimal[] = problem.operands;
    if (!isTwo(operands)) return undefined;
    const [first, second] = operands;
    const added = belowTen(second);
    const large = first.fraction === "" && significantDigits(first.whole).length > 1;
    if (added === undefined || !large) return undefined;
    return { op, first, up: wholeNumeral(BigInt(second.whole) + added), added: wholeNumeral(added) };
  }
  if (problem.kind !== "money") return undefined;
  const amounts: readonly Amount[] = problem.operands.flatMap((one) => (one.kind === "amount" ? [one] : []));
  if (!isTwo(amounts)) return undefined;
  const [first, second] = amounts.map(inMajor);
  if (first === undefined || second === undefined || !/^9[5-9]$/.test(second.fraction)) return undefined;
  return {
    op,
    first,
    up: wholeNumeral(BigInt(second.whole || "0") + 1n),
    added: inHundredths(100n - BigInt(second.fraction)),
  };
}

/** The second number rounded up, and what was added for that added once more, or taken off once more. */
function correctedTwice(problem: Problem): Split | undefined {
  const rounded = roundedUp(problem);
  if (rounded === undefined) return undefined;
  const { op, first, up, added } = rounded;
  const places = Math.max(first.fraction.length, added.fraction.length);
  const [a, b, c] = [first, up, added].map((one) => countedIn(one, places));
  if (a === undefined || b === undefined || c === undefined) return undefined;
  const near = op === "add" ? a + b : a - b;
  if (near < c) return undefined;
  const written = fromCount(near, places);
  const then = decimalProblem(op, [problem.kind === "money" ? written : wholeNumeral(near), added]);
  return {
    inTurn: true,
    parts: [decimalProblem(op, [first, up]), then],
    joins: (answers) => {
      const last = answers.at(-1);
      if (problem.kind !== "money") return last;
      return last?.kind === "decimal" ? amountOf(problem.currency, last) : undefined;
    },
  };
}

/** Errors that no one operation has to itself. */
export const ACROSS_PATTERNS: PatternsOf = [
  {
    id: "point-left-out",
    example: ["15.2 + 3.46", "1866"],
    frequency: 2,
    lookAlikes: ["div-points-ignored", "shift-wrong-way", "shift-one-over", "mul-lattice-wrong-half"],
    atTheEnd: true,
    writes: withoutPoint,
  },
  {
    id: "comp-wrong-way",
    example: ["83 − 29", "52"],
    frequency: 2,
    lookAlikes: ["sub-complement-only", "sub-all-nines"],
    splits: correctedTwice,
  },
];
