import type { HouseRules } from "@/core/house";
import { decimalSign, type Numeral, writeDecimal } from "@/core/number";
import {
  type Answer,
  type Expression,
  joinerOf,
  needsBrackets,
  type Problem,
  type SignedOperation,
  signOf,
  writeForm,
  writeUnformed,
} from "@/core/problem";
import { type Amount, currencyOf, type Measure, type Quantity, unitOf, writePieces } from "@/core/quantity";

/** What a line of a problem and its answer is made of, for media that set mathematics. */
export type Part =
  /** A number as the house writes it, its minus before it. */
  | { readonly kind: "number"; readonly text: string }
  /** A sign between two things, or a bracket. */
  | { readonly kind: "sign"; readonly text: string }
  | { readonly kind: "bracket"; readonly text: "(" | ")" }
  | { readonly kind: "fraction"; readonly over: string; readonly under: string }
  /** Digits that come again for ever. */
  | { readonly kind: "block"; readonly text: string }
  /** Letters: a unit, a sign of money, a form that was wanted. */
  | { readonly kind: "words"; readonly text: string };

const sign = (text: string): Part => ({ kind: "sign", text });
const words = (text: string): Part => ({ kind: "words", text });
const bracket = (text: "(" | ")"): Part => ({ kind: "bracket", text });

/** A problem with its answer in one line: `7.2 ÷ 0.08 = 90`. A wanted form stands behind it in words. */
export function lineOf(problem: Problem, answer: Answer, house: HouseRules): readonly Part[] {
  const form = writeForm(problem.form, house).trim();
  const note = form === "" || problem.op === "rewrite" ? [] : [words(` (${form})`)];
  if (problem.op === "compare" || problem.op === "order") return answerParts(answer, house);
  return [...asked(problem, house), ...joinParts(problem, answer), ...answerParts(answer, house), ...note];
}

/** What stands between a problem and its answer: a rounded answer brings its own sign. */
function joinParts(problem: Problem, answer: Answer): readonly Part[] {
  const says = joinerOf(answer).trim();
  return problem.op === "round" || says === "" ? [] : [says === "=" ? sign("=") : words(`${says} `)];
}

function asked(problem: Problem, house: HouseRules): readonly Part[] {
  switch (problem.op) {
    case "chain":
      return expressionParts(problem.expression, house, true);
    case "enough":
    case "pay":
      return [words(writeUnformed(problem, house))];
    case "terms":
      return joined(problem.operands, problem.joins, house);
    case "round":
    case "rewrite":
    case "compare":
    case "order":
      return joined(problem.operands, [], house);
    case "add":
    case "subtract":
    case "multiply":
    case "divide": {
      const { op } = problem;
      return joined(
        problem.operands,
        problem.operands.slice(1).map(() => op),
        house,
      );
    }
  }
}

/** Quantities with signs between them; one below zero stands in brackets after a sign. */
const joined = (
  quantities: readonly Quantity[],
  signs: readonly SignedOperation[],
  house: HouseRules,
): readonly Part[] =>
  quantities.flatMap((quantity, index) => {
    const before = signs[index - 1];
    return before === undefined
      ? quantityParts(quantity, house)
      : [sign(signOf(before, house)), ...afterSign(quantity, house)];
  });

const isBelowZero = (quantity: Quantity): boolean =>
  quantity.kind === "amount" ? quantity.numeral.negative : quantity.negative;

const afterSign = (quantity: Quantity, house: HouseRules): readonly Part[] =>
  isBelowZero(quantity)
    ? [bracket("("), ...quantityParts(quantity, house), bracket(")")]
    : quantityParts(quantity, house);

function expressionParts(expression: Expression, house: HouseRules, first: boolean): readonly Part[] {
  if (expression.kind === "quantity")
    return first ? quantityParts(expression.quantity, house) : afterSign(expression.quantity, house);
  const { op, left, right } = expression;
  const side = (part: Expression, which: "left" | "right"): readonly Part[] =>
    needsBrackets(part, op, which)
      ? [bracket("("), ...expressionParts(part, house, true), bracket(")")]
      : expressionParts(part, house, which === "left" && first);
  return [...side(left, "left"), sign(signOf(op, house)), ...side(right, "right")];
}

function quantityParts(quantity: Quantity, house: HouseRules): readonly Part[] {
  switch (quantity.kind) {
    case "decimal":
    case "fraction":
    case "mixed":
      return numeralParts(quantity, house);
    case "amount":
      return amountParts(quantity, house);
    case "measure":
      return measureParts(quantity, house);
  }
}

function numeralParts(numeral: Numeral, house: HouseRules): readonly Part[] {
  if (numeral.kind === "decimal") return [{ kind: "number", text: writeDecimal(numeral, house) }];
  const minus = numeral.negative ? "−" : "";
  const part: Part = {
    kind: "fraction",
    over: String(numeral.numerator),
    under: String(numeral.denominator),
  };
  const whole =
    numeral.kind === "mixed" && (numeral.whole > 0n || numeral.numerator === 0n) ? String(numeral.whole) : "";
  const before: readonly Part[] = whole + minus === "" ? [] : [{ kind: "number", text: minus + whole }];
  return numeral.kind === "mixed" && numeral.numerator === 0n ? before : [...before, part];
}

function amountParts({ currency, numeral, of }: Amount, house: HouseRules): readonly Part[] {
  const { sign: major, minorSign } = currencyOf(currency);
  const number: Part = { kind: "number", text: writeDecimal({ ...numeral, negative: false }, house) };
  const below: readonly Part[] = numeral.negative ? [{ kind: "number", text: "−" }] : [];
  return of === "major" ? [...below, words(major), number] : [...below, number, words(minorSign)];
}

const measureParts = ({ negative, parts }: Measure, house: HouseRules): readonly Part[] => [
  ...(negative ? [{ kind: "number", text: "−" } as const] : []),
  ...parts.flatMap(({ count, unit }, index): readonly Part[] => [
    ...(index > 0 ? [words(" ")] : []),
    { kind: "number", text: writeDecimal(count, house) },
    words(`${/[°′]/.test(unitOf(unit).symbol) ? "" : " "}${unitOf(unit).symbol}`),
  ]),
];

function answerParts(answer: Answer, house: HouseRules): readonly Part[] {
  const parts = (quantity: Quantity): readonly Part[] => quantityParts(quantity, house);
  switch (answer.kind) {
    case "decimal":
    case "fraction":
    case "mixed":
    case "amount":
    case "measure":
      return parts(answer);
    case "rounded":
      return [sign("≈"), ...parts(answer.numeral)];
    case "roundedAmount":
      return [sign("≈"), ...parts(answer.amount)];
    case "remainder":
      return [...parts(answer.quotient), words(" r "), ...parts(answer.remainder)];
    case "recurring": {
      const before = `${answer.negative ? "−" : ""}${answer.whole}${decimalSign(house)}${answer.fixed}`;
      return [
        { kind: "number", text: before },
        { kind: "block", text: answer.repetend },
      ];
    }
    case "comparison":
      return [...parts(answer.left), sign(answer.relation), ...parts(answer.right)];
    case "ordered":
      return answer.numerals.flatMap((numeral, index) => [
        ...(index > 0 ? [sign("≤")] : []),
        ...parts(numeral),
      ]);
    case "share":
      return [...parts(answer.each), words(" each, "), ...parts(answer.left), words(" left")];
    case "measureLeft":
      return [...parts(answer.each), words(" r "), ...parts(answer.left)];
    case "timesLeft":
      return [...parts(answer.times), words(" r "), ...parts(answer.left)];
    case "sufficiency":
      return [
        words(answer.enough ? "yes, " : "no, "),
        ...parts(answer.difference),
        words(answer.enough ? " left" : " short"),
      ];
    case "handed":
      return [
        words(`${writePieces(answer.pieces, answer.currency)}, `),
        ...parts(answer.back),
        words(" back"),
      ];
  }
}
