import type { HouseRules } from "../../house";
import { type Decimal, isWhole } from "../../number";
import { type Answer, type DecimalProblem, MOST_OPERANDS, type MoneyProblem } from "../../problem";
import { type Amount, amountOf, type CurrencyId, MINOR_PLACES } from "../../quantity";
import { because, type Method, type Refusal, type Solve, type Worked } from "../contract/method";
import { text } from "../squares/pad";
import {
  amountText,
  ended,
  type MoneyDecisions,
  type MoneyPad,
  type MoneyWhy,
  SOUND_MONEY,
  startMoney,
  withPlaces,
} from "./moneySteps";

/** Amounts as decimals with two places, worked as the house works decimals. */
export const moneyInColumns: Method<"money-in-columns", MoneyWhy, MoneyProblem, MoneyDecisions, "byAmount"> =
  {
    id: "money-in-columns",
    sample: "$4.07 + 85c + $3",
    bench: {
      small: "$<1-6>.<10-98> + $<1-6>.<10-98>",
      usual: "$<4-9>.<10-98> + $<4-9>.<10-98> + $<4-9>.<10-98>",
      largest:
        "$<99999-100004>.<10-98> + $<99999-100004>.<10-98> + $<99999-100004>.<10-98> + $<99999-100004>.<10-98> + $<99999-100004>.<10-98> + $<99999-100004>.<10-98> + $<99999-100004>.<10-98> + $<99999-100004>.<10-98> + $<99999-100004>.<10-98> + $<99999-100004>.<10-98>",
    },
    sound: SOUND_MONEY,
    refuses: ({ op, operands }): Refusal<"byAmount"> | undefined => {
      if (op === "enough" || op === "pay")
        return { kind: "otherOperation", worksOn: ["add", "subtract", "multiply", "divide"] };
      return op === "divide" && operands.every(({ kind }) => kind === "amount")
        ? because("byAmount")
        : undefined;
    },
    work: workMoney,
  };

/** Several of the same added, as often as there are. */
export const repeatedAddition: Method<
  "repeated-addition",
  MoneyWhy,
  MoneyProblem,
  MoneyDecisions,
  "fewWholeTimes"
> = {
  id: "repeated-addition",
  sample: "3 × $1.85",
  bench: {
    small: "2 × $<1-6>.<10-98>",
    usual: "3 × $<4-9>.<10-98>",
    largest: "10 × $<99999-100004>.<10-98>",
  },
  sound: SOUND_MONEY,
  refuses: ({ op, operands }): Refusal<"fewWholeTimes"> | undefined => {
    if (op !== "multiply") return { kind: "otherOperation", worksOn: ["multiply"] };
    const times = timesOf(operands);
    const few = times !== undefined && isWhole(times) && Number(times.whole) >= 2;
    return few && Number(times.whole) <= MOST_OPERANDS.add
      ? undefined
      : because("fewWholeTimes", MOST_OPERANDS.add);
  },
  work: workRepeated,
};

const timesOf = (operands: MoneyProblem["operands"]): Decimal | undefined =>
  operands.find((operand): operand is Decimal => operand.kind === "decimal");

const TO_MINOR = { kind: "toPlace", place: -MINOR_PLACES } as const;

/** Money in columns with any decision about hidden places; only the sound one is sure to reach the right answer. */
export function workMoney<Inner>(
  problem: MoneyProblem,
  house: HouseRules,
  decisions: MoneyDecisions,
  solve: Solve<Inner>,
): Worked<MoneyWhy | Inner> {
  const pad = startMoney<Inner>(problem, house);
  const operands = problem.operands.map((operand) =>
    operand.kind === "amount" ? withPlaces(pad, operand, house, decisions) : operand,
  );
  const { op } = problem;
  // The amount goes on top, with the number of times under it: fewer rows are needed so.
  if (op === "multiply" && problem.operands[0]?.kind === "decimal") operands.reverse();
  if (op === "enough" || op === "pay") throw new Error("workMoney: there is nothing to compute");
  const answer = columns(
    { kind: "decimals", op, operands, form: TO_MINOR },
    problem.currency,
    house,
    pad,
    solve,
  );
  return ended(house, pad, answer);
}

/** Repeated addition with any decision about hidden places. */
export function workRepeated<Inner>(
  problem: MoneyProblem,
  house: HouseRules,
  decisions: MoneyDecisions,
  solve: Solve<Inner>,
): Worked<MoneyWhy | Inner> {
  const pad = startMoney<Inner>(problem, house);
  const amount = problem.operands.find((operand): operand is Amount => operand.kind === "amount");
  const times = Number(timesOf(problem.operands)?.whole ?? 0);
  if (amount === undefined) throw new Error("workRepeated: an amount is needed");
  const numeral = withPlaces(pad, amount, house, decisions);
  const operands = Array.from({ length: times }, () => numeral);
  const shown = amountText(amountOf(amount.currency, numeral), house);
  pad.line("work", { kind: "againAndAgain", amount, times }, () => [
    text(`= ${operands.map(() => shown).join(" + ")}`),
  ]);
  const asked: DecimalProblem = { kind: "decimals", op: "add", operands, form: TO_MINOR };
  return ended(house, pad, columns(asked, amount.currency, house, pad, solve));
}

/** The amounts worked as decimals on a sheet of their own, and the answer with its sign. */
export function columns<Inner>(
  asked: DecimalProblem,
  currency: CurrencyId,
  house: HouseRules,
  pad: MoneyPad<Inner>,
  solve: Solve<Inner>,
): Answer {
  pad.mark("work", { kind: "amountsAsDecimals", problem: asked, currency });
  const working = solve(asked, house);
  pad.aside(working);
  const { answer } = working;
  if (answer.kind === "decimal") return amountOf(currency, answer);
  if (answer.kind === "rounded") return { kind: "roundedAmount", amount: amountOf(currency, answer.numeral) };
  throw new Error(`columns: ${answer.kind} is no amount`);
}
