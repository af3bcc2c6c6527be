import type { PatternWords } from "./patternWords";

export const SLIP_WORDS = {
  "slip-fact-off-by-one": {
    name: "A basic fact missed by one",
    does: "One column or fact is one too large or too small; everything else, including knock-on carries, is right: the answer, or one number in it, is off by 1 in some place.",
    shows: "any problem",
    apart:
      "does not recur in the same place on a parallel problem; beware sub-all-nines, add-carry-only-one, which look the same once",
    remedy: "repeat a parallel item; fact practice only if it recurs",
    knownFrom: "Siegler & Shrager (1984) for counting errors near the sum",
  },
  "slip-digits-swapped": {
    name: "Two neighbouring digits written in the wrong order",
    does: "The right answer with two adjacent digits exchanged, the point unmoved.",
    shows: "answers with two different neighbouring digits",
    apart: "working on paper is right, final line is not",
    remedy: "read the answer back aloud",
    knownFrom: "classroom lore",
  },
  "slip-digit-miscopied": {
    name: "A digit of the problem copied wrongly",
    does: "One digit of the problem is replaced by another, then all is done right.",
    shows: "any problem",
    apart: "recompute with the learner's written numbers: consistent",
    remedy: "check the copied line before starting",
    knownFrom: "classroom lore (copying errors noted by Buswell & John 1926)",
  },
  "slip-wrong-operation": {
    name: "A different operation carried out",
    does: "Another of the four operations is done correctly.",
    shows: "any problem",
    apart: "exactly the result of another operation",
    remedy: "circle the sign first",
    knownFrom: "Roberts (1968); Engelhardt (1977)",
  },
  "slip-sign-dropped": {
    name: "The sign of the answer forgotten",
    does: "The right size with the wrong sign, on an isolated item.",
    shows: "signed answers",
    apart: "from int-two-minuses-make-plus: does it happen again on a parallel item?",
    remedy: "say the direction before the size",
    knownFrom: "classroom lore",
  },
} satisfies Readonly<Record<string, PatternWords>>;
