import type { HouseRules } from "../../house";
import { isWhole, isZero, wholeNumeral } from "../../number";
import { type DecimalProblem, MOST_HANDED, type MoneyProblem } from "../../problem";
import { type Amount, currencyOf, writePieces } from "../../quantity";
import { because, type Method, type NoDecisions, type Solve, type Worked } from "../contract/method";
import { text } from "../squares/pad";
import { tillOf } from "./changeByCountingUp";
import { fewestPieces } from "./fewestPieces";
import { columns } from "./moneyColumns";
import {
  amountText,
  ended,
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
  refuses: ({ op }) => (op === "enough" ? undefined : { kind: "otherOperation", worksOn: ["enough"] }),
  work: workEnough,
};

/** Which notes to hand over for a price: as little over it as notes can make, in as few as can be. */
export const handingOver: Method<"handing-over", MoneyWhy, MoneyProblem, NoDecisions, "shortTill"> = {
  id: "handing-over",
  sample: "pay $27.35",
  bench: { small: "pay $<1-3>.<10-98>", usual: "pay $<25-27>.<10-98>", largest: "pay $<9987-9989>.<10-98>" },
  sound: {},
  refuses: (problem) => {
    if (problem.op !== "pay") return { kind: "otherOperation", worksOn: ["pay"] };
    return notesFor(problem) === undefined ? because("shortTill") : undefined;
  },
  work: workHanding,
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
  refuses: ({ op, operands }) => {
    if (op !== "divide") return { kind: "otherOperation", worksOn: ["divide"] };
    const [, by] = operands;
    return by?.kind === "decimal" && !isWhole(by) ? because("wholeShares") : undefined;
  },
  work: workSharing,
};

const amountsIn = ({ operands }: MoneyProblem): readonly Amount[] =>
  operands.filter((operand): operand is Amount => operand.kind === "amount");

function workEnough<Inner>(
  problem: MoneyProblem,
  house: HouseRules,
  decisions: MoneyDecisions,
  solve: Solve<Inner>,
): Worked<MoneyWhy | Inner> {
  const pad = startMoney<Inner>(problem, house);
  const [have, ...costs] = amountsIn(problem);
  const [only] = costs;
  if (have === undefined || only === undefined) throw new Error("workEnough: prices are needed");
  const { currency } = problem;
  const prices = costs.map((cost) => withPlaces(pad, cost, house, decisions));
  const asked: DecimalProblem = {
    kind: "decimals",
    op: "add",
    operands: prices,
    form: { kind: "toPlace", place: -2 },
  };
  const total =
    prices.length > 1 ? columns(asked, currency, house, pad, solve) : fromMinor(minorCount(only), currency);
  if (total.kind !== "amount") throw new Error(`workEnough: ${total.kind} is no amount`);
  const difference = minorCount(have) - minorCount(total);
  const enough = difference >= 0n;
  const size = fromMinor(enough ? difference : -difference, currency);
  const [larger, smaller] = enough ? [have, total] : [total, have];
  const rest: MoneyProblem = { ...problem, op: "subtract", operands: [larger, smaller], without: [] };
  pad.line("work", { kind: "compareCost", have, cost: total, enough, problem: rest }, () => [
    text(
      `${amountText(fromMinor(minorCount(have), currency), house)} ${difference === 0n ? "=" : enough ? ">" : "<"} ${amountText(total, house)}`,
    ),
  ]);
  return ended(house, pad, { kind: "sufficiency", enough, difference: size });
}

/** The fewest notes that come to at least a price, as little over it as can be; none where no notes do. */
function notesFor(problem: MoneyProblem): readonly number[] | undefined {
  const [price] = amountsIn(problem).map((amount) => Number(minorCount(amount)));
  const notes = tillOf(problem).filter((piece) => currencyOf(problem.currency).notes.includes(piece));
  const smallest = notes.at(-1);
  if (price === undefined || smallest === undefined || price > MOST_HANDED * 100) return undefined;
  const largest = notes[0] ?? smallest;
  for (let total = Math.max(100, Math.ceil(price / 100) * 100); total <= price + largest; total += 100) {
    const pieces = fewestPieces(total, notes);
    if (pieces !== undefined) return pieces;
  }
  return undefined;
}

function workHanding(problem: MoneyProblem, house: HouseRules): Worked<MoneyWhy> {
  const pad = startMoney<never>(problem, house);
  const { currency } = problem;
  const [price] = amountsIn(problem);
  const pieces = notesFor(problem);
  if (price === undefined || pieces === undefined) throw new Error("workHanding: no notes make it");
  const total = BigInt(pieces.reduce((sum, piece) => sum + piece, 0));
  const handed = fromMinor(total, currency);
  const full = fromMinor(minorCount(price), currency);
  const back = fromMinor(total - minorCount(price), currency);
  const exact = isZero(back.numeral);
  pad.line("work", { kind: "handNotes", price: full, pieces, total: handed, exact }, () => [
    text(
      pieces.length > 1
        ? `${writePieces(pieces, currency)} = ${amountText(handed, house)}`
        : amountText(handed, house),
    ),
  ]);
  if (!exact) {
    pad.line("work", { kind: "backFromNotes", price: full, total: handed, back }, () => [
      text(`${amountText(handed, house)} − ${amountText(full, house)} = ${amountText(back, house)}`),
    ]);
  }
  return ended(house, pad, { kind: "handed", pieces, currency, back });
}

function workSharing<Inner>(
  problem: MoneyProblem,
  house: HouseRules,
  _: NoDecisions,
  solve: Solve<Inner>,
): Worked<MoneyWhy | Inner> {
  const pad = startMoney<Inner>(problem, house);
  const { currency } = problem;
  const { minorSign } = currencyOf(currency);
  const shares = problem.operands[1]?.kind === "decimal";
  const operands = problem.operands.map((operand) => {
    if (operand.kind === "decimal") return operand;
    const count = minorCount(operand);
    pad.line("setOut", { kind: "intoMinor", amount: operand, count }, () => [
      text(`${amountText(operand, house)} = ${count}${minorSign}`),
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
  const [quotient, left] =
    answer.kind === "remainder"
      ? [BigInt(answer.quotient.whole), BigInt(answer.remainder.whole)]
      : answer.kind === "decimal"
        ? [BigInt(answer.whole), 0n]
        : [0n, 0n];
  const rest = fromMinor(left, currency);
  if (!shares) {
    const times = wholeNumeral(quotient);
    return ended(house, pad, left === 0n ? times : { kind: "timesLeft", times, left: rest });
  }
  const each = fromMinor(quotient, currency);
  pad.line("answer", { kind: "backToMajor", count: quotient, amount: each }, () => [
    text(`${quotient}${minorSign} = ${amountText(each, house)}`),
  ]);
  return ended(house, pad, left === 0n ? each : { kind: "share", each, left: rest });
}
