import { type Decimal, isWhole, isZero, wholeNumeral } from "../../number";
import {
  type Answer,
  type Asks,
  type DecimalProblem,
  decimalsOf,
  MOST_HANDED,
  type MoneyProblem,
} from "../../problem";
import { type Amount, currencyOf, MINOR_PLACES, writePieces } from "../../quantity";
import { mapOneOrMore, mapTwo } from "../../tuples";
import { type Method, type NoDecisions, otherOperation, refused, taken } from "../contract/method";
import type { InHouse, WorkContext } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { padText } from "../squares/pad";
import { tillOf } from "./changeByCountingUp";
import { fewestPieces } from "./fewestPieces";
import { columns } from "./moneyColumns";
import {
  amountText,
  finishMoney,
  fromMinor,
  type MoneyDecisions,
  type MoneyWhy,
  minorCount,
  SOUND_MONEY,
  startMoney,
  withPlaces,
} from "./moneySteps";

/** Whether what one has is enough: the prices added, and compared with it. */
export const enoughByAdding: Method<"enough-by-adding", MoneyWhy, MoneyProblem, MoneyDecisions> = {
  id: "enough-by-adding",
  sample: "is $10 enough for $3.40 + $5.85",
  bench: {
    small: "is $20 enough for $<1-6>.<10-98>",
    usual: "is $20 enough for $<4-9>.<10-98> + $<4-9>.<10-98> + $<4-9>.<10-98>",
    largest:
      "is $20 enough for $<99999-100004>.<10-98> + $<99999-100004>.<10-98> + $<99999-100004>.<10-98> + $<99999-100004>.<10-98> + $<99999-100004>.<10-98> + $<99999-100004>.<10-98> + $<99999-100004>.<10-98> + $<99999-100004>.<10-98> + $<99999-100004>.<10-98>",
  },
  sound: SOUND_MONEY,
  takes: (problem) => (problem.op === "enough" ? taken(problem, workEnough) : otherOperation("enough")),
};

/** Which notes to hand over for a price: as little over it as notes can make, in as few as can be. */
export const handingOver: Method<"handing-over", MoneyWhy, MoneyProblem, NoDecisions, "shortTill"> = {
  id: "handing-over",
  sample: "pay $27.35",
  bench: { small: "pay $<1-3>.<10-98>", usual: "pay $<25-27>.<10-98>", largest: "pay $<9987-9989>.<10-98>" },
  sound: {},
  takes: (problem) => {
    if (problem.op !== "pay") return otherOperation("pay");
    const pieces = notesFor(problem);
    return pieces === undefined ? refused("shortTill") : taken({ problem, pieces }, workHanding);
  },
};

/** A bill in its minor unit shared out whole, and what is left over said. */
export const sharingABill: Method<"sharing-a-bill", MoneyWhy, MoneyProblem, NoDecisions, "wholeShares"> = {
  id: "sharing-a-bill",
  sample: "$20 ÷ 3",
  bench: {
    small: "$<1-6>.<10-98> ÷ <3-8>",
    usual: "$<4-9>.<10-98> ÷ <3-8>",
    largest: "$<99999-100004>.<10-98> ÷ <3-8>",
  },
  sound: {},
  takes: (problem) => {
    if (problem.op !== "divide") return otherOperation("divide");
    const [, by] = problem.operands;
    return by.kind === "decimal" && !isWhole(by) ? refused("wholeShares") : taken(problem, workSharing);
  },
};

function workEnough<Inner>(
  problem: Asks<MoneyProblem, "enough">,
  { house, decisions, solve }: WorkContext<MoneyDecisions, Inner>,
): MethodResult<MoneyWhy | Inner> {
  const pad = startMoney<Inner>(problem, house);
  const [have, cost, ...more] = problem.operands;
  const { currency } = problem;
  const prices = mapOneOrMore([cost, ...more], (one) => withPlaces(one, { house, decisions, pad }));
  const asked = decimalsOf("add", prices, { kind: "toPlace", place: -MINOR_PLACES });
  const total =
    more.length > 0 && asked !== undefined
      ? columns(asked, currency, { house, pad, solve })
      : fromMinor(minorCount(cost), currency);
  if (total.kind !== "amount") throw new Error(`workEnough: ${total.kind} is no amount`);
  const over = minorCount(have) - minorCount(total);
  const enough = over >= 0n;
  const [larger, smaller] = enough ? [have, total] : [total, have];
  const rest: Asks<MoneyProblem, "subtract"> = {
    kind: "money",
    op: "subtract",
    operands: [larger, smaller],
    currency,
    without: [],
    form: problem.form,
  };
  pad.line("work", { kind: "compareCost", have, cost: total, enough, problem: rest }, () => [
    padText(
      `${amountText(fromMinor(minorCount(have), currency), house)} ${over === 0n ? "=" : enough ? ">" : "<"} ${amountText(total, house)}`,
    ),
  ]);
  if (over === 0n)
    return finishMoney({ kind: "sufficiency", enough, difference: fromMinor(0n, currency) }, { house, pad });
  const working = solve(rest, house);
  pad.aside(working);
  const { answer } = working;
  if (answer.kind !== "amount") throw new Error(`workEnough: ${answer.kind} is no amount`);
  return finishMoney({ kind: "sufficiency", enough, difference: answer }, { house, pad });
}

/** The fewest notes that come to at least a price, as little over it as can be; none where no notes do. */
function notesFor(problem: Asks<MoneyProblem, "pay">): readonly number[] | undefined {
  const price = Number(minorCount(problem.operands[0]));
  const notes = tillOf(problem).filter((piece) => currencyOf(problem.currency).notes.includes(piece));
  const smallest = notes.at(-1);
  if (smallest === undefined || price > MOST_HANDED * 100) return undefined;
  const largest = notes[0] ?? smallest;
  for (let total = Math.max(100, Math.ceil(price / 100) * 100); total <= price + largest; total += 100) {
    const pieces = fewestPieces(total, notes);
    if (pieces !== undefined) return pieces;
  }
  return undefined;
}

/** A price, and the notes that are handed over for it. */
interface Handing {
  readonly problem: Asks<MoneyProblem, "pay">;
  readonly pieces: readonly number[];
}

function workHanding({ problem, pieces }: Handing, { house }: InHouse): MethodResult<MoneyWhy> {
  const pad = startMoney<never>(problem, house);
  const { currency } = problem;
  const [price] = problem.operands;
  const total = BigInt(pieces.reduce((sum, piece) => sum + piece, 0));
  const handed = fromMinor(total, currency);
  const full = fromMinor(minorCount(price), currency);
  const back = fromMinor(total - minorCount(price), currency);
  const exact = isZero(back.numeral);
  pad.line("work", { kind: "handNotes", price: full, pieces, total: handed, exact }, () => [
    padText(
      pieces.length > 1
        ? `${writePieces(pieces, currency)} = ${amountText(handed, house)}`
        : amountText(handed, house),
    ),
  ]);
  if (!exact) {
    pad.line("work", { kind: "backFromNotes", price: full, total: handed, back }, () => [
      padText(`${amountText(handed, house)} − ${amountText(full, house)} = ${amountText(back, house)}`),
    ]);
  }
  return finishMoney({ kind: "handed", pieces, currency, back }, { house, pad });
}

function workSharing<Inner>(
  problem: Asks<MoneyProblem, "divide">,
  { house, solve }: WorkContext<NoDecisions, Inner>,
): MethodResult<MoneyWhy | Inner> {
  const pad = startMoney<Inner>(problem, house);
  const { currency } = problem;
  const { minorSign } = currencyOf(currency);
  const shares = problem.operands[1].kind === "decimal";
  const operands = mapTwo<Amount | Decimal, Decimal>(problem.operands, (operand) => {
    if (operand.kind === "decimal") return operand;
    const count = minorCount(operand);
    pad.line("setOut", { kind: "intoMinor", amount: operand, count }, () => [
      padText(`${amountText(operand, house)} = ${count}${minorSign}`),
    ]);
    return wholeNumeral(count);
  });
  const asked: DecimalProblem = {
    kind: "decimals",
    op: "divide",
    operands,
    form: { kind: "withRemainder" },
  };
  pad.mark("work", { kind: "minorProblem", problem: asked, currency, shares });
  const working = solve(asked, house);
  pad.aside(working);
  const { answer } = working;
  const [quotient, left] = quotientAndLeft(answer);
  const rest = fromMinor(left, currency);
  if (!shares) {
    const times = wholeNumeral(quotient);
    return finishMoney(left === 0n ? times : { kind: "timesLeft", times, left: rest }, { house, pad });
  }
  const each = fromMinor(quotient, currency);
  pad.line("answer", { kind: "backToMajor", count: quotient, amount: each }, () => [
    padText(`${quotient}${minorSign} = ${amountText(each, house)}`),
  ]);
  return finishMoney(left === 0n ? each : { kind: "share", each, left: rest }, { house, pad });
}

/** A quotient of whole numbers and what it leaves. */
function quotientAndLeft(answer: Answer): readonly [bigint, bigint] {
  if (answer.kind === "remainder") return [BigInt(answer.quotient.whole), BigInt(answer.remainder.whole)];
  if (answer.kind === "decimal") return [BigInt(answer.whole), 0n];
  throw new Error(`quotientAndLeft: ${answer.kind} is no quotient with a remainder`);
}
