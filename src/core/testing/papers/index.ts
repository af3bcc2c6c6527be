import { additionPaper, moneyPaper } from "./columnPens";
import { longDivisionPaper, shortDivisionPaper } from "./divisionPens";
import { fractionPaper, unitPaper } from "./linePens";
import { areaPaper, latticePaper, multiplicationPaper } from "./productPens";
import { type Dice, diceFrom, type WrittenPaper } from "./sheet";
import { chainPaper, signedPaper } from "./signedPens";
import { subtractionPaper } from "./subtractionPens";

export type { WrittenPaper } from "./sheet";

/** The ways of writing of each kind of work: papers that never saw how the product itself writes. */
const PENS: readonly ((dice: Dice, wrong: boolean) => WrittenPaper)[] = [
  additionPaper,
  subtractionPaper,
  multiplicationPaper,
  latticePaper,
  areaPaper,
  longDivisionPaper,
  shortDivisionPaper,
  fractionPaper,
  signedPaper,
  moneyPaper,
  unitPaper,
  chainPaper,
];

/** So many papers of every kind, half of them with one error in them. */
export function writtenPapers(each: number, seed: number): readonly WrittenPaper[] {
  return PENS.flatMap((pen, kind) =>
    Array.from({ length: each }, (_, nth) => pen(diceFrom(seed + kind * 7919 + nth * 104729), nth % 2 === 1)),
  );
}
