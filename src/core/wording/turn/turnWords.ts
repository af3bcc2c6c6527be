import type { HouseRules } from "../../house";
import type { StepStage } from "../../methods";
import type { Place } from "../../number";
import type { Fault, FaultKind, JumpFault, Standing } from "../../paper";
import { placesName } from "../numbers/numberWords";

/** The words for what is found on a learner's paper. */

/** What is said of a wrong mark, and what is asked, so that the learner finds what it is. */
const FAULTS: Readonly<
  Record<FaultKind, { readonly says: (written: string) => string; readonly asks: string }>
> = {
  digit: {
    says: (written) => `Look again where ${written} is written.`,
    asks: "Work this one out once more.",
  },
  point: { says: () => "Look again at the point.", asks: "Where do the ones end?" },
  unequal: {
    says: (written) => `Look again where ${written} is written.`,
    asks: "Are both sides of the equals sign worth the same?",
  },
  copied: {
    says: (written) => `${written} is not a number of the problem.`,
    asks: "How is it written there?",
  },
  operation: {
    says: (written) => `Look again at this ${written}.`,
    asks: "Which sign stands there in the problem, and what is worked first?",
  },
  misplaced: {
    says: (written) => `${written} does not stand under its places.`,
    asks: "Which digit counts the ones?",
  },
  shifted: {
    says: (written) => `The row ${written} does not stand in its places.`,
    asks: "Which place does its last digit count?",
  },
  order: {
    says: (written) => `${written} stands on top.`,
    asks: "Which of the two numbers is the larger one?",
  },
  tooSmall: {
    says: (written) => `Look again where ${written} is written.`,
    asks: "Does it go once more?",
  },
  tooLarge: {
    says: (written) => `Look again where ${written} is written.`,
    asks: "Is that more than there is?",
  },
  gap: {
    says: (written) =>
      written === ""
        ? "A place of the quotient is empty."
        : `Look again before the ${written} of the quotient.`,
    asks: "What is written where it does not go?",
  },
  sign: {
    says: (written) => `Look again at the sign of ${written}.`,
    asks: "On which side of zero does it lie?",
  },
  jump: { says: () => "Look again at this jump.", asks: "Where does it begin, and how far does it go?" },
  exchange: {
    says: (written) => `Look again at the small ${written}.`,
    asks: "How many are left there, once one was given away?",
  },
  picture: {
    says: () => "Look again at this picture.",
    asks: "Into how many parts is it cut, and how many of them are shaded?",
  },
  pairs: {
    says: () => "Look again at what is struck.",
    asks: "What may be taken away together?",
  },
  count: {
    says: () => "Look again at how many lie here.",
    asks: "How many of each kind does the problem ask for?",
  },
};

/** A wrong mark, by the place it stands in where that has a name: `Look again at the tenths: 6 is written there.` */
export function faultWords({ kind, written, place, jump }: Fault, house: HouseRules): string {
  if (jump !== undefined) return jumpWords(jump);
  if (place !== undefined && written !== "" && (kind === "digit" || kind === "exchange"))
    return `Look again at the ${placesName(place, house)}: ${written} is written there.`;
  if (place !== undefined && kind === "misplaced")
    return `The ${written.at(-1) ?? ""} of ${written} stands under the ${placesName(place, house)}.`;
  return FAULTS[kind].says(written);
}

const NTH = ["first", "second", "third", "fourth", "fifth", "sixth"] as const;

/** A jump on a number line that differs from what it should be. */
function jumpWords({ nth, wrong }: JumpFault): string {
  const which = `The ${NTH[nth - 1] ?? `${nth}th`} jump`;
  switch (wrong) {
    case "direction":
      return `${which} goes the other way.`;
    case "length":
      return `${which} does not end where it should.`;
    case "tooMany":
      return `${which} is one too many.`;
    case "start":
      return `${which} does not begin where it should.`;
    case "apart":
      return `${which} does not begin where the one before ends.`;
  }
}

/** What to ask about a wrong mark. */
export const faultAsk = ({ kind }: Fault): string => FAULTS[kind].asks;

/** Where the hand is on the paper, and what stands there, for those who can't see it; in the margin it is counted from the paper. */
export const squareWords = (col: number, row: number, there: string): string =>
  `${col < 0 ? `In the margin, square ${-col} from the paper` : `Square ${col + 1} across`}, ${row + 1} down: ${there === "" ? "empty" : there}.`;

/** The smallest hint: where to look. */
export const whereWords = (
  stage: StepStage | undefined,
  place: Place | undefined,
  house: HouseRules,
): string => (place === undefined ? WHERE[stage ?? "work"] : `Look at the ${placesName(place, house)}.`);

const WHERE: Readonly<Record<StepStage, string>> = {
  setOut: "Look at the problem: how is it written down here?",
  estimate: "Look at the problem: about how much will it be?",
  work: "Look at what you have so far: what is to be worked out next?",
  point: "Look at the point: where do the ones end?",
  answer: "Look at the question: what does it ask for?",
  check: "Look at your answer: how can you make sure of it?",
};

/** The largest hint: the next mark; it is drawn where it belongs, if that is known. */
export const nextMarkWords = (text: string, drawn: boolean): string =>
  drawn ? `Write ${text} where it is drawn.` : `The next thing to write is ${text}.`;

/** A hint where the work goes another way than any that is known here. */
export const OWN_WAY = "Your way is sound so far. Go on as you began: what is the next small step?";

/** How the work stands where nothing is wrong: begun, all looked at, or done. */
export function soFarWords({
  state,
  unread: [unread],
  inForm,
}: {
  readonly state: "blank" | "begun" | "answered";
  readonly unread: readonly { readonly col: number; readonly row: number }[];
  readonly inForm: boolean;
}): string {
  if (state === "answered" && !inForm)
    return "The value is right. Can it be written more simply, or as it is asked?";
  const where =
    unread === undefined
      ? ""
      : ` What stands in square ${unread.col + 1} across, ${unread.row + 1} down could not be made out.`;
  switch (state) {
    case "blank":
      return "Set the numbers out first: choose a square and write.";
    case "begun":
      return unread === undefined ? "All is well so far." : `What is finished is right so far.${where}`;
    case "answered":
      return unread === undefined ? "All is well: that answers it. Hand it in." : `That answers it.${where}`;
  }
}

/** A wrong mark in something that belongs to nothing else on the paper. */
export const asideWords = (written: string): string =>
  `In your notes, look again where ${written} is written.`;

const STANDINGS: Readonly<Record<Standing, string>> = {
  right: "This is right.",
  wrong: "Look again here.",
  followsOn: "This follows from what was wrong before, and is right given that.",
  unfinished: "This is not finished.",
  unread: "This could not be made out.",
  aside: "This belongs to nothing else, and is not right as it stands.",
};

/** How a part of a marked paper stands. */
export const standingWords = (standing: Standing): string => STANDINGS[standing];

/** Carries that the house wants to see. */
export const carriesWords = (missing: number): string =>
  missing === 1 ? "One carry is still to be written." : `${missing} carries are still to be written.`;

/** What follows from a first error: the rest is right, given that. */
export const FOLLOWS_ON = "The rest follows from it, and is right given that.";
