import type { ChainReason } from "../../methods";
import { writeExpression, writeProblem, writeUnformed } from "../../problem";
import { writeQuantity } from "../../quantity";
import type { StepsOf } from "../contract/wordbook";

/** The words for the order of several operations. */
export const CHAIN_STEPS: StepsOf<ChainReason> = {
  writeChain: (reason, house) => ({
    say: `Write it down: *${writeProblem(reason.problem, house)}*. It takes several steps.`,
    why: "Brackets come first, then times and divided by, then plus and minus; what ranks the same goes from the left.",
    ask: "Which operation comes first?",
  }),
  nextInChain: (reason, house) => ({
    say:
      reason.known === undefined
        ? `${FIRST[reason.because]}: *${writeProblem(reason.problem, house)}*, on a page of its own.`
        : `${FIRST[reason.because]}: ${writeUnformed(reason.problem, house)} = *${writeQuantity(reason.known, house)}*.`,
    why: BECAUSE[reason.because],
    ask: "Which operation is next, and why?",
  }),
  takeParts: ({ problem, amount, taken, of, first, rest }, house) => ({
    say: `${writeProblem(problem, house)} is ${partsTaken(taken, of, first, writeQuantity(amount, house))}: *${writeExpression(rest.expression, house)}*.`,
    why:
      first === "share"
        ? "The bottom of a fraction says into how many equal parts something is shared, its top how many of them are taken."
        : "Taken first and shared after, it comes to the same, and nothing is left over on the way.",
    ask: "Into how many equal parts is it shared, and how many of them are taken?",
  }),
  putBack: (reason, house) => ({
    say: `Put *${writeQuantity(reason.result, house)}* back in its place: ${writeExpression(reason.rest.expression, house)}.`,
    why: "All the rest is written again just as it was.",
    ask: "What is left to do?",
  }),
};

/** What is done with an amount to take a fraction of it. */
function partsTaken(taken: bigint, of: bigint, first: "share" | "times", amount: string): string {
  if (of === 1n) return `${taken} times ${amount}`;
  const part = `one of the ${of} equal parts of`;
  if (taken === 1n) return `${part} ${amount}`;
  return first === "share" ? `${taken} times ${part} ${amount}` : `${part} ${taken} times ${amount}`;
}

const FIRST = {
  brackets: "First what is in brackets",
  timesFirst: "Times and divided by come before plus and minus",
  leftFirst: "From the left",
  last: "Last",
} as const;

const BECAUSE = {
  brackets: "Brackets say: this belongs together, and is worked before anything else touches it.",
  timesFirst: "A product or a quotient is one number; only then can it be added or taken away.",
  leftFirst: "Operations of the same rank are done as they are read.",
  last: "Nothing else is left to do.",
} as const;
