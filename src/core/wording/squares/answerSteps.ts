import type { HouseRules } from "../../house";
import type { AnswerReason } from "../../methods";
import type { Decimal } from "../../number";
import { type Answer, writeAnswer } from "../../problem";
import { type Amount, currencyOf, inMajor } from "../../quantity";
import type { StepsOf } from "../contract/wordbook";
import { listed, type StepWords, sentence } from "../numbers/line";
import { cardinal, inText, numeralWords, placesName } from "../numbers/numberWords";
import { piecesInWords } from "../numbers/piecesWords";
import { quantityInWords } from "../numbers/quantityWords";
import { RELATION_WORDS } from "../numbers/terms";

/** An answer in words, in the style of the house. */
export function answerInWords(answer: Answer, house: HouseRules): string {
  switch (answer.kind) {
    case "decimal":
    case "fraction":
    case "mixed":
    case "amount":
    case "measure":
      return quantityInWords(answer, house);
    case "rounded":
      return `about ${numeralWords(answer.numeral, house)}`;
    case "roundedAmount":
      return `about ${quantityInWords(answer.amount, house)}`;
    case "remainder":
      return `${numeralWords(answer.quotient, house)}, remainder ${numeralWords(answer.remainder, house)}`;
    case "recurring": {
      const digitsOf = (digits: string): string => [...digits].map((digit) => cardinal(digit)).join(" ");
      const before = answer.fixed === "" ? "" : `${digitsOf(answer.fixed)}, then `;
      const sign = answer.negative ? "minus " : "";
      return `${sign}${cardinal(answer.whole)} ${house.decimalMark} ${before}${digitsOf(answer.repetend)} recurring`;
    }
    case "comparison":
      return `${quantityInWords(answer.left, house)} ${RELATION_WORDS[answer.relation]} ${quantityInWords(answer.right, house)}`;
    case "ordered":
      return `from the smallest, ${listed(answer.quantities.map((quantity) => quantityInWords(quantity, house)))}`;
    case "share":
    case "measureLeft":
      return `${quantityInWords(answer.each, house)} each, with ${quantityInWords(answer.left, house)} left over`;
    case "timesLeft":
      return `${numeralWords(answer.times, house)} times, with ${quantityInWords(answer.left, house)} left over`;
    case "sufficiency":
      return answer.enough
        ? `it is enough, with ${quantityInWords(answer.difference, house)} left`
        : `it is not enough, ${quantityInWords(answer.difference, house)} is missing`;
    case "handed":
      return `${piecesInWords(answer.pieces, answer.currency)}, with ${quantityInWords(answer.back, house)} back`;
  }
}

/** The words for giving the answer its form and its name. */
export const ANSWER_STEPS: StepsOf<AnswerReason> = {
  dropZeros: (reason, house) => {
    const write = (numeral: Decimal): string => inText(numeral, house);
    const after = write(reason.after);
    const several = reason.zeros > 1;
    return {
      say: `The ${several ? "zeros" : "zero"} at the end may go: *${after}*.`,
      why: `After the last decimal that counts, a zero says only that there are none of that place: ${write(reason.before)} and ${after} are worth the same.`,
      ask: "Which zeros can go without changing what the number is worth?",
    };
  },
  fillPlaces: (reason, house) => {
    const write = (numeral: Decimal): string => inText(numeral, house);
    const places = placesName(reason.place, house);
    return {
      say: `It is wanted to ${places}: fill up with zeros, *${write(reason.after)}*.`,
      why: `It comes out even before the ${places}. The zeros say that there are none left over, down to there.`,
      ask: `How far does the answer have to go?`,
    };
  },
  roundAnswer: roundAnswerWords,
  signBelowZero: (reason, house) => {
    const write = (numeral: Decimal): string => inText(numeral, house);
    return {
      say: `More was taken away than there was: the answer is *${write(reason.answer)}*.`,
      why: "The difference says how far the answer lies below zero; the minus says on which side.",
      ask: "On which side of zero does the answer lie?",
    };
  },
  nameAnswer: (reason, house) => nameAnswerWords(reason.answer, house),
};

function roundAnswerWords(
  { before, after, place, next, kept, up }: Extract<AnswerReason, { kind: "roundAnswer" }>,
  house: HouseRules,
): StepWords {
  const places = placesName(place, house);
  const becomes = `${inText(before, house)} ≈ *${inText(after, house)}*`;
  const turned =
    up && kept === 9
      ? `the 9 in the ${places} becomes ten, which carries on`
      : `the ${kept} in the ${places} becomes ${kept + 1}`;
  return {
    say: up
      ? sentence(`${next} comes after the ${places}: *up*. ${sentence(turned)}: ${becomes}.`)
      : sentence(
          `${next} comes after the ${places}: *down*. The ${kept} in the ${places} stays: ${becomes}.`,
        ),
    why: up
      ? next === 5
        ? "With 5 or more in the next place it lies halfway or past it, and by custom goes up."
        : "With 5 or more in the next place it lies nearer to the number above."
      : "With less than 5 in the next place it lies nearer to the number below.",
    ask: `Which digit decides about the ${places}, and what does it say?`,
  };
}

function nameAnswerWords(answer: Answer, house: HouseRules): StepWords {
  const named = `The answer is *${writeAnswer(answer, house)}*: ${answerInWords(answer, house)}.`;
  switch (answer.kind) {
    case "decimal":
      return {
        say: named,
        why:
          answer.fraction === ""
            ? "Saying the whole number aloud shows that each digit stands where it should."
            : "The last decimal gives the decimals their name. Saying it shows that each digit stands where it should.",
        ask: "How do you read the answer aloud?",
      };
    case "rounded":
      return {
        say: named,
        why: "The wavy sign says that it is not quite this: it was rounded.",
        ask: "How do you read the answer aloud, and is it exact?",
      };
    case "remainder":
      return {
        say: named,
        why: "The remainder is what could not be shared out: it is less than the divisor.",
        ask: "How do you say the answer, with what is left over?",
      };
    case "fraction":
      return {
        say: named,
        why: "The numerator says how many parts, the denominator of what kind.",
        ask: "How do you read the fraction aloud?",
      };
    case "amount":
    case "roundedAmount":
      return {
        say: named,
        why: "An amount is read with its money, before and after the point apart.",
        ask: "How do you say the amount?",
      };
    case "measure":
      return {
        say: named,
        why: "Each count is said with its unit, the largest unit first.",
        ask: "How do you say the measure, with its units?",
      };
    case "share":
      return { say: named, ...whoTakesTheRest(answer.left) };
    case "measureLeft":
    case "timesLeft":
      return {
        say: named,
        why: "What is left over could not be shared out whole.",
        ask: "How do you say the answer, with what is left over?",
      };
    case "sufficiency":
      return {
        say: sentence(`*${writeAnswer(answer, house)}*: ${answerInWords(answer, house)}.`),
        why: "The difference says by how much.",
        ask: "Is it enough, and by how much?",
      };
    case "handed":
      return {
        say: named,
        why: "What is handed over is counted by its pieces, the largest first.",
        ask: "Which pieces are handed over, and what comes back?",
      };
    case "ordered":
      return {
        say: named,
        why: "Each is less than the next, or worth the same.",
        ask: "How do you read the order aloud?",
      };
    case "mixed":
      return {
        say: named,
        why: "The whole number counts the wholes; the part beside it is less than one.",
        ask: "How do you read the whole number and the part?",
      };
    case "recurring":
      return {
        say: named,
        why: "The digits in brackets come again for ever. Written so, the quotient is exact.",
        ask: "Which digits come again, and how is that written?",
      };
    case "comparison":
      return {
        say: sentence(`*${writeAnswer(answer, house)}*: ${answerInWords(answer, house)}.`),
        why:
          answer.relation === "="
            ? answer.left.kind === "decimal" && answer.right.kind === "decimal"
              ? "Every place has the same digit, written or understood."
              : "Both stand for one and the same number, however they are written."
            : "The open side of the sign is towards the larger number.",
        ask: "How do you read the sign aloud?",
      };
  }
}

/** What becomes of the cents or pence that could not be shared out. */
function whoTakesTheRest(left: Amount): Omit<StepWords, "say"> {
  const { minor, minors } = currencyOf(left.currency);
  const { whole, fraction } = inMajor(left);
  const count = cardinal(whole + fraction);
  const one = count === "one";
  return {
    why: `So that nothing is missing, ${count} of them ${one ? "takes" : "take"} one ${minor} more, or the ${one ? `${minor} left over is` : `${minors} left over are`} put aside.`,
    ask: "How do you say the answer, and who takes what is left over?",
  };
}
