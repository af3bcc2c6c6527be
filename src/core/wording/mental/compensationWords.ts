import type { HouseRules } from "../../house";
import type { OwnReason } from "../../methods";
import { writeProblem } from "../../problem";
import { type Quantity, writeQuantity } from "../../quantity";
import type { MethodWords } from "../contract/methodWords";
import type { StepsOf } from "../contract/wordbook";
import { listed } from "../numbers/line";
import { inText } from "../numbers/numberWords";

/** The words for the method itself. */
export const COMPENSATION_WORDS: MethodWords<"compensation"> = {
  name: "Compensation",
  about: "An awkward number is taken for a friendlier one, and what that was too much is given back.",
  preferredBy:
    "For work in the head, and for prices such as $1.98. Columns are never needed, but what was changed must be remembered, and which way it has to be put right.",
  refusals: {
    otherForm: "is worked in the head, and gives the answer as it comes",
    longNumbers: (most) => `is worked in the head, with numbers of ${most} digits at most`,
    manyAddends: (most) => `is worked in the head, with ${most} numbers at most`,
    takenFromLess: "takes a number from one that is at least as large",
    noneFriendly:
      "needs a number that lies close to a friendlier one, such as 4.98 or 302, and a small whole number where it multiplies",
  },
};

const shown = (quantity: Quantity, house: HouseRules): string =>
  quantity.kind === "decimal" ? inText(quantity, house) : writeQuantity(quantity, house);

export const COMPENSATION_STEPS: StepsOf<OwnReason<"compensation">> = {
  writeToCompensate: ({ problem }, house) => ({
    say: `Look at the numbers first: *${writeProblem(problem, house)}*.`,
    why: "A number that lies close to a friendlier one is work that can be saved.",
    ask: "Which number would be easier if it were a little more, or a little less?",
  }),
  takeFriendlier: ({ roundings, problem }, house) => ({
    say: `${listed(roundings.map(({ before, friendly }) => `${shown(before, house)} is close to *${shown(friendly, house)}*`))}. Work *${writeProblem(problem, house)}* first.`,
    why: `${listed(roundings.map(({ off, up, friendly }) => `${shown(friendly, house)} is ${shown(off, house)} too ${up ? "much" : "little"}`))}. Keep that in mind.`,
    ask: roundings.length === 1 ? "By how much was it changed?" : "By how much was each of them changed?",
  }),
  workFriendlier: ({ problem, result }, house) => ({
    say: `${writeProblem(problem, house)} is *${shown(result, house)}*.`,
    why: "With the friendlier number it can be done in the head.",
    ask: `What is ${writeProblem(problem, house)}?`,
  }),
  giveBack: ({ worked, op, up, result, off, times, all, answer }, house) => {
    const too = up ? "much" : "little";
    const came = worked === "subtract" ? "was taken away" : "was added";
    const act = op === "subtract" ? "Take it off" : worked === "subtract" ? "Put it back" : "Add it";
    const several =
      worked === "multiply"
        ? `Each of the ${times} was ${listed(off.map((one) => shown(one, house)))} too ${too}: ${shown(all, house)} altogether.`
        : off.length > 1
          ? `${listed(off.map((one) => shown(one, house)))}, together ${shown(all, house)}, too ${too} ${came}.`
          : `${shown(all, house)} too ${too} ${came}.`;
    return {
      say: `${several} ${act}: ${shown(result, house)} ${op === "add" ? "+" : "−"} ${shown(all, house)} = *${shown(answer, house)}*.`,
      why:
        worked === "subtract"
          ? `Where too ${too} is taken away, what is left is ${up ? "less" : "more"} than it should be.`
          : `Where too ${too} goes in, ${up ? "more" : "less"} comes out than should.`,
      ask: "Is the result too large or too small, and by how much?",
    };
  },
};
