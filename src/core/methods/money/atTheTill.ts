import type { HouseRules } from "../../house";
import { isWhole, isZero, wholeNumeral } from "../../number";
import { type DecimalProblem, MOST_HANDED, type MoneyProblem } from "../../problem";
import { type Amount, currencyOf, writePieces } from "../../quantity";
import type { Method, Solve, WorkingBy } from "../contract/method";
import { text } from "../squares/pad";
import { tillOf } from "./changeByCountingUp";
import { fewestPieces } from "./fewestPieces";
import { columns } from "./moneyColumns";
import {
  amountText,
  ended,
  fromMinor,
  type MoneyWhy,
  minorCount,
  SOUND_MONEY,
  startMoney,
  withPlaces,
} from "./moneySteps";

/** Whether what one has is enough: the prices added, and compared with it. */
export const enoughByAdding: Method<MoneyWhy, MoneyProblem> = {
  id: "enough-by-adding",
  refuses: ({ op }) => (op === "enough" ? undefined : { kind: "otherOperation", worksOn: ["enough"] }),
  work: workEnough,
};

/** Which notes to hand over for a price: as little over it as notes can make, in as few as can be. */
export const handingOver: Method<MoneyWhy, MoneyProblem> = {
  id: "handing-over",
  refuses: (problem) => {
    if (problem.op !== "pay") return { kind: "otherOperation", worksOn: ["pay"] };
    return notesFor(problem) === undefined ? { kind: "shortTill" } : undefined;
  },
  work: (problem, house) => workHanding(problem, house),
};

/** A bill in its minor unit shared out whole, and what is left over said. */
export const sharingABill: Method<MoneyWhy, MoneyProblem> = {
  id: "sharing-a-bill",
  refuses: ({ op, operands }) => {
    if (op !== "divide") return { kind: "otherOperation", worksOn: ["divide"] };
    const [, by] = operands;
    return by?.kind === "decimal" && !isWhole(by) ? { kind: "wholeMultiplier" } : undefined;
  },
  work: workSharing,
};

const amountsIn = ({ operands }: MoneyProblem): readonly Amount[] =>
  operands.filter((operand): operand is Amount => operand.kind === "amount");

function workEnough<Inner>(
  problem: MoneyProblem,
  house: HouseRules,
  solve: Solve<Inner>,
): WorkingBy<MoneyWhy | Inner> {
  const pad = startMoney<Inner>(problem, house);
  const [have, ...costs] = amountsIn(problem);
  const [only] = costs;
  if (have === undefined || only === undefined) throw new Error("workEnough: prices are needed");
  const { currency } = problem;
  const prices = costs.map((cost) => withPlaces(pad, cost, house, SOUND_MONEY));
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
  pad.line("work", { kind: "compareCost", have, cost: total, enough, problem: rest }, [
    text(
      `${amountText(fromMinor(minorCount(have), currency), house)} ${difference === 0n ? "=" : enough ? ">" : "<"} ${amountText(total, house)}`,
    ),
  ]);
  return ended(problem, "enough-by-adding", house, pad, { kind: "sufficiency", enough, difference: size });
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

function workHanding(problem: MoneyProblem, house: HouseRules): WorkingBy<MoneyWhy> {
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
  pad.line("work", { kind: "handNotes", price: full, pieces, total: handed, exact }, [
    text(
      pieces.length > 1
        ? `${writePieces(pieces, currency)} = ${amountText(handed, house)}`
        : amountText(handed, house),
    ),
  ]);
  if (!exact) {
    pad.line("work", { kind: "backFromNotes", price: full, total: handed, back }, [
      text(`${amountText(handed, house)} − ${amountText(full, house)} = ${amountText(back, house)}`),
    ]);
  }
  return ended(problem, "handing-over", house, pad, { kind: "handed", pieces, currency, back });
}

function workSharing<Inner>(
  problem: MoneyProblem,
  house: HouseRules,
  solve: Solve<Inner>,
): WorkingBy<MoneyWhy | Inner> {
  const pad = startMoney<Inner>(problem, house);
  const { currency } = problem;
  const { minorSign } = currencyOf(currency);
  const shares = problem.operands[1]?.kind === "decimal";
  const operands = problem.operands.map((operand) => {
    if (operand.kind === "decimal") return operand;
    const count = minorCount(operand);
    pad.line("setOut", { kind: "intoMinor", amount: operand, count }, [
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
  pad.mark("work", { kind: "minorProblem", problem: asked, currency, shares }, []);
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
    return ended(
      problem,
      "sharing-a-bill",
      house,
      pad,
      left === 0n ? times : { kind: "timesLeft", times, left: rest },
    );
  }
  const each = fromMinor(quotient, currency);
  pad.line("answer", { kind: "backToMajor", count: quotient, amount: each }, [
    text(`${quotient}${minorSign} = ${amountText(each, house)}`),
  ]);
  return ended(
    problem,
    "sharing-a-bill",
    house,
    pad,
    left === 0n ? each : { kind: "share", each, left: rest },
  );
}
