import { type Working, workingOf } from "../methods";
import {
  compareDecimals,
  countedIn,
  type Decimal,
  fromCount,
  leadingPlace,
  magnitude,
  withoutTrailingZeros,
} from "../number";
import { AS_IT_COMES, type Problem } from "../problem";

/** The inverse operation carried out as a working of its own, and the number it should lead back to. */
export interface Inverse {
  readonly working: Working;
  readonly result: Decimal;
  /** What was left over by a division, and is added to the product of quotient and divisor; nothing where nothing was. */
  readonly plus: Decimal | undefined;
  readonly expected: Decimal;
  /** The numbers that were left alone, and make what is expected. */
  readonly others: readonly Decimal[];
  /** What leads back: the one number it began with, or what the numbers left alone make. */
  readonly leadsTo: "firstNumber" | "otherNumbers" | "dividend";
  readonly agrees: boolean;
}

/**
 * The inverse of a working: a sum has its last addend taken away again, a difference has the smaller
 * number added back, a product is divided by its last factor, a quotient is multiplied by its divisor.
 * Nothing for rounding and comparing, and for a product of nothing but zeros.
 */
export function inverseOf(working: Working): Inverse | undefined {
  const { problem, house } = working;
  const [first, second] = problem.operands;
  if (first === undefined || second === undefined) return undefined;
  switch (problem.op) {
    case "add": {
      const others = problem.operands.slice(0, -1);
      const taken = problem.operands.at(-1) ?? second;
      return carriedOut("subtract", [exactNumeral(working), taken], others, working, "add");
    }
    case "subtract": {
      const belowZero = compareDecimals(first, second) < 0;
      const [larger, smaller] = belowZero ? [second, first] : [first, second];
      return carriedOut("add", [magnitude(exactNumeral(working)), smaller], [larger], working, "add");
    }
    case "multiply": {
      const by = [...problem.operands].reverse().find((factor) => leadingPlace(factor) !== undefined);
      if (by === undefined) return undefined;
      const others = problem.operands.filter((factor) => factor !== by);
      return carriedOut(
        "divide",
        [exactNumeral(working), by],
        others.length > 0 ? others : [by],
        working,
        "multiply",
      );
    }
    case "divide": {
      const quotient = cutQuotient(working);
      const product = workingOf({ op: "multiply", operands: [quotient, second], wanted: AS_IT_COMES }, house);
      const result = exactNumeral(product);
      const places = Math.max(first.fraction.length, result.fraction.length);
      const left = countedIn(first, places) - countedIn(result, places);
      // A quotient cut off at a place leaves less than the divisor would be there.
      const least = countedIn(second, second.fraction.length);
      const size = quotient.fraction.length + second.fraction.length - places;
      const small = size >= 0 ? left * 10n ** BigInt(size) < least : left < least * 10n ** BigInt(-size);
      return {
        working: product,
        result,
        plus: left === 0n ? undefined : withoutTrailingZeros(fromCount(left, places)),
        expected: first,
        others: [first],
        leadsTo: "dividend",
        agrees: left >= 0n && small,
      };
    }
    case "round":
    case "compare":
      return undefined;
  }
}

/** The inverse worked, with what the numbers that were left alone make. */
function carriedOut(
  op: "add" | "subtract" | "divide",
  operands: readonly Decimal[],
  others: readonly Decimal[],
  of: Working,
  joined: "add" | "multiply",
): Inverse {
  const [only, ...more] = others;
  const wanted: Problem["wanted"] = op === "divide" ? { kind: "exactly" } : AS_IT_COMES;
  const working = workingOf({ op, operands, wanted }, of.house);
  const expected =
    only !== undefined && more.length === 0
      ? only
      : exactNumeral(workingOf({ op: joined, operands: others, wanted: AS_IT_COMES }, of.house));
  const result = exactNumeral(working);
  return {
    working,
    result,
    plus: undefined,
    expected,
    others,
    leadsTo: more.length === 0 ? "firstNumber" : "otherNumbers",
    agrees: compareDecimals(result, expected) === 0,
  };
}

/** A working's answer as an exact numeral; where it was to be rounded, the numeral before that. */
function exactNumeral({ problem, house, answer }: Working): Decimal {
  if (answer.kind === "decimal") return answer;
  if (problem.wanted.kind !== "toPlace") throw new Error(`exactNumeral: ${answer.kind} is no numeral`);
  return exactNumeral(workingOf({ ...problem, wanted: AS_IT_COMES }, house));
}

/** A quotient as far as it is exact: what goes on after that, or was rounded away, is left over. */
function cutQuotient({ problem, answer }: Working): Decimal {
  switch (answer.kind) {
    case "decimal":
      return answer;
    case "rounded":
      return cutAt(problem, answer.numeral.fraction.length);
    case "remainder":
      return answer.quotient;
    case "mixed":
      return fromCount(answer.whole, 0);
    case "recurring":
      return cutAt(problem, answer.fixed.length + answer.block.length);
    case "comparison":
      throw new Error("cutQuotient: a comparison is no quotient");
  }
}

/** The exact quotient, cut off after so many places. */
function cutAt({ operands: [dividend, divisor] }: Problem, places: number): Decimal {
  if (dividend === undefined || divisor === undefined) throw new Error("cutAt: two numbers are needed");
  const size = dividend.fraction.length + divisor.fraction.length;
  return fromCount((countedIn(dividend, size) * 10n ** BigInt(places)) / countedIn(divisor, size), places);
}
