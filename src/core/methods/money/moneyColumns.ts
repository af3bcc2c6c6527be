import { type Decimal, isWhole } from "../../number";
import {
  type Answer,
  type Asks,
  type DecimalProblem,
  MOST_OPERANDS,
  type MoneyProblem,
  thingAndTimes,
} from "../../problem";
import { type Amount, amountOf, type CurrencyId, MINOR_PLACES } from "../../quantity";
import { mapTwo, mapTwoOrMore, type TwoOrMore } from "../../tuples";
import { type Method, otherOperation, refused, taken } from "../contract/method";
import type { InHouse, OnPad, Solving, WorkContext } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { padText } from "../squares/pad";
import {
  amountText,
  finishMoney,
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
    takes: (problem) => {
      if (problem.op === "enough" || problem.op === "pay")
        return otherOperation("add", "subtract", "multiply", "divide");
      if (problem.op !== "divide") return taken(problem, workMoney);
      const [amount, by] = problem.operands;
      return by.kind === "amount"
        ? refused("byAmount")
        : taken({ ...problem, operands: [amount, by] as const }, workMoney);
    },
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
  takes: (problem) => {
    if (problem.op !== "multiply") return otherOperation("multiply");
    const { thing, times } = thingAndTimes(problem.operands);
    const few = isWhole(times) && Number(times.whole) >= 2 && Number(times.whole) <= MOST_OPERANDS.add;
    return few
      ? taken({ problem, amount: thing, times: Number(times.whole) }, workRepeated)
      : refused("fewWholeTimes", MOST_OPERANDS.add);
  },
};

/** Amounts that are worked as decimals: added, taken away, or one of them with a plain number. */
type InColumns =
  | Asks<MoneyProblem, "add" | "subtract" | "multiply">
  | (Omit<Asks<MoneyProblem, "divide">, "operands"> & { readonly operands: readonly [Amount, Decimal] });

/** An amount, and how often it is added. */
interface Repeated {
  readonly problem: MoneyProblem;
  readonly amount: Amount;
  readonly times: number;
}

const TO_MINOR = { kind: "toPlace", place: -MINOR_PLACES } as const;

/** Money in columns with any decision about hidden places; only the sound one is sure to reach the right answer. */
function workMoney<Inner>(
  problem: InColumns,
  { house, decisions, solve }: WorkContext<MoneyDecisions, Inner>,
): MethodResult<MoneyWhy | Inner> {
  const pad = startMoney<Inner>(problem, house);
  const asked = asDecimals(problem, (amount) => withPlaces(amount, { house, decisions, pad }));
  return finishMoney(columns(asked, problem.currency, { house, pad, solve }), { house, pad });
}

/** The problem of the amounts as decimals. */
function asDecimals(problem: InColumns, numeral: (amount: Amount) => Decimal): DecimalProblem {
  const asked = { kind: "decimals", form: TO_MINOR } as const;
  switch (problem.op) {
    case "add":
      return { ...asked, op: "add", operands: mapTwoOrMore(problem.operands, numeral) };
    case "subtract":
      return { ...asked, op: "subtract", operands: mapTwo(problem.operands, numeral) };
    case "multiply": {
      // The amount goes on top, with the number of times under it: fewer rows are needed so.
      const { thing, times } = thingAndTimes(problem.operands);
      return { ...asked, op: "multiply", operands: [numeral(thing), times] };
    }
    case "divide": {
      const [amount, by] = problem.operands;
      return { ...asked, op: "divide", operands: [numeral(amount), by] };
    }
  }
}

/** Repeated addition with any decision about hidden places. */
function workRepeated<Inner>(
  { problem, amount, times }: Repeated,
  { house, decisions, solve }: WorkContext<MoneyDecisions, Inner>,
): MethodResult<MoneyWhy | Inner> {
  const pad = startMoney<Inner>(problem, house);
  const numeral = withPlaces(amount, { house, decisions, pad });
  const operands: TwoOrMore<Decimal> = [
    numeral,
    numeral,
    ...Array.from({ length: times - 2 }, () => numeral),
  ];
  const shown = amountText(amountOf(amount.currency, numeral), house);
  pad.line("work", { kind: "againAndAgain", amount, times }, () => [
    padText(`= ${operands.map(() => shown).join(" + ")}`),
  ]);
  const asked: DecimalProblem = { kind: "decimals", op: "add", operands, form: TO_MINOR };
  return finishMoney(columns(asked, amount.currency, { house, pad, solve }), { house, pad });
}

/** The amounts worked as decimals on a page of their own, and the answer with its sign. */
export function columns<Inner>(
  asked: DecimalProblem,
  currency: CurrencyId,
  { house, pad, solve }: InHouse & Solving<Inner> & OnPad<MoneyPad<Inner>>,
): Answer {
  pad.mark("work", { kind: "amountsAsDecimals", problem: asked, currency });
  const working = solve(asked, house);
  pad.aside(working);
  const { answer } = working;
  if (answer.kind === "decimal") return amountOf(currency, answer);
  if (answer.kind === "rounded") return { kind: "roundedAmount", amount: amountOf(currency, answer.numeral) };
  throw new Error(`columns: ${answer.kind} is no amount`);
}
