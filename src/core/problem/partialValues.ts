import type Exact from "fraction.js";
import { exactAnswer, exactValue } from "./exact";
import type { Expression } from "./expression";
import type { SignedOperation } from "./operation";
import { operandsOf, type Problem } from "./problem";
import { fractionOf } from "./quantityValue";

/** A part of a sum or of a product, with the operation that it comes in by. */
interface Part {
  readonly op: SignedOperation;
  readonly value: Exact;
}

/** The most parts of which every choice is looked at. */
const MOST_PARTS = 6;

/**
 * What a sound working of a problem may come to on the way: its numbers, what each bracket and each operation comes to,
 * and any of the terms of a sum or of the factors of a product taken together, whatever the order.
 */
export function partialValues(problem: Problem): readonly Exact[] {
  const values = problem.kind === "chain" ? within(problem.expression) : together(partsOf(problem));
  const all = [...operandsOf(problem).map(fractionOf), ...values, exactAnswer(problem)];
  return [...new Map(all.map((value) => [value.toFraction(), value])).values()];
}

/** The numbers of a problem with one operation, or with terms. */
function partsOf(problem: Exclude<Problem, { readonly kind: "chain" }>): readonly Part[] {
  const [first, ...others] = operandsOf(problem).map(fractionOf);
  if (first === undefined) return [];
  const { op } = problem;
  const joins =
    op === "terms"
      ? problem.more.map(({ join }) => join)
      : others.map(() =>
          op === "add" || op === "subtract" || op === "multiply" || op === "divide" ? op : undefined,
        );
  return [
    { op: op === "multiply" || op === "divide" ? "multiply" : "add", value: first },
    ...others.flatMap((value, nth): readonly Part[] => {
      const join = joins[nth];
      return join === undefined ? [] : [{ op: join, value }];
    }),
  ];
}

const isProduct = (op: SignedOperation): boolean => op === "multiply" || op === "divide";
const OPPOSITE: Readonly<Record<SignedOperation, SignedOperation>> = {
  add: "subtract",
  subtract: "add",
  multiply: "divide",
  divide: "multiply",
};

/** The parts of a sum or of a product, however deep, and the expressions that they are. */
function flattened(
  expression: Expression,
  op: SignedOperation,
  product: boolean,
): readonly { readonly op: SignedOperation; readonly part: Expression }[] {
  if (expression.kind === "quantity" || isProduct(expression.op) !== product)
    return [{ op, part: expression }];
  const turned = op === "subtract" || op === "divide";
  return [
    ...flattened(expression.left, op, product),
    ...flattened(expression.right, turned ? OPPOSITE[expression.op] : expression.op, product),
  ];
}

function within(expression: Expression): readonly Exact[] {
  if (expression.kind === "quantity") return [exactValue(expression)];
  const product = isProduct(expression.op);
  const parts = flattened(expression, product ? "multiply" : "add", product);
  return [
    ...parts.flatMap(({ part }) => within(part)),
    ...together(parts.map(({ op, part }) => ({ op, value: exactValue(part) }))),
    ...(product ? spreadOut(parts, exactValue(expression)) : []),
  ];
}

/** A bracket multiplied out: each of its terms with all the other factors. */
function spreadOut(
  parts: readonly { readonly op: SignedOperation; readonly part: Expression }[],
  whole: Exact,
): readonly Exact[] {
  return parts.flatMap(({ op, part }) => {
    const value = exactValue(part);
    if (op !== "multiply" || part.kind === "quantity" || value.n === 0n) return [];
    const others = whole.div(value);
    return flattened(part, "add", false).map((term) => exactValue(term.part).mul(others));
  });
}

/** What any of some parts come to, taken together. */
function together(parts: readonly Part[]): readonly Exact[] {
  const some = parts.length > MOST_PARTS ? [] : parts;
  let found: readonly (Exact | undefined)[] = [undefined];
  for (const { op, value } of some) {
    if (op === "divide" && value.n === 0n) continue;
    const joined = (before: Exact | undefined): Exact => {
      switch (op) {
        case "add":
          return before?.add(value) ?? value;
        case "subtract":
          return before?.sub(value) ?? value.neg();
        case "multiply":
          return before?.mul(value) ?? value;
        case "divide":
          return before?.div(value) ?? value.inverse();
      }
    };
    found = [...found, ...found.map(joined)];
  }
  return found.flatMap((one) => one ?? []);
}
