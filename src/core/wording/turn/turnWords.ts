import type { HouseRules } from "../../house";
import type { Place } from "../../number";
import type { JumpMarks } from "../../paper";
import { placesName } from "../numbers/numberWords";

/** The words for what is found on a learner's paper. */

/** A number that stands out of line: `The 6 of 4.6 stands under the hundredths.` */
export const misplacedWords = (digit: string, numeral: string, standsAt: Place, house: HouseRules): string =>
  `The ${digit} of ${numeral} stands under the ${placesName(standsAt, house)}.`;

/** A number that stands out of line where its place can't be named. */
export const outOfLineWords = (digits: string): string =>
  `The digits ${digits} do not stand under their places.`;

/** The first wrong mark, by the place it stands in where that has a name. */
export const wrongMarkWords = (written: string, place: Place | undefined, house: HouseRules): string =>
  place === undefined
    ? `Look again where ${written} is written.`
    : `Look again at the ${placesName(place, house)}: ${written} is written there.`;

/** Where the hand is on the paper, and what stands there, for those who can't see it. */
export const squareWords = (col: number, row: number, there: string): string =>
  `Square ${col + 1} across, ${row + 1} down: ${there === "" ? "empty" : there}.`;

/** The smallest hint: where to look. */
export const whereWords = (stage: string, place: Place | undefined, house: HouseRules): string =>
  place === undefined
    ? `Look at what comes next: ${stage.toLowerCase()}.`
    : `Look at the ${placesName(place, house)}.`;

/** The largest hint: the next mark. */
export const nextMarkWords = (text: string): string => `Write ${text} here.`;

export const soFarWords = (agree: number, missing: boolean): string =>
  agree === 0
    ? "Set the numbers out first: choose a square and write."
    : missing
      ? "All is well so far."
      : "All is well. Write the answer beside, and you are done.";

const NTH = ["first", "second", "third", "fourth", "fifth", "sixth"] as const;

/** A jump on a number line that differs from what it should be. */
export function jumpWords({ nth, wrong }: JumpMarks): string {
  const which = `The ${NTH[nth - 1] ?? `${nth}th`} jump`;
  switch (wrong) {
    case "direction":
      return `${which} goes the other way.`;
    case "length":
      return `${which} is not as long as it should be beside the first one.`;
    case "tooMany":
      return `${which} is one too many.`;
  }
}

/** Carries that the house wants to see. */
export const carriesWords = (missing: number): string =>
  missing === 1 ? "One carry is still to be written." : `${missing} carries are still to be written.`;

/** What follows from a first error: the rest is right, given that. */
export const FOLLOWS_ON = "The rest follows from it, and is right given that.";
