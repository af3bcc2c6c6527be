import type { Estimate, RunReason } from "../checks";
import type { HouseRules } from "../house";
import { writeDecimal } from "../number";
import { type SIGNS, writeProblem } from "../problem";
import type { StepWords } from "./line";
import { placesName } from "./numberWords";

type CheckReason = Extract<RunReason, { kind: "estimate" | "compareWithEstimate" | "inverse" }>;

/** The estimate in one line: `40 + 8 + 12 ≈ 60`. */
export const estimateLine = (estimate: Estimate, op: keyof typeof SIGNS, house: HouseRules): string =>
  `${writeProblem({ op, operands: estimate.rounded }, house)} ≈ ${writeDecimal(estimate.result, house)}`;

/** The words for the estimate made first, and for the checks made after. */
export function checkWords(reason: CheckReason, house: HouseRules): StepWords {
  switch (reason.kind) {
    case "estimate": {
      const about = writeDecimal(reason.estimate.result, house);
      const rounded = writeProblem({ op: reason.problem.op, operands: reason.estimate.rounded }, house);
      return {
        say: `First, roughly: ${rounded} makes *about ${about}*.`,
        why:
          reason.estimate.rounding === "ones"
            ? `Each number is rounded to ${placesName(0, house)}: quick to work in the head, and near enough to catch a digit or a ${house.decimalMark} in the wrong square.`
            : `Each number is rounded to its first digit: quick to work in the head, and near enough to catch a digit or a ${house.decimalMark} in the wrong square.`,
        ask: `About how much is ${writeProblem(reason.problem, house)}?`,
      };
    }
    case "compareWithEstimate": {
      const answer = writeDecimal(reason.answer, house);
      const about = writeDecimal(reason.estimate.result, house);
      return {
        say: reason.near
          ? `*${answer}* lies as near to the estimate *${about}* as rounding allows: the size is right.`
          : `*${answer}* lies further from the estimate *${about}* than rounding explains: look again.`,
        why: "Digits one square out make an answer about ten times too large or too small: that would show here.",
        ask: `Is ${answer} about as large as you expected?`,
      };
    }
    case "inverse": {
      const { working, expected, leadsTo, agrees } = reason.inverse;
      const line = `${writeProblem(working.problem, house)} = ${writeDecimal(working.answer, house)}`;
      const target = writeDecimal(expected, house);
      const back =
        leadsTo === "firstNumber"
          ? `the ${target} it began with`
          : `which is what ${writeProblem({ ...reason.problem, operands: reason.problem.operands.slice(0, -1) }, house)} makes`;
      return {
        say: agrees
          ? `Back again: *${line}*, ${back}.`
          : `Back again: *${line}*, but it should be ${target}: look again.`,
        why:
          reason.problem.op === "add"
            ? "Taking away undoes adding, so it must lead back."
            : "Adding undoes taking away, so it must lead back.",
        ask: "How could you undo it, to see whether it leads back?",
      };
    }
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
