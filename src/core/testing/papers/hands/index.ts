import { type Dice, diceFrom, type WrittenPaper } from "../sheet";
import { latticeHand, shortDivisionHand, unitHand } from "./cellHands";
import { additionHand, moneyHand, subtractionHand } from "./columnHands";
import { chunksHand, longDivisionHand } from "./divisionHands";
import { chainHand, fractionHand, signedHand } from "./lineHands";
import { areaHand, factorsHand, multiplicationHand } from "./productHands";

/** Hands that go over the paper in the orders in which people write, and not as the board's own hand goes: every state of a right paper can still become right. */
const HANDS: readonly ((dice: Dice, wrong: boolean) => WrittenPaper)[] = [
  additionHand,
  subtractionHand,
  moneyHand,
  multiplicationHand,
  areaHand,
  latticeHand,
  longDivisionHand,
  chunksHand,
  factorsHand,
  shortDivisionHand,
  fractionHand,
  signedHand,
  chainHand,
  unitHand,
];

/** So many papers of every hand, half of them with one error; each with its marks in the order in which they were written. */
export function handPapers(each: number, seed: number): readonly WrittenPaper[] {
  return HANDS.flatMap((hand, kind) =>
    Array.from({ length: each }, (_, nth) =>
      hand(diceFrom(seed + kind * 7919 + nth * 104729), nth % 2 === 1),
    ),
  );
}
