import { compensation } from "../../../methods";
import { type Decimal, wholeNumeral } from "../../../number";
import { type Answer, type MoneyProblem, operandsOf, type Problem, withOperands } from "../../../problem";
import { type Amount, amountOf, inMajor, type Quantity } from "../../../quantity";
import { mapTwo } from "../../../tuples";
import { overrideIn } from "../../contract/decisionOverride";
import type { PatternsOf, Split } from "../../contract/errorPattern";
import { decimalProblem, inHundredths, wholeIn, wholeOfDigits } from "../../contract/parts";

/** The problem with its amounts read otherwise; none where all are read as they stand. */
function amountsRead(problem: Problem, reads: (amount: Amount) => Amount | undefined): Problem | undefined {
  let changed = false;
  const read = (quantity: Quantity): Quantity => {
    const other = quantity.kind === "amount" ? reads(quantity) : undefined;
    if (other === undefined) return quantity;
    changed = true;
    return other;
  };
  const other = withOperands(problem, operandsOf(problem).map(read));
  return changed ? other : undefined;
}

/** One to nine of the minor unit read as tenths: 8c is 0.8, 4.07 is 4.7. */
function asTenths({ numeral, of, currency }: Amount): Amount | undefined {
  if (of === "minor") {
    const few = /^[1-9]$/.test(numeral.whole) && numeral.fraction === "";
    return few
      ? amountOf(currency, { ...numeral, whole: "0", fraction: numeral.whole, point: true })
      : undefined;
  }
  return /^0[1-9]$/.test(numeral.fraction)
    ? amountOf(currency, { ...numeral, fraction: numeral.fraction.slice(1) })
    : undefined;
}

/** Tenths read as so many of the minor unit: 3.9 is 3.09. */
const asCents = ({ numeral, of, currency }: Amount): Amount | undefined =>
  of === "major" && /^[1-9]$/.test(numeral.fraction)
    ? amountOf(currency, { ...numeral, fraction: `0${numeral.fraction}` })
    : undefined;

/** Change from a whole number of the major unit for a price that is not one. */
interface Change {
  readonly problem: Extract<MoneyProblem, { op: "subtract" }>;
  readonly paid: bigint;
  readonly wholes: bigint;
  readonly cents: bigint;
}

function changeOf(problem: Problem): Change | undefined {
  if (problem.kind !== "money" || problem.op !== "subtract") return undefined;
  const [paid, price] = mapTwo(problem.operands, inMajor);
  if (!/^0*$/.test(paid.fraction) || /^0*$/.test(price.fraction)) return undefined;
  const [given, wholes] = [BigInt(paid.whole), BigInt(price.whole || "0")];
  return given > wholes ? { problem, paid: given, wholes, cents: BigInt(price.fraction) } : undefined;
}

const whole = (count: bigint): Decimal => wholeNumeral(count);

/** An amount from the wholes and the minor units of two answers. */
const together =
  ({ currency }: MoneyProblem, cents: (answers: readonly string[]) => bigint) =>
  (answers: readonly Answer[]): Answer | undefined => {
    const counts = answers.flatMap((answer) => wholeIn(answer) ?? []);
    if (counts.length < answers.length) return undefined;
    return amountOf(currency, inHundredths(BigInt(counts[0] ?? "0") * 100n + cents(counts.slice(1))));
  };

/** The cents made up to a hundred, and the wholes as if nothing had been used for that. */
function oneTooMany(problem: Problem): Split | undefined {
  const change = changeOf(problem);
  if (change === undefined) return undefined;
  return {
    parts: [
      decimalProblem("subtract", [whole(change.paid), whole(change.wholes)]),
      decimalProblem("subtract", [whole(100n), whole(change.cents)]),
    ],
    joins: together(change.problem, ([cents = "0"]) => BigInt(cents)),
  };
}

/** The whole that the cents need is paid, and then the cents are written as they are. */
function wholePaidCentsCopied(problem: Problem): Split | undefined {
  const change = changeOf(problem);
  if (change === undefined) return undefined;
  return {
    parts: [decimalProblem("subtract", [whole(change.paid - 1n), whole(change.wholes)])],
    joins: together(change.problem, () => change.cents),
  };
}

/** Each digit of the cents made up to ten. */
function digitByDigit(problem: Problem): Split | undefined {
  const change = changeOf(problem);
  const [tens = "0", ones = "0"] = String(change?.cents ?? 0n).padStart(2, "0");
  if (change === undefined || tens === "0" || ones === "0") return undefined;
  return {
    parts: [
      decimalProblem("subtract", [whole(change.paid - 1n), whole(change.wholes)]),
      decimalProblem("subtract", [whole(10n), wholeOfDigits(tens)]),
      decimalProblem("subtract", [whole(10n), wholeOfDigits(ones)]),
    ],
    joins: together(change.problem, ([first = "0", second = "0"]) => BigInt(first) * 10n + BigInt(second)),
  };
}

/** What was paid read as the next whole number above the price. */
function nextWhole(problem: Problem): Problem | undefined {
  const change = changeOf(problem);
  if (change === undefined || change.paid === change.wholes + 1n) return undefined;
  const { problem: asked } = change;
  const [, price] = asked.operands;
  return { ...asked, operands: [amountOf(asked.currency, whole(change.wholes + 1n)), price] };
}

/** Whether several are bought at a price that is at most five of the minor unit below a whole. */
function justBelowWhole(problem: Problem): boolean {
  if (problem.kind !== "money" || problem.op !== "multiply") return false;
  const [price, more] = problem.operands.flatMap((operand) =>
    operand.kind === "amount" ? [inMajor(operand)] : [],
  );
  return price !== undefined && more === undefined && /^9[5-9]$/.test(price.fraction);
}

/** The wholes of a price as often as they are bought, its cents once. */
function centsOnce(problem: Problem): Split | undefined {
  if (problem.kind !== "money" || problem.op !== "multiply") return undefined;
  const [first, second] = problem.operands;
  const price = first.kind === "amount" ? first : second;
  const times = first.kind === "amount" ? second : first;
  if (price.kind !== "amount" || times.kind !== "decimal" || times.fraction !== "") return undefined;
  const { whole: wholes, fraction: cents } = inMajor(price);
  if (/^0*$/.test(wholes)) return undefined;
  return {
    parts: [decimalProblem("multiply", [wholeOfDigits(wholes), times])],
    joins: together(problem, () => BigInt(cents)),
  };
}

/** Change for one of several. */
function forOne(problem: Problem): Problem | undefined {
  if (problem.kind !== "chain") return undefined;
  const { op, left, right } = problem.expression;
  if (op !== "subtract" || left.kind !== "quantity" || right.kind !== "operation" || right.op !== "multiply")
    return undefined;
  const paid = left.quantity;
  const price = [right.left, right.right].flatMap((one) =>
    one.kind === "quantity" && one.quantity.kind === "amount" ? [one.quantity] : [],
  )[0];
  if (paid.kind !== "amount" || price === undefined) return undefined;
  const { currency } = paid;
  return {
    kind: "money",
    op: "subtract",
    operands: [paid, price],
    currency,
    without: [],
    form: problem.form,
  };
}

export const MONEY_PATTERNS: PatternsOf = [
  {
    id: "money-cents-as-tenths",
    example: ["$3.45 + 8c", "$4.25"],
    frequency: 3,
    lookAlikes: [],
    reads: (problem) => amountsRead(problem, asTenths),
  },
  {
    id: "money-tenths-as-cents",
    example: ["$4.07 + $3.9", "$7.16"],
    frequency: 1,
    lookAlikes: ["add-two-halves"],
    reads: (problem) => amountsRead(problem, asCents),
  },
  {
    id: "money-change-dollar-too-many",
    example: ["$10 − $6.43", "$4.57"],
    frequency: 1,
    lookAlikes: ["sub-zero-to-nine-stop", "sub-zero-to-ten", "mul-carry-dropped"],
    splits: oneTooMany,
  },
  {
    id: "money-change-stops-at-next-dollar",
    example: ["$20 − $13.65", "$0.35"],
    frequency: 1,
    lookAlikes: [],
    reads: nextWhole,
  },
  {
    id: "money-digit-complements",
    example: ["$5 − $2.36", "$2.74"],
    frequency: 1,
    lookAlikes: ["sub-zero-to-ten", "mul-carry-dropped"],
    splits: digitByDigit,
  },
  {
    id: "money-only-dollars-multiplied",
    example: ["4 × $3.15", "$12.15"],
    frequency: 1,
    lookAlikes: ["mul-only-whole-part"],
    splits: centsOnce,
  },
  {
    id: "money-compensation-once",
    example: ["4 × $2.99", "$11.99"],
    frequency: 2,
    lookAlikes: [],
    decides: overrideIn(compensation)({ givesBack: () => 1n }),
    needs: justBelowWhole,
  },
  {
    id: "money-one-item-only",
    example: ["$10 − 3 × $1.25", "$8.75"],
    frequency: 1,
    lookAlikes: [],
    reads: forOne,
  },
  {
    id: "money-cents-as-dollars",
    example: ["$2.50 + 75c", "$77.50"],
    frequency: 1,
    lookAlikes: [],
    reads: (problem) =>
      problem.kind === "money" && problem.op === "add"
        ? amountsRead(problem, (amount) => (amount.of === "minor" ? { ...amount, of: "major" } : undefined))
        : undefined,
  },
  {
    id: "money-paid-cents-copied",
    example: ["$4 − 35c", "$3.35"],
    frequency: 2,
    lookAlikes: [],
    splits: wholePaidCentsCopied,
  },
];
