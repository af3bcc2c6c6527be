import type { KindWords } from "./kindWords";

/** How stories are told that do not say a number their question needs. */
export const MISSING_STORY_WORDS = {
  "box-that-was-not-weighed": {
    why: "The contents weigh what is left without the box, and nobody says what the empty box weighs.",
    steps: [
      "The whole and one part are wanted, and the part is not told: what the empty box weighs.",
      "Then what is in the box would be shared among equal things: divide.",
    ],
    tells: ["A box with {n} {x.many} weighs {t}.", "{who} weighs a box with {n} {x.many}: {t}."],
    asks: ["What does one {x.one} weigh without the box?"],
    missing: "what the empty box weighs",
    told: ["how many {x.many} there are", "what the full box weighs"],
    answers: [],
  },
  "change-from-a-note-that-is-not-named": {
    why: "What was spent can be worked; it can’t be taken from a note that nobody names.",
    steps: [
      "Equal prices are known, and all of them together are wanted: multiply.",
      "What was spent would be taken from what was handed over, and that is not told.",
    ],
    tells: [
      "{who} buys {n} {x.many} at {a} each and pays with a note.",
      "{x.a} costs {a}. {who} takes {n} of them and hands over a note.",
    ],
    asks: ["How much change is there?", "What does {who} get back?"],
    missing: "which note was handed over",
    told: ["how many {x.many} were bought", "what one {x.one} costs"],
    answers: [],
  },
  "total-with-a-price-missing": {
    why: "Both prices make the whole, and only one of them is told. What a thing weighs is no price.",
    tells: [
      "{x.a} costs {a}. {y.a} weighs {w}.",
      "On the counter lie {x.a} for {a} and {y.a} of {w}. {who} takes both.",
    ],
    asks: ["What do they cost together?"],
    missing: "what {y.the} costs",
    told: ["what {y.the} weighs", "what {x.the} costs"],
    answers: [],
  },
} as const satisfies Readonly<Record<string, KindWords>>;
