import { type Decimal, isWhole } from "../../number";
import { type Amount, currencyOf, type Measure, MINOR_PLACES, type Quantity, unitOf } from "../../quantity";
import { done, failed, type Result } from "../../result";
import { exactValue } from "../exact";
import { type Branch, type Expression, unplaced } from "../expression";
import {
  decimalsOf,
  fractionsOf,
  isDecimal,
  isNumeral,
  measuresOf,
  moneyProblem,
  signedOf,
  termsOf,
} from "../makeProblem";
import type { Join, SignedOperation } from "../operation";
import { isWholeMoney, mayBeFraction } from "../partsOfAmount";
import { type AnswerForm, AS_IT_COMES, type DecimalForm, MOST_OPERANDS, type Problem } from "../problem";
import type { ReadError } from "./readError";
import { wrongAfter } from "./readQuantity";

/**
 * The problem that an expression is: one operation on quantities of one kind where it is one, else a chain.
 * Refuses what can't be computed: unlike units, mixed currencies, a divisor of zero.
 */
export function problemOf(expression: Expression, form: AnswerForm): Result<Problem, ReadError> {
  if (expression.kind === "quantity") return failed({ code: "onlyOneNumber", at: Number.POSITIVE_INFINITY });
  const things = thingsOf(expression);
  if (!things.ok) return things;
  const zero = zeroDivisor(expression);
  if (zero !== undefined) return failed({ code: "divisionByZero", at: zero });
  const stuck = stuckOnTheWay(expression);
  if (stuck !== undefined) return failed(stuck);
  const terms = termsIn(expression);
  if (terms !== undefined) return ofTerms(expression, terms.parts, terms.joins, form);
  const { op } = expression;
  const flat =
    op === "multiply" ? factorsOf(expression) : op === "divide" ? dividedOf(expression) : undefined;
  if (flat !== undefined) {
    const extra = flat[MOST_OPERANDS.multiply];
    if (op === "multiply" && extra !== undefined)
      return failed({ code: "tooManyNumbers", at: extra.at, most: MOST_OPERANDS.multiply, of: "multiply" });
    const one = single(
      op,
      [],
      flat.map(({ quantity }) => quantity),
      form,
    );
    if (one !== undefined) return done(one);
  }
  const many = leavesOf(expression)[MOST_OPERANDS.chain];
  if (many !== undefined)
    return failed({ code: "tooManyNumbers", at: many.at, most: MOST_OPERANDS.chain, of: "chain" });
  return done(chainOf(expression, form));
}

const chainOf = (expression: Branch, form: AnswerForm): Problem => ({
  kind: "chain",
  op: "chain",
  expression: unplaced(expression),
  form,
});

type Leaf = Extract<Expression, { kind: "quantity" }>;

const leavesOf = (expression: Expression): readonly Leaf[] =>
  expression.kind === "quantity"
    ? [expression]
    : [...leavesOf(expression.left), ...leavesOf(expression.right)];

/** The terms of an expression without brackets whose only signs are + and −. */
function termsIn(
  expression: Branch,
): { readonly parts: readonly Leaf[]; readonly joins: readonly Join[] } | undefined {
  const { op, left, right } = expression;
  if ((op !== "add" && op !== "subtract") || right.kind !== "quantity") return undefined;
  if (left.kind === "quantity") return { parts: [left, right], joins: [op] };
  const before = termsIn(left);
  return before && { parts: [...before.parts, right], joins: [...before.joins, op] };
}

function factorsOf({ op, left, right }: Branch): readonly Leaf[] | undefined {
  if (op !== "multiply" || right.kind !== "quantity") return undefined;
  if (left.kind === "quantity") return [left, right];
  const before = factorsOf(left);
  return before && [...before, right];
}

const dividedOf = ({ left, right }: Branch): readonly Leaf[] | undefined =>
  left.kind === "quantity" && right.kind === "quantity" ? [left, right] : undefined;

function ofTerms(
  expression: Branch,
  parts: readonly Leaf[],
  joins: readonly Join[],
  form: AnswerForm,
): Result<Problem, ReadError> {
  const quantities = parts.map(({ quantity }) => quantity);
  const [first] = joins;
  const same = first !== undefined && joins.every((join) => join === first);
  const numbers = quantities.every(isNumeral);
  const plain = numbers && quantities.every((quantity) => isNumeral(quantity) && !quantity.negative);
  const decimals = plain && quantities.every(({ kind }) => kind === "decimal");
  const adds = same && first === "add" && (plain || !numbers);
  const most = !adds && numbers ? "terms" : !adds ? "chain" : numbers && !decimals ? "fractions" : "add";
  const extra = parts[MOST_OPERANDS[most]];
  if (extra !== undefined)
    return failed({ code: "tooManyNumbers", at: extra.at, most: MOST_OPERANDS[most], of: most });
  const flat = same && (first === "add" || parts.length === 2) ? first : undefined;
  const problem = single(flat, joins, quantities, form);
  return done(problem ?? chainOf(expression, form));
}

const isAmountOrNumber = (quantity: Quantity): quantity is Amount | Decimal =>
  quantity.kind === "amount" || quantity.kind === "decimal";
const isMeasureOrNumber = (quantity: Quantity): quantity is Measure | Decimal =>
  quantity.kind === "measure" || quantity.kind === "decimal";

/** The problem of one kind that some quantities make with one operation, or as terms; none where no kind takes them. */
function single(
  op: SignedOperation | undefined,
  joins: readonly Join[],
  operands: readonly Quantity[],
  form: AnswerForm,
): Problem | undefined {
  if (operands.every(isNumeral)) {
    const signed = operands.some(({ negative }) => negative) || op === undefined;
    if (signed && op !== "multiply" && op !== "divide") return termsOf(operands, joins, form);
    if (op === undefined) return undefined;
    if (signed && (op === "multiply" || op === "divide")) return signedOf(op, operands, form);
    const decimals = decimalForm(form, op);
    if (operands.every(isDecimal) && decimals !== undefined) return decimalsOf(op, operands, decimals);
    return fractionsOf(op, operands, form);
  }
  if (op === undefined) return undefined;
  const amount = operands.find(({ kind }) => kind === "amount");
  if (amount?.kind === "amount" && operands.every(isAmountOrNumber)) {
    const times = operands.filter(isDecimal);
    const easy = op === "multiply" ? operands.length === 2 : op !== "divide" || times.every(isWhole);
    return easy ? moneyProblem(op, operands, { currency: amount.currency, without: [] }, form) : undefined;
  }
  return operands.every(isMeasureOrNumber) ? measuresOf(op, operands, form) : undefined;
}

/** The form of a working with decimals; none where a form makes a problem of plain numbers one of fractions. */
function decimalForm(form: AnswerForm, op: SignedOperation): DecimalForm | undefined {
  switch (form.kind) {
    case "asItComes":
    case "toPlace":
    case "withRemainder":
    case "exactly":
      return form;
    case "asMixed":
      return op === "divide" ? form : undefined;
    case "asDecimal":
      return op === "divide" ? { kind: "exactly" } : AS_IT_COMES;
    case "asFraction":
    case "simplest":
    case "overDenominator":
    case "overNumerator":
    case "inUnits":
      return undefined;
  }
}

/** What an expression counts: plain numbers, money of a currency, or a unit of measure. */
type Thing =
  | { readonly kind: "number" }
  | { readonly kind: "money"; readonly amount: Amount }
  | { readonly kind: "measure"; readonly measure: Measure };

/** What an expression counts, where its operations make sense among things of that kind. */
function thingsOf(expression: Expression): Result<Thing, ReadError> {
  if (expression.kind === "quantity") return done(thingOf(expression.quantity));
  const left = thingsOf(expression.left);
  if (!left.ok) return left;
  const right = thingsOf(expression.right);
  if (!right.ok) return right;
  const [a, b] = [left.value, right.value];
  const at = atOf(expression.right);
  switch (expression.op) {
    case "add":
    case "subtract": {
      const unlike = unlikeness(a, b, at);
      return unlike === undefined ? left : failed(unlike);
    }
    case "multiply": {
      if (a.kind !== "number" && b.kind !== "number") return failed({ code: "twoMeasures", at });
      const by = a.kind === "number" ? expression.left : expression.right;
      const thing = a.kind === "number" ? b : a;
      if (thing.kind !== "number" && (isBelowZero(by) || (thing.kind === "measure" && !countsWhole(by))))
        return failed({ code: "notWholeTimes", at: atOf(by) });
      // A fraction of an amount is worked where it comes out in whole pieces of money.
      if (thing.kind === "money" && mayBeFraction(by) && zeroDivisor(expression) === undefined)
        if (!isWholeMoney(expression)) return failed({ code: "unevenParts", at: atOf(by) });
      return done(thing);
    }
    case "divide": {
      if (b.kind === "number") {
        if (a.kind !== "number" && (isBelowZero(expression.right) || !countsWhole(expression.right)))
          return failed({ code: "notWholeTimes", at });
        return left;
      }
      if (a.kind === "number") return failed({ code: "dividesANumber", at });
      const unlike = unlikeness(a, b, at);
      return unlike === undefined ? done({ kind: "number" }) : failed(unlike);
    }
  }
}

const thingOf = (quantity: Quantity): Thing =>
  quantity.kind === "amount"
    ? { kind: "money", amount: quantity }
    : quantity.kind === "measure"
      ? { kind: "measure", measure: quantity }
      : { kind: "number" };

const atOf = (expression: Expression): number =>
  expression.kind === "quantity" ? expression.at : atOf(expression.left);

/** Whether an expression is a number below zero, so many times of which nothing can be taken. */
const isBelowZero = (expression: Expression): boolean =>
  zeroDivisor(expression) === undefined && exactValue(expression).s < 0n;

/** Whether an expression is a whole number, as one that measures are multiplied or divided by must be. */
const countsWhole = (expression: Expression): boolean =>
  expression.kind === "operation"
    ? // What is divided by nothing is told as that.
      zeroDivisor(expression) !== undefined || exactValue(expression).d === 1n
    : isNumeral(expression.quantity) && isWhole(expression.quantity);

/** Why two quantities can't be compared, if they can't: they are of different kinds, currencies or scales. */
export const unlikeQuantities = (one: Quantity, other: Quantity, at: number): ReadError | undefined =>
  unlikeness(thingOf(one), thingOf(other), at);

/** Why two things can't be added, subtracted or divided by one another, if they can't. */
function unlikeness(a: Thing, b: Thing, at: number): ReadError | undefined {
  switch (a.kind) {
    case "number":
      return b.kind === "number" ? undefined : { code: "bareNumber", at, beside: b.kind };
    case "money":
      if (b.kind === "number") return { code: "bareNumber", at, beside: "money" };
      if (b.kind === "measure") return { code: "unlikeUnits", at, one: namesOf(a), other: namesOf(b) };
      return a.amount.currency === b.amount.currency
        ? undefined
        : { code: "mixedCurrencies", at, one: namesOf(a), other: namesOf(b) };
    case "measure": {
      if (b.kind === "number") return { code: "bareNumber", at, beside: "measure" };
      if (b.kind === "money") return { code: "unlikeUnits", at, one: namesOf(a), other: namesOf(b) };
      const units = [...new Set([...a.measure.parts, ...b.measure.parts].map(({ unit }) => unit))]
        .map(unitOf)
        .sort((x, y) => Number(y.size - x.size));
      for (const [index, unit] of units.entries()) {
        const next = units[index + 1];
        const wrong = next && wrongAfter(unit.id, next.id, at);
        if (wrong) return wrong;
      }
      return undefined;
    }
  }
}

const namesOf = (thing: Exclude<Thing, { kind: "number" }>): string =>
  thing.kind === "money"
    ? currencyOf(thing.amount.currency).names
    : unitOf(thing.measure.parts[0].unit).names;

/** Where something is divided by nothing, if it is. */
function zeroDivisor(expression: Expression): number | undefined {
  if (expression.kind === "quantity") return undefined;
  const inside = zeroDivisor(expression.left) ?? zeroDivisor(expression.right);
  if (inside !== undefined || expression.op !== "divide") return inside;
  return exactValue(expression.right).n === 0n ? atOf(expression.right) : undefined;
}

/**
 * Why a chain of money or measures can't go on after one of its operations: it falls below zero there, or
 * leaves something over that the next one can't take in. Its last operation may do both.
 */
function stuckOnTheWay(whole: Branch): ReadError | undefined {
  for (const part of [whole.left, whole.right]) {
    if (part.kind === "quantity") continue;
    const inside = stuckOnTheWay(part);
    if (inside !== undefined) return inside;
    const [thing, right] = [thingsOf(part), thingsOf(part.right)];
    if (!thing.ok || !right.ok) continue;
    const counts = thing.value.kind === "number";
    if (counts && right.value.kind === "number") continue;
    const value = exactValue(part);
    if (value.s < 0n) return { code: "belowZeroOnTheWay", at: part.at };
    const smallest = thing.value.kind === "money" ? value.mul(10n ** BigInt(MINOR_PLACES)) : value;
    const even = smallest.d === 1n || (thing.value.kind === "measure" && part.op !== "divide");
    if (!even) return { code: "unevenOnTheWay", at: part.at };
  }
  return undefined;
}
