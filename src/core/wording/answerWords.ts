import type { HouseRules } from "../house";
import type { Reason } from "../methods";
import { writeDecimal } from "../number";
import type { StepWords } from "./line";
import { numeralWords } from "./numberWords";

type AnswerReason = Extract<Reason, { kind: "dropZeros" | "signBelowZero" | "nameAnswer" }>;

/** The words for giving the answer its form and its name. */
export function answerWords(reason: AnswerReason, house: HouseRules): StepWords {
  switch (reason.kind) {
    case "dropZeros": {
      const after = writeDecimal(reason.after, house);
      const several = reason.zeros > 1;
      return {
        say: `The ${several ? "zeros" : "zero"} at the end may go: *${after}*.`,
        why: `After the last decimal that counts, a zero says only that there are none of that place: ${writeDecimal(reason.before, house)} and ${after} are worth the same.`,
        ask: "Which zeros can go without changing what the number is worth?",
      };
    }
    case "signBelowZero":
      return {
        say: `More was taken away than there was: the answer is *${writeDecimal(reason.answer, house)}*.`,
        why: "The difference says how far the answer lies below zero; the minus says on which side.",
        ask: "On which side of zero does the answer lie?",
      };
    case "nameAnswer":
      return {
        say: `The answer is *${writeDecimal(reason.answer, house)}*: ${numeralWords(reason.answer, house)}.`,
        why:
          reason.answer.fraction === ""
            ? "Saying the whole number aloud shows that each digit stands where it should."
            : "The last decimal gives the decimals their name. Saying it shows that each digit stands where it should.",
        ask: "How do you read the answer aloud?",
      };
  }
}
