import { EXAMPLES, type PatternId } from "../../errorPatterns";
import type { HouseRules } from "../../house";
import { operandsOf, type Problem, writeProblem } from "../../problem";
import { inMajor, type Quantity, writeQuantity } from "../../quantity";
import type { ErrorSaid, NumberSaid, SaidWith } from "../contract/patternWords";
import { listed } from "../numbers/line";

const NOTHING_SAID: NumberSaid = {
  text: "",
  size: "",
  whole: "",
  ends: "",
  top: 0n,
  bottom: 0n,
  negative: false,
};

/** A number of a problem as sentences name it. */
function numberSaid(quantity: Quantity, house: HouseRules): NumberSaid {
  const text = writeQuantity(quantity, house);
  const size = text.replace(/^[(]?−([^)]*)[)]?$/, "$1");
  switch (quantity.kind) {
    case "decimal": {
      const { whole, fraction: ends, negative } = quantity;
      return { ...NOTHING_SAID, text, size, whole: whole || "0", ends, negative };
    }
    case "amount": {
      const { whole, fraction: ends } = inMajor(quantity);
      return { ...NOTHING_SAID, text, size, whole: whole || "0", ends };
    }
    case "fraction":
      return {
        ...NOTHING_SAID,
        text,
        size,
        top: quantity.numerator,
        bottom: quantity.denominator,
        negative: quantity.negative,
      };
    case "mixed":
      return {
        ...NOTHING_SAID,
        text,
        size,
        whole: String(quantity.whole),
        top: quantity.numerator,
        bottom: quantity.denominator,
        negative: quantity.negative,
      };
    case "measure":
      return { ...NOTHING_SAID, text, size };
  }
}

/** An error as sentences name it: the problem, and the answer that was given to it. */
export interface MadeError {
  readonly problem: Problem;
  readonly wrong: string;
}

function errorSaid(
  { problem, wrong }: MadeError,
  numbers: readonly NumberSaid[],
  house: HouseRules,
): ErrorSaid {
  const { form } = problem;
  return {
    line: writeProblem(problem, house),
    all: listed(numbers.map(({ text }) => text)),
    isSum: problem.op === "add",
    isDivision: problem.op === "divide",
    wanted:
      form.kind === "overDenominator"
        ? form.denominator
        : form.kind === "overNumerator"
          ? form.numerator
          : 0n,
    wrong,
  };
}

const ADDITIVE: readonly string[] = ["add", "subtract"];

/** What is said of decimals is said of money, and what is said of the parts of a fraction, of those of a mixed number. */
const SAME_SAID: Readonly<Record<string, string>> = {
  money: "decimals",
  amount: "decimal",
  mixed: "fraction",
};

/** Between a fraction and a decimal, either way. */
const BETWEEN: readonly string[] = ["asDecimal", "asFraction"];

const saidAs = (kind: string): string => SAME_SAID[kind] ?? kind;

/** Whether what is said with the numbers of one problem can be said with those of another: they are alike in kind, and so are their numbers. */
function isAlike(one: Problem, other: Problem): boolean {
  const sameOp = one.op === other.op || (ADDITIVE.includes(one.op) && ADDITIVE.includes(other.op));
  if (saidAs(one.kind) !== saidAs(other.kind) || !sameOp) return false;
  // Of a number that is to be written otherwise a pattern is told by the number alone.
  if (one.op === "rewrite")
    return one.form.kind === other.form.kind || [one, other].every(({ form }) => BETWEEN.includes(form.kind));
  const [left, right] = [operandsOf(one), operandsOf(other)];
  const kinds = (operands: typeof left): string =>
    operands
      .map(({ kind }) => saidAs(kind))
      .sort()
      .join();
  return kinds(left) === kinds(right);
}

/** What is said of an error of a pattern, where it can be said with its numbers. */
export function saidOf(
  id: PatternId,
  words: string | SaidWith,
  error: MadeError,
  house: HouseRules,
): string | undefined {
  if (typeof words === "string") return words;
  const example = EXAMPLES.get(id);
  if (example === undefined || !isAlike(example.problem, error.problem)) return undefined;
  const numbers = operandsOf(error.problem).map((operand) => numberSaid(operand, house));
  const [first = NOTHING_SAID, second = NOTHING_SAID] = numbers;
  return words(first, second, errorSaid(error, numbers, house));
}

/** The same said of the example of the pattern. */
export function saidOfExample(
  id: PatternId,
  words: string | SaidWith,
  house: HouseRules,
): { readonly line: string; readonly said: string } | undefined {
  const example = EXAMPLES.get(id);
  const said = example && saidOf(id, words, { problem: example.problem, wrong: example.answer }, house);
  return example === undefined || said === undefined
    ? undefined
    : { line: writeProblem(example.problem, house), said };
}
