import { fromCount } from "../../number";
import type { Asks, MoneyProblem } from "../../problem";
import { type Amount, piecesOfCurrency, writePieces } from "../../quantity";
import { mapTwo } from "../../tuples";
import { type Method, otherOperation, refused, taken } from "../contract/method";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { padText } from "../squares/pad";
import { fewestPieces } from "./fewestPieces";
import { amountText, finishMoney, fromMinor, type MoneyWhy, minorCount, startMoney } from "./moneySteps";

/** The most that is counted up to, in the minor unit. */
const MOST = 1_000_000n;

/** The decision in giving change: which pieces make it. */
export interface ChangeDecisions {
  pieces(change: number, till: readonly number[]): readonly number[] | undefined;
}

export const SOUND_CHANGE: ChangeDecisions = { pieces: fewestPieces };

/** From the price up to what was paid, with the coins and notes that make each hop laid down on the way. */
export const changeByCountingUp: Method<
  "change-by-counting-up",
  MoneyWhy,
  MoneyProblem,
  ChangeDecisions,
  "fromLarger" | "shortTill"
> = {
  id: "change-by-counting-up",
  sample: "$10 − $6.35",
  bench: { small: "$1 - $0.<10-98>", usual: "$20 - $<0-19>.<10-98>", largest: "$10000 - $<0-9999>.<10-98>" },
  sound: SOUND_CHANGE,
  takes: (problem) => {
    if (problem.op !== "subtract") return otherOperation("subtract");
    const [paid, price] = mapTwo(problem.operands, minorCount);
    if (paid <= price || paid > MOST) return refused("fromLarger");
    return fewestPieces(Number(paid - price), tillOf(problem)) === undefined
      ? refused("shortTill")
      : taken(problem, workChange);
  },
};

/** The coins and notes that are in the till. */
export const tillOf = ({ currency, without }: MoneyProblem): readonly number[] =>
  piecesOfCurrency(currency).filter((piece) => !without.includes(piece));

interface Hop {
  readonly from: number;
  readonly to: number;
  readonly pieces: readonly number[];
  readonly reaches: "ten" | "whole" | "paid";
}

/** The pieces laid down from the smallest on, parted where the count reaches a round ten, a whole, or what was paid. */
function hopsBetween(price: number, paid: number, pieces: readonly number[]): readonly Hop[] {
  const hops: Hop[] = [];
  let from = price;
  let here = price;
  let laid: number[] = [];
  for (const piece of [...pieces].sort((a, b) => a - b)) {
    here += piece;
    laid.push(piece);
    const whole = here % 100 === 0 && from % 100 !== 0;
    const ten = here % 10 === 0 && from % 10 !== 0;
    if (!whole && !ten && here !== paid) continue;
    hops.push({ from, to: here, pieces: laid, reaches: here === paid ? "paid" : whole ? "whole" : "ten" });
    from = here;
    laid = [];
  }
  return hops;
}

/** Change with any decision of choosing pieces; only the sound one is sure to give as few as can be. */
function workChange(
  problem: Asks<MoneyProblem, "subtract">,
  { house, decisions }: WorkRules<ChangeDecisions>,
): MethodResult<MoneyWhy> {
  const [paid, price] = mapTwo(problem.operands, (amount) => Number(minorCount(amount)));
  const { currency } = problem;
  const pieces = decisions.pieces(paid - price, tillOf(problem));
  if (pieces === undefined) throw new Error("workChange: the till can't make it");
  const hops = hopsBetween(price, paid, pieces);
  const pad = startMoney<never>(problem, house);
  const show = (count: number): string => amountText(fromMinor(BigInt(count), currency), house);
  pad.line("setOut", { kind: "startChange", price, paid, currency }, () => [padText(show(price))]);
  for (const hop of hops) {
    pad.line("work", { kind: "changeHop", ...hop, currency }, () => [
      padText(`+ ${writePieces(hop.pieces, currency)} = ${show(hop.to)}`),
    ]);
  }
  const total = hops.reduce((sum, { from, to }) => sum + to - from, 0);
  const why: MoneyWhy = {
    kind: "changeTotal",
    hops: hops.map(({ from, to }) => to - from),
    total,
    pieces,
    currency,
  };
  pad.line("answer", why, () => [
    padText(
      hops.length > 1
        ? `${hops.map(({ from, to }) => show(to - from)).join(" + ")} = ${show(total)}`
        : show(total),
    ),
  ]);
  const answer: Amount = { kind: "amount", currency, numeral: fromCount(BigInt(total), 2), of: "major" };
  return finishMoney(answer, { house, pad });
}
