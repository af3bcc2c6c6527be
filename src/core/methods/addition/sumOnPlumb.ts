import type { Mark } from "../../board";
import {
  type Decimal,
  digitAt,
  fromCount,
  highestPlace,
  lowestPlace,
  ONES,
  placesFrom,
  withoutLeadingZeros,
} from "../../number";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import { type AdditionDecisions, addInColumns, type ColumnSum } from "../procedures/columnSums";
import { digitCol } from "../squares/writtenNumber";
import { type ColumnAdditionReason, columnSumStep } from "./columnSum";

/** Numbers that stand under one another already, their points on one grid line, and are to be added. */
export interface Pile {
  readonly numerals: readonly Decimal[];
  readonly line: number;
  /** The row above the first of them, free for carries, and the row whose top carries the rule. */
  readonly aboveRow: number;
  readonly ruleRow: number;
}

/** A pile added up: the columns' steps, the sum, and its row. */
export interface PileSum {
  steps(): readonly StepToDraw<ColumnAdditionReason>[];
  readonly full: Decimal;
  readonly row: number;
  readonly rule: (row: number, strokes: 1 | 2) => Mark;
}

/** Adds a pile column by column, carries where the house writes them. */
export function addPile(pile: Pile, { house, decisions }: WorkRules<AdditionDecisions>): PileSum {
  const { numerals, line } = pile;
  const lowest = Math.min(ONES, ...numerals.map(lowestPlace));
  const places = placesFrom(lowest, Math.max(ONES, ...numerals.map(highestPlace)));
  const rows = numerals.map((numeral) => places.map((place) => digitAt(numeral, place)));
  const sums = addInColumns(rows, places.length, () => 10, decisions);
  const row = pile.ruleRow + (house.carryPlace === "below" ? 1 : 0);
  const digits = [...sums]
    .reverse()
    .map(({ written }) => written)
    .join("");
  const exact = fromCount(BigInt(digits), -lowest);
  const full = { ...exact, whole: withoutLeadingZeros(exact.whole) };
  const columnStep = (sum: ColumnSum): StepToDraw<ColumnAdditionReason> => {
    const place = lowest + sum.column;
    const col = digitCol(line, place);
    const blank = place >= full.whole.length;
    const carry = { col: col - 1, above: pile.aboveRow, rule: pile.ruleRow };
    return columnSumStep(sum, { place, col, row, carry }, blank, house);
  };
  const from = digitCol(line, Math.max(lowest + sums.length - 1, ONES)) - 1;
  return {
    steps: () => sums.map(columnStep),
    full,
    row,
    rule: (at, strokes) => ({ kind: "rule", row: at, from, to: line - lowest, strokes }),
  };
}
