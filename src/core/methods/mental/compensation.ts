import {
  asFraction,
  compareDecimals,
  type Decimal,
  isWhole,
  roundTo,
  significantDigits,
  withoutTrailingZeros,
} from "../../number";
import {
  type Answer,
  AS_IT_COMES,
  type Asks,
  type DecimalProblem,
  type MoneyProblem,
  operandsOf,
  type Problem,
  withOperands,
  writeAnswer,
  writeProblem,
} from "../../problem";
import { type Amount, amountOf, inMajor, MINOR_PLACES, type Quantity, writeQuantity } from "../../quantity";
import { failed } from "../../result";
import { mapTwoOrMore, type TwoOrMore } from "../../tuples";
import { because, type Method, type MethodRefusal, otherOperation, refused, taken } from "../contract/method";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { type AnswerReason, nameStep } from "../squares/answer";
import { newPad, padText } from "../squares/pad";
import { combinedBy, type Friendly, friendlyTo, timesOf } from "./friendly";

type Asked = Asks<DecimalProblem | MoneyProblem, "add" | "subtract" | "multiply">;

/** One number of a problem taken for a friendlier one. */
interface Rounding {
  readonly before: Quantity;
  readonly friendly: Quantity;
  readonly off: Quantity;
  readonly up: boolean;
}

export type CompensationReason =
  | { readonly kind: "writeToCompensate"; readonly problem: Problem }
  | { readonly kind: "takeFriendlier"; readonly roundings: readonly Rounding[]; readonly problem: Problem }
  | { readonly kind: "workFriendlier"; readonly problem: Problem; readonly result: Quantity }
  | {
      readonly kind: "giveBack";
      /** What was done with the friendlier number, and what is done now. */
      readonly worked: "add" | "subtract" | "multiply";
      readonly op: "add" | "subtract";
      readonly up: boolean;
      readonly result: Quantity;
      readonly off: readonly Quantity[];
      /** How often the difference came in. */
      readonly times: bigint;
      readonly all: Quantity;
      readonly answer: Quantity;
    };

/** The decisions of compensation: how often a difference is given back in a product, and which way. */
export interface CompensationDecisions {
  givesBack(times: bigint): bigint;
  turns(op: "add" | "subtract"): "add" | "subtract";
}

const SOUND_COMPENSATION: CompensationDecisions = { givesBack: (times) => times, turns: (op) => op };

/** A number with more digits than this is not worked in the head, nor one taken oftener than this. */
const MOST_DIGITS = 5;
const MOST_TIMES = 12n;
/** The most numbers that are added in the head. */
const MOST_ADDENDS = 4;

/** A problem as its numbers, without the signs of money. */
const numbersOf = ({ operands }: Asked): TwoOrMore<Decimal> =>
  mapTwoOrMore<Amount | Decimal, Decimal>(operands, (operand) =>
    withoutTrailingZeros(operand.kind === "amount" ? inMajor(operand) : operand),
  );

/** What is done with the friendlier numbers, and how often their difference comes in; none where no number has a friendlier one near it. */
interface Plan {
  readonly worked: "add" | "subtract" | "multiply";
  readonly friendly: readonly (Friendly | undefined)[];
  readonly times: bigint;
}

function planOf(problem: Asked): Plan | undefined {
  const numbers = numbersOf(problem);
  const { op } = problem;
  const near = numbers.map((number, index) =>
    problem.operands[index]?.kind === "decimal" && problem.kind === "money" ? undefined : friendlyTo(number),
  );
  if (op === "add") {
    // Where one is made more and another less, only what is too much is given back.
    const up = near.some((one) => one?.up === true);
    const friendly = near.map((one) => (one?.up === up ? one : undefined));
    return friendly.some((one) => one !== undefined) ? { worked: op, friendly, times: 1n } : undefined;
  }
  const [first, second] = numbers;
  if (numbers.length > 2) return undefined;
  if (op === "subtract") {
    const [, taken] = near;
    return taken === undefined || compareDecimals(taken.friendly, first) > 0
      ? undefined
      : { worked: op, friendly: [undefined, taken], times: 1n };
  }
  const [left, right] = near;
  if (right !== undefined && isFew(first))
    return { worked: op, friendly: [undefined, right], times: asFraction(first).numerator };
  return left !== undefined && isFew(second)
    ? { worked: op, friendly: [left, undefined], times: asFraction(second).numerator }
    : undefined;
}

const isFew = (number: Decimal): boolean =>
  isWhole(number) && asFraction(number).numerator >= 2n && asFraction(number).numerator <= MOST_TIMES;

type Because = "otherForm" | "longNumbers" | "manyAddends" | "takenFromLess" | "noneFriendly";

/** What is not worked in the head; none where all is. */
function unfit(problem: Asked): MethodRefusal<Because> | undefined {
  const numbers = numbersOf(problem);
  if (problem.form.kind !== "asItComes") return because("otherForm");
  if (numbers.some(({ whole, fraction }) => significantDigits(whole).length + fraction.length > MOST_DIGITS))
    return because("longNumbers", MOST_DIGITS);
  if (numbers.length > MOST_ADDENDS) return because("manyAddends", MOST_ADDENDS);
  const [first, second] = numbers;
  if (problem.op === "subtract" && compareDecimals(first, second) < 0) return because("takenFromLess");
  return undefined;
}

/** An awkward number taken for a friendlier one, worked in the head, and what was too much or too little given back. */
export const compensation: Method<
  "compensation",
  CompensationReason | AnswerReason,
  DecimalProblem | MoneyProblem,
  CompensationDecisions,
  Because
> = {
  id: "compensation",
  sample: "3 × $1.98",
  bench: { small: "9 + <1.1>", usual: "4.98 + <3.2>", largest: "<12-98>.98 + 302 + 4.99" },
  sound: SOUND_COMPENSATION,
  takes: (problem) => {
    const { op } = problem;
    if (op !== "add" && op !== "subtract" && op !== "multiply")
      return otherOperation("add", "subtract", "multiply");
    const refusal = unfit(problem);
    if (refusal !== undefined) return failed(refusal);
    const plan = planOf(problem);
    return plan === undefined ? refused("noneFriendly") : taken({ problem, plan }, workCompensation);
  },
};

function workCompensation(
  { problem, plan }: { readonly problem: Asked; readonly plan: Plan },
  { house, decisions }: WorkRules<CompensationDecisions>,
): MethodResult<CompensationReason | AnswerReason> {
  const { worked, friendly, times } = plan;
  const numbers = numbersOf(problem);
  // Amounts are written with both their places, round ones on the way without.
  const shown = (number: Decimal, ends = false): Quantity =>
    problem.kind === "money"
      ? amountOf(problem.currency, ends || number.fraction !== "" ? roundTo(number, -MINOR_PLACES) : number)
      : number;
  const plain = { ...house, grouping: "none" } as const;
  const line = (quantity: Quantity): string => writeQuantity(quantity, plain);
  const pad = newPad<CompensationReason | AnswerReason>();
  pad.line("setOut", { kind: "writeToCompensate", problem }, () => [padText(writeProblem(problem, plain))]);

  const changed = friendly.flatMap((one, index) => {
    const before = numbers[index];
    return one === undefined || before === undefined ? [] : [{ ...one, before }];
  });
  const up = changed.some((one) => one.up);
  const rounded = withFriendly(problem, friendly);
  const roundings = changed.map((one) => ({
    before: shown(one.before),
    friendly: shown(one.friendly),
    off: shown(one.off),
    up: one.up,
  }));
  pad.line("work", { kind: "takeFriendlier", roundings, problem: rounded }, () => [
    padText(writeProblem(rounded, plain)),
  ]);
  const [first, ...rest] = mapTwoOrMore(numbers, (number, index) => friendly[index]?.friendly ?? number);
  const result =
    worked === "multiply"
      ? timesOf(times, changed[0]?.friendly ?? first)
      : rest.reduce((sum, number) => combinedBy(worked, sum, number), first);
  pad.goOn("work", { kind: "workFriendlier", problem: rounded, result: shown(result) }, () => [
    padText(`=${line(shown(result))}`),
  ]);

  // More was taken away than asked where the subtrahend grew: it comes back.
  const op = decisions.turns((worked === "subtract") === up ? "add" : "subtract");
  const often = decisions.givesBack(times);
  const off = changed.reduce(
    (sum, one) => combinedBy("add", sum, timesOf(often, one.off)),
    timesOf(0n, first),
  );
  const end = combinedBy(op, result, off);
  const answer: Answer = shown(end, true);
  pad.line(
    "work",
    {
      kind: "giveBack",
      worked,
      op,
      up,
      result: shown(result),
      off: changed.map((one) => shown(one.off)),
      times: often,
      all: shown(off),
      answer,
    },
    () => [
      padText(
        `${line(shown(result))} ${op === "add" ? "+" : "−"} ${line(shown(off))} = ${writeAnswer(answer, plain)}`,
      ),
    ],
  );
  pad.take(() => [nameStep(answer, undefined)]);
  return { answer, onPaper: pad.onPaper };
}

/** The problem with its friendlier numbers. */
function withFriendly(problem: Asked, friendly: readonly (Friendly | undefined)[]): Problem {
  const operands = operandsOf(problem).map((operand, index) => {
    const one = friendly[index];
    if (one === undefined) return operand;
    return operand.kind === "amount" ? amountOf(operand.currency, one.friendly) : one.friendly;
  });
  const plain = problem.kind === "money" ? { ...problem, without: [] } : problem;
  return withOperands({ ...plain, form: AS_IT_COMES }, operands) ?? problem;
}
