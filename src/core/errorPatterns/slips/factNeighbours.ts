import { countedIn, type Decimal, fromCount, withoutTrailingZeros } from "../../number";
import { type Answer, operandsOf, type Problem } from "../../problem";
import { inMajor, type Quantity } from "../../quantity";
import { isTwo } from "../../tuples";

/** A product with one fact of the table in it taken for a neighbouring one. */
interface FactTaken {
  readonly answer: Answer;
  readonly digit: number;
  readonly by: number;
  /** What their product was taken for. */
  readonly taken: number;
}

/** A digit with how many places it stands from the last one. */
interface Placed {
  readonly digit: number;
  readonly up: number;
}

const placed = ({ whole, fraction }: Decimal): readonly Placed[] =>
  [...(whole + fraction)].reverse().map((digit, up) => ({ digit: Number(digit), up }));

const numeralOf = (quantity: Quantity): Decimal | undefined =>
  quantity.kind === "decimal" ? quantity : quantity.kind === "amount" ? inMajor(quantity) : undefined;

/** The most digit products of a problem that are looked at. */
const MOST_PRODUCTS = 16;

const STEPS = [-1, 0, 1];

/** The entries of the multiplication table around a product of two digits, that product itself left out; none of 0 and 1, which nobody learns as facts. */
function around(digit: number, by: number): readonly number[] {
  if (digit < 2 || by < 2) return [];
  const entries = STEPS.flatMap((down) => STEPS.map((across) => (digit + down) * (by + across)));
  return [...new Set(entries)].filter((entry) => entry !== digit * by);
}

/**
 * The product with one of its digit products taken for a neighbour in the table, all else done rightly
 * (Campbell & Graham 1985 on errors that are entries of the same row or column).
 */
export function factNeighbours(problem: Problem, right: Answer): readonly FactTaken[] {
  const numerals = operandsOf(problem).map(numeralOf);
  if (problem.op !== "multiply" || !isTwo(numerals)) return [];
  const [first, second] = numerals;
  const numeral = right.kind === "decimal" ? right : right.kind === "amount" ? right.numeral : undefined;
  if (first === undefined || second === undefined || numeral === undefined || numeral.negative) return [];
  const pairs = placed(first).flatMap((one) => placed(second).map((other) => [one, other] as const));
  if (pairs.length > MOST_PRODUCTS) return [];
  const places = first.fraction.length + second.fraction.length;
  if (places < numeral.fraction.length) return [];
  const count = countedIn(numeral, places);
  return pairs.flatMap(([one, other]) =>
    around(one.digit, other.digit).flatMap((taken): readonly FactTaken[] => {
      const more = BigInt(taken - one.digit * other.digit) * 10n ** BigInt(one.up + other.up);
      if (count + more < 0n) return [];
      const written = withoutTrailingZeros(fromCount(count + more, places));
      const answer: Answer = right.kind === "amount" ? { ...right, numeral: written } : written;
      return [{ answer, digit: one.digit, by: other.digit, taken }];
    }),
  );
}
