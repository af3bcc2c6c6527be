import type { Library, Working } from "../methods";
import {
  compareDecimals,
  countedIn,
  type Decimal,
  fromCount,
  leadingPlace,
  magnitude,
  withoutTrailingZeros,
} from "../number";
import {
  AS_IT_COMES,
  type DecimalProblem,
  decimalsOf,
  fractionOf,
  type Problem,
  quantityOf,
} from "../problem";
import type { Quantity } from "../quantity";
import { lastOf, type OneOrMore, type Two } from "../tuples";
import { type Undoing, undoing } from "./undoing";

/** The inverse operation carried out as a working of its own, and the number it should lead back to. */
export interface Inverse {
  /** The problem that is undone: the whole one, or the last operation of a chain. */
  readonly undone: Problem;
  readonly working: Working;
  readonly result: Quantity;
  /** What was left over by a division, and is added to the product of quotient and divisor; nothing where nothing was. */
  readonly plus: Quantity | undefined;
  readonly expected: Quantity;
  /** The numbers that were left alone, and make what is expected. */
  readonly others: readonly Quantity[];
  /** What leads back: the one number it began with, or what the numbers left alone make. */
  readonly leadsTo: "firstNumber" | "larger" | "otherNumbers" | "dividend" | "handedOver" | "lineBefore";
  readonly agrees: boolean;
}

/**
 * The inverse of a working: a sum has its last addend taken away again, a difference has the smaller
 * number added back, a product is divided by its last factor, a quotient is multiplied by its divisor.
 * Of a chain the last operation is undone. Nothing for rounding, comparing, and for what can't be undone in one step.
 */
export function inverseOf(working: Working, library: Library): Inverse | undefined {
  const { problem, house } = working;
  if (problem.kind === "decimals") return inverseOfDecimals(working, problem, library);
  if (problem.kind === "chain") return inverseOfLast(working, library);
  const undone: Undoing | undefined = undoing(working);
  if (undone === undefined) return undefined;
  const back = library.workingOf(undone.problem, house);
  const result = quantityOf(back.answer);
  if (result === undefined) return undefined;
  const { plus, expected } = undone;
  const sum = plus === undefined ? fractionOf(result) : fractionOf(result).add(fractionOf(plus));
  return {
    undone: problem,
    working: back,
    result,
    plus,
    expected,
    others: [expected],
    leadsTo: leadsTo(problem, expected),
    agrees: sum.equals(fractionOf(expected)),
  };
}

/** The last operation of a chain undone: it leads back to a number of the line before it. */
function inverseOfLast({ steps, house }: Working, library: Library): Inverse | undefined {
  const last = steps.flatMap(({ reason }) => (reason.kind === "nextInChain" ? [reason.problem] : [])).at(-1);
  if (last === undefined) return undefined;
  const inverse = inverseOf(library.workingOf(last, house), library);
  return inverse && { ...inverse, undone: last, leadsTo: "lineBefore" };
}

/** What is led back to. A difference below zero was turned round, and leads to the larger number. */
function leadsTo(problem: Problem, expected: Quantity): Inverse["leadsTo"] {
  if (problem.op === "divide") return "dividend";
  if (problem.op === "pay") return "handedOver";
  return problem.op === "subtract" && expected !== problem.operands[0] ? "larger" : "firstNumber";
}

function inverseOfDecimals(working: Working, problem: DecimalProblem, library: Library): Inverse | undefined {
  switch (problem.op) {
    case "add": {
      const [first, ...more] = problem.operands.slice(0, -1);
      const operands = [exactNumeral(working, library), lastOf(problem.operands)] as const;
      const asked = { kind: "decimals", op: "subtract", operands, form: AS_IT_COMES } as const;
      return first && carriedOut(asked, [first, ...more], working, "add", library);
    }
    case "subtract": {
      const [first, second] = problem.operands;
      const belowZero = compareDecimals(first, second) < 0;
      const [larger, smaller] = belowZero ? [second, first] : [first, second];
      const difference = magnitude(exactNumeral(working, library));
      const operands = [difference, smaller] as const;
      const asked = { kind: "decimals", op: "add", operands, form: AS_IT_COMES } as const;
      const inverse = carriedOut(asked, [larger], working, "add", library);
      return belowZero ? { ...inverse, leadsTo: "larger" } : inverse;
    }
    case "multiply": {
      const by = [...problem.operands].reverse().find((factor) => leadingPlace(factor) !== undefined);
      if (by === undefined) return undefined;
      const [first = by, ...more] = problem.operands.filter((factor) => factor !== by);
      const operands = [exactNumeral(working, library), by] as const;
      const asked = { kind: "decimals", op: "divide", operands, form: { kind: "exactly" } } as const;
      return carriedOut(asked, [first, ...more], working, "multiply", library);
    }
    case "divide":
      return inverseOfQuotient(working, problem.operands, library);
    case "round":
    case "compare":
    case "order":
      return undefined;
  }
}

function inverseOfQuotient(working: Working, operands: Two<Decimal>, library: Library): Inverse {
  const [first, second] = operands;
  const quotient = cutQuotient(working, operands);
  const product = library.workingOf(
    { kind: "decimals", op: "multiply", operands: [quotient, second], form: AS_IT_COMES },
    working.house,
  );
  const result = exactNumeral(product, library);
  const places = Math.max(first.fraction.length, result.fraction.length);
  const left = countedIn(first, places) - countedIn(result, places);
  // A quotient cut off at a place leaves less than the divisor would be there.
  const least = countedIn(second, second.fraction.length);
  const size = quotient.fraction.length + second.fraction.length - places;
  const small = size >= 0 ? left * 10n ** BigInt(size) < least : left < least * 10n ** BigInt(-size);
  return {
    undone: working.problem,
    working: product,
    result,
    plus: left === 0n ? undefined : withoutTrailingZeros(fromCount(left, places)),
    expected: first,
    others: [first],
    leadsTo: "dividend",
    agrees: left >= 0n && small,
  };
}

/** The inverse worked, with what the numbers that were left alone make. */
function carriedOut(
  asked: DecimalProblem,
  others: OneOrMore<Decimal>,
  of: Working,
  joined: "add" | "multiply",
  library: Library,
): Inverse {
  const [only, ...more] = others;
  const working = library.workingOf(asked, of.house);
  const joinedUp = decimalsOf(joined, others, AS_IT_COMES);
  const expected =
    joinedUp === undefined ? only : exactNumeral(library.workingOf(joinedUp, of.house), library);
  const result = exactNumeral(working, library);
  return {
    undone: of.problem,
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
function exactNumeral({ problem, house, answer }: Working, library: Library): Decimal {
  if (answer.kind === "decimal") return answer;
  if (problem.kind !== "decimals" || problem.form.kind !== "toPlace")
    throw new Error(`exactNumeral: ${answer.kind} is no numeral`);
  if (problem.op === "round") return problem.operands[0];
  return exactNumeral(library.workingOf({ ...problem, form: AS_IT_COMES }, house), library);
}

/** A quotient as far as it is exact: what goes on after that, or was rounded away, is left over. */
function cutQuotient({ answer, problem }: Working, operands: Two<Decimal>): Decimal {
  switch (answer.kind) {
    case "decimal":
      return answer;
    case "rounded":
      return cutAt(operands, workedPlaces(problem, answer.numeral));
    case "remainder":
      return answer.quotient;
    case "mixed":
      return fromCount(answer.whole, 0);
    case "recurring":
      return cutAt(operands, answer.fixed.length + answer.repetend.length);
    case "fraction":
    case "amount":
    case "measure":
    case "comparison":
    case "ordered":
    case "roundedAmount":
    case "share":
    case "measureLeft":
    case "timesLeft":
    case "sufficiency":
    case "handed":
      throw new Error(`cutQuotient: ${answer.kind} is no quotient`);
  }
}

/** How many decimals a rounded quotient was worked to: one place further than it is wanted. */
const workedPlaces = ({ form }: Problem, rounded: Decimal): number =>
  form.kind === "toPlace" ? Math.max(0, 1 - form.place) : rounded.fraction.length;

/** The exact quotient, cut off after so many places. */
function cutAt([dividend, divisor]: Two<Decimal>, places: number): Decimal {
  const size = dividend.fraction.length + divisor.fraction.length;
  return fromCount((countedIn(dividend, size) * 10n ** BigInt(places)) / countedIn(divisor, size), places);
}
