import type { QuantityReason, quantityMethods, ReasonIn } from "../../methods";
import { writeProblem } from "../../problem";
import { currencyOf, writeQuantity } from "../../quantity";
import type { WordsOf } from "../contract/methodWords";
import type { StepsOf, Wordbook } from "../contract/wordbook";
import { listed } from "../numbers/line";
import { numbersListed, quantityInWords, unitName } from "../numbers/quantityWords";
import { COMPARING_ALIKE_WORDS } from "./comparingAlikeWords";

const COMPARED_WHY = {
  sizes: "The size is how far a number lies from zero, without its sign.",
  notBelow: "None of these lies below zero: they are compared as they stand.",
  alike: "All count the same thing now.",
} as const;

const QUANTITY_STEPS: StepsOf<QuantityReason> = {
  writeQuantities: ({ problem }, house) => ({
    say: `Write *${listed(problem.operands.map((one) => writeQuantity(one, house)))}*.`,
    why: `${problem.operands.length === 2 ? "They are to be compared" : "They are to be put in order, the smallest first"}: what each is worth counts, not how it looks.`,
    ask: "Can they be compared as they stand?",
  }),
  asNumber: ({ quantity, alike, names }, house) => {
    const called =
      names.kind === "money" ? currencyOf(names.currency).names : unitName(names.unit, false, house);
    const written = writeQuantity(quantity, house);
    return {
      say: `In ${called} *${written}* is *${writeQuantity(alike, house)}*.`,
      why: `Numbers of the same thing can be compared: ${quantityInWords(quantity, house)} counted in ${called}.`,
      ask: `How much is ${written} in ${called}?`,
    };
  },
  compareNumbers: ({ problem, of }, house) => ({
    say: `Now ${of === "sizes" ? "by their sizes" : "the numbers"}: *${writeProblem(problem, house)}*.`,
    why: COMPARED_WHY[of],
    ask: of === "sizes" ? "Which lies further from zero?" : "Which number is the smallest?",
  }),
  signsFirst: ({ below, others }, house) => ({
    say: `Below zero: *${numbersListed(below, house)}*. Not below: *${numbersListed(others, house)}*.`,
    why: "Every number below zero is smaller than zero and than every number above it.",
    ask: "On which side of zero is each of them?",
  }),
  sizesTurned: ({ ordered }, house) => ({
    say: `Below zero the further one is the smaller: *${numbersListed(ordered, house)}*, the smallest first.`,
    why: "On the number line smaller means further left, and below zero that is further from zero.",
    ask: "Which of them lies furthest to the left?",
  }),
};

/** All that is said of these methods and their steps. */
export const QUANTITY_BOOK = {
  methods: { "comparing-alike": COMPARING_ALIKE_WORDS } satisfies WordsOf<typeof quantityMethods>,
  steps: QUANTITY_STEPS satisfies StepsOf<ReasonIn<typeof quantityMethods>>,
} satisfies Wordbook;
