import type { HouseRules } from "../../house";
import { asFraction, type Decimal, fromCount } from "../../number";
import { type Answer, type MoneyProblem, writeAnswer, writeUnformed } from "../../problem";
import { type Amount, amountOf, type CurrencyId, inMajor, MINOR_PLACES, writeAmount } from "../../quantity";
import type { InHouse, OnPad, WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import type { AnswerReason } from "../squares/answer";
import { newPad, type Pad, padText } from "../squares/pad";
import type { MoneyReason } from "./moneyReason";

export type MoneyWhy = MoneyReason | AnswerReason;
export type MoneyPad<Inner> = Pad<MoneyWhy | Inner>;

/** The decision about hidden places: what an amount of the minor unit is in the major one. */
export interface MoneyDecisions {
  places(amount: Amount): Decimal;
}

export const SOUND_MONEY: MoneyDecisions = { places: inMajor };

/** An amount as a count of its minor unit. */
export const minorCount = (amount: Amount): bigint => {
  const { numerator } = asFraction(inMajor(amount));
  return numerator;
};

/** A count of the minor unit as an amount of the major one. */
export const fromMinor = (count: bigint, currency: CurrencyId): Amount =>
  amountOf(currency, fromCount(count, MINOR_PLACES));

/** An amount as it stands in a line, without marks between its thousands. */
export const amountText = (amount: Amount, house: HouseRules): string =>
  writeAmount(amount, { ...house, grouping: "none" });

/** A pad with the problem on its first line. */
export function startMoney<Inner>(problem: MoneyProblem, house: HouseRules): MoneyPad<Inner> {
  const pad = newPad<MoneyWhy | Inner>();
  pad.line("setOut", { kind: "writeAmounts", problem }, () => [
    padText(writeUnformed(problem, { ...house, grouping: "none" })),
  ]);
  return pad;
}

/** An amount with both places of its minor unit: 7p is £0.07, £3 is £3.00. A step of its own where places were hidden. */
export function withPlaces<Inner>(
  amount: Amount,
  { house, decisions, pad }: WorkRules<MoneyDecisions> & OnPad<MoneyPad<Inner>>,
): Decimal {
  const numeral = decisions.places(amount);
  const { numeral: typed, of } = amount;
  if (of === "major" && typed.fraction.length === MINOR_PLACES && typed.whole !== "") return numeral;
  pad.line("setOut", { kind: "hiddenPlaces", amount, numeral }, () => [
    padText(`${amountText(amount, house)} = ${amountText(amountOf(amount.currency, numeral), house)}`),
  ]);
  return numeral;
}

export function finishMoney<Inner>(
  answer: Answer,
  { house, pad }: InHouse & OnPad<MoneyPad<Inner>>,
): MethodResult<MoneyWhy | Inner> {
  pad.line("answer", { kind: "nameAnswer", answer }, () => [
    padText(`= ${writeAnswer(answer, { ...house, grouping: "none" })}`),
  ]);
  return { answer, onPaper: pad.onPaper };
}
