import type { MethodWords } from "../contract/methodWords";

/** The words for the method itself. */
export const NUMBER_LINE_WORDS: MethodWords<"number-line"> = {
  name: "Number line",
  about: "Jumps along a line, right for more and left for less; the landing is the answer.",
  preferredBy:
    "The first way in most schools, since it shows where zero is and which way each sign leads. For whole numbers from −20 to 20.",
  refusals: {
    otherForm: "ends at a whole number, which needs no other form",
    wholeJumps: "jumps by whole numbers, as often as a small whole number says",
    withinReach: (most) => `takes jumps that stay between −${most} and ${most}`,
  },
};
