import type { CheckReason, Direction, Estimate } from "../../checks";
import type { HouseRules } from "../../house";
import { compareDecimals, isZero, movedBy, withoutBarePoint } from "../../number";
import {
  type Operation,
  operandsOf,
  type Problem,
  signOf,
  withOperands,
  writeAnswer,
  writeProblem,
  writeUnformed,
} from "../../problem";
import { type Quantity, writeQuantity } from "../../quantity";
import type { StepsOf } from "../contract/wordbook";
import { listed, type StepWords, sentence } from "../numbers/line";
import { inText, placesName } from "../numbers/numberWords";
import { senseWords } from "./senseWords";

/** The estimate in one line: `40 + 8 + 12 ≈ 60`. */
export const estimateLine = ({ rounded, result }: Estimate, house: HouseRules): string =>
  `${writeProblem(rounded, house)} ≈ ${quantityInText(result, house)}`;

/** A quantity inside a sentence, as the house writes it; a decimal without a bare point at its end. */
const quantityInText = (quantity: Quantity, house: HouseRules): string =>
  quantity.kind === "decimal" ? inText(quantity, house) : writeQuantity(quantity, house);

/** The words for the estimate made first, and for the checks made after. */
export const CHECK_STEPS: StepsOf<CheckReason> = {
  estimate: (reason, house) => {
    const { rounded, result } = reason.estimate;
    return {
      say: `First, roughly: ${writeProblem(rounded, house)} makes *about ${quantityInText(result, house)}*.${reason.direction === undefined ? "" : ` ${directionWords(reason.direction, house)}`}`,
      why: roundingWords(reason.estimate, house),
      ask: `About how much is ${unformedInText(reason.problem, house)}?`,
    };
  },
  readBack: ({ problem }, house) => ({
    say: `Read back what you wrote, and tick it off in the problem: *${listed(operandsOf(problem).map((one) => quantityInText(one, house)))}*.`,
    why: "A number copied wrongly is worked rightly to the wrong answer: nothing later would show it.",
    ask: "Does every number stand as it does in the problem?",
  }),
  compareWithEstimate: comparedWords,
  inverse: inverseWords,
  otherMethod: (reason, house, called) => {
    const answer = writeAnswer(reason.answer, house);
    const name = called(reason.method).toLowerCase();
    return {
      say: reason.agrees
        ? `Worked otherwise, by *${name}*, it comes to *${answer}* too.`
        : `Worked otherwise, by *${name}*, it comes to *${answer}*: look again.`,
      why: "Worked a second time in another way, a slip is not easily made again.",
      ask: "Which other way do you know?",
    };
  },
  signOfProduct: senseWords,
  signOfSum: senseWords,
  unitSense: senseWords,
  topsAndBottoms: senseWords,
  neighbours: (reason, house) => {
    const [numeral, below, above] = [reason.numeral, reason.below, reason.above].map((n) => inText(n, house));
    return {
      say: `*${numeral}* lies between ${below} and ${above}: *${inText(reason.answer, house)}* it is.`,
      why: reason.halfway
        ? "It lies just halfway. By custom halves go up."
        : "Of the two, the rounded number is the one that lies nearer.",
      ask: `Which of the two is ${numeral} nearer to?`,
    };
  },
  bySubtracting: (reason, house) => {
    const [larger, smaller, difference] = [reason.larger, reason.smaller, reason.difference].map((n) =>
      inText(n, house),
    );
    return {
      say: `Check: ${larger} − ${smaller} = *${difference}*.`,
      why: "What is left when the smaller is taken from the larger is never below zero; it is nothing where both are the same.",
      ask: "What is left if you take one from the other?",
    };
  },
};

function roundingWords({ rounding }: Estimate, house: HouseRules): string {
  switch (rounding) {
    case "ones":
      return `Each number is rounded to ${placesName(0, house)}: quick to work in the head, and near enough to catch a digit or a ${house.decimalMark} in the wrong square.`;
    case "leadingDigit":
      return `Each number is rounded to its first digits: quick to work in the head, and near enough to catch a digit or a ${house.decimalMark} in the wrong square.`;
    case "friendly":
      return "One factor lies near a half or a quarter of 1, 10, 100 or the like, which is easily taken of a number.";
    case "evened":
      return `One of the numbers is cut to its first digit, or taken to the digit above: so the product is easy, and stays near enough to catch a digit or a ${house.decimalMark} in the wrong square.`;
    case "benchmarks":
      return "Each fraction is taken for nothing, one half or a whole, whichever serves and lies near. That is near enough to see whether an answer can be right.";
    case "largestUnit":
      return "Only the largest unit is counted, rounded: near enough to see whether an answer can be right.";
    case "wholeMoney":
      return "Each amount is rounded to wholes, or to tens of the small unit where it is less: quick to add up at a till.";
    case "multiple":
      return "The divisor is rounded, and the dividend taken as a multiple of it that lies near: then it goes without a remainder.";
  }
}

/** A problem inside a sentence, without the form it is wanted in; a point at the end of a number would look like the sentence's own. */
function unformedInText(problem: Problem, house: HouseRules): string {
  const bare = operandsOf(problem).map((one) => (one.kind === "decimal" ? withoutBarePoint(one) : one));
  return writeUnformed(withOperands(problem, bare) ?? problem, house);
}

function comparedWords(
  { answer: given, estimate, near, close, direction }: Extract<CheckReason, { kind: "compareWithEstimate" }>,
  house: HouseRules,
): StepWords {
  const answer = writeAnswer(given, house).replace(/^≈ /, "");
  const about = quantityInText(estimate.result, house);
  const ask = `Is ${answer} about as large as you expected?`;
  const { op } = estimate.rounded;
  const columns = op !== "multiply" && op !== "divide";
  const why =
    estimate.rounded.kind !== "decimals"
      ? "A sign, a unit or a part that was lost on the way would show here."
      : columns
        ? "A number set out in the wrong squares, or a sign taken for another, would mostly show here. One digit that is wrong need not."
        : "Digits one square out make a product or a quotient ten times too large or too small: that would show here.";
  if (!near) {
    return {
      say: `*${answer}* lies further from the estimate *${about}* than rounding explains: look again.`,
      why,
      ask,
    };
  }
  if (direction?.little && (columns || estimate.rounded.kind !== "decimals")) {
    return {
      say: `*${answer}* is a little ${direction.answerIs} than the estimate *${about}*, as it must be.`,
      why: `${sentence(movedWords(direction, house))}, which alone moves the answer.`,
      ask,
    };
  }
  // Of nothing, ten times as much is nothing too.
  if (columns || given.kind !== "decimal" || !given.point || isZero(given)) {
    return {
      say: close
        ? `*${answer}* is close to the estimate *${about}*.`
        : `*${answer}* lies no further from the estimate *${about}* than the numbers were rounded.`,
      why,
      ask,
    };
  }
  const [less, more] = [movedBy(given, -1), movedBy(given, 1)]
    .sort(compareDecimals)
    .map((moved) => inText(moved, house));
  return {
    say: `The estimate was *${about}*. With these digits ${less} is too small and ${more} too large: *${answer}* is right.`,
    why: `The estimate decides where the ${house.decimalMark} can be: one place further it would be ten times as much, or a tenth.`,
    ask,
  };
}

/** What was made larger and what smaller for an estimate. */
function movedWords({ up, down }: Direction, house: HouseRules): string {
  const was = (moved: readonly Quantity[], way: string): readonly string[] =>
    moved.length === 0
      ? []
      : [
          `${listed(moved.map((one) => quantityInText(one, house)))} ${moved.length > 1 ? "were" : "was"} rounded ${way}`,
        ];
  return listed([...was(up, "up"), ...was(down, "down")]);
}

/** On which side of its estimate an answer must lie, and why. */
const directionWords = (direction: Direction, house: HouseRules): string =>
  `It must come to ${direction.little ? "a little " : ""}${direction.answerIs}, since ${movedWords(direction, house)}.`;

function inverseWords({ inverse }: Extract<CheckReason, { kind: "inverse" }>, house: HouseRules): StepWords {
  const { undone, working, result, plus, expected, others, leadsTo, agrees } = inverse;
  const rest = plus ? ` + ${quantityInText(plus, house)}` : "";
  const asked = unformedInText(working.problem, house);
  const target = quantityInText(expected, house);
  const line = `${asked}${rest} = ${plus && agrees ? target : quantityInText(result, house)}`;
  const back = {
    firstNumber: `the ${target} it began with`,
    larger: "the larger of the two",
    otherNumbers: `which is what ${others.map((other) => quantityInText(other, house)).join(` ${undone.op === "multiply" ? signOf("multiply", house) : "+"} `)} makes`,
    dividend: "the dividend",
    handedOver: "which is what was handed over",
    lineBefore: `the ${target} of the line before`,
  }[leadsTo];
  return {
    say: agrees
      ? `Back again: *${line}*, ${back}.`
      : `Back again: *${line}*, but it should be ${target}: look again.`,
    why: sentence(`${undoing(undone.op, plus !== undefined)}, so it must lead back.`),
    ask: "How could you undo it, to see whether it leads back?",
  };
}

function undoing(op: Operation, rest: boolean): string {
  switch (op) {
    case "add":
      return "taking away undoes adding";
    case "subtract":
      return "adding undoes taking away";
    case "multiply":
      return "dividing undoes multiplying";
    case "divide":
      return rest
        ? "quotient times divisor, with what is left, is the dividend"
        : "multiplying undoes dividing";
    case "terms":
      return "each term taken away again undoes it";
    case "rewrite":
      return "written back it must be what it was";
    case "round":
    case "compare":
    case "order":
    case "enough":
    case "pay":
    case "chain":
      return "what was handed over is the price and the change";
  }
}

/** How the learner's own estimate lies to the one that was rounded. */
export function guessWords(lies: "below" | "same" | "above"): string {
  switch (lies) {
    case "below":
      return "below the rounded one.";
    case "same":
      return "just the same.";
    case "above":
      return "above the rounded one.";
  }
}
