import type { HouseRules } from "../../house";
import { type SignedReason, signedNumbers } from "../../methods";
import { compareNumerals, type Numeral, unsigned, writeNumeral } from "../../number";
import { signOf, writeProblem } from "../../problem";
import type { StepsOf } from "../contract/wordbook";
import { type StepWords, sentence } from "../numbers/line";
import { numbersListed } from "../numbers/quantityWords";

const countText = (count: number): string => (count < 0 ? `−${-count}` : String(count));
const countersOf = (count: number, negative: boolean): string =>
  `${count} ${negative ? "minus" : "plus"} ${count === 1 ? "counter" : "counters"}`;
/** What is left of counters once all pairs are gone. */
const leftOf = (left: number): string =>
  left === 0
    ? "nothing is left"
    : `${countersOf(Math.abs(left), left < 0)} ${Math.abs(left) === 1 ? "is" : "are"} left`;

/** How the house writes what is in these sentences. */
const said = (house: HouseRules) => {
  const w = (numeral: Numeral): string => writeNumeral(numeral, house);
  return { w };
};

/** The words for working with numbers on both sides of zero. */
export const SIGNED_STEPS: StepsOf<SignedReason> = {
  writeSigned: (reason, house) => ({
    say: `Write it down: *${writeProblem(reason.problem, house)}*.`,
    ...(signedNumbers(reason.problem).some(({ numeral }) => numeral.negative)
      ? {
          why: "A sign between two numbers says what to do; a sign in brackets belongs to its number and says on which side of zero it lies.",
          ask: "Which signs tell you to add or take away, and which belong to a number?",
        }
      : {
          why: "Each sign says what is done with the number after it.",
          ask: "What does each sign say is to be done?",
        }),
  }),
  addOpposites: (reason, house) => {
    const { w } = said(house);
    return {
      say: `One sign where there were two: *${reason.terms.map((term, index) => (index === 0 ? w(term) : `${term.negative ? "−" : "+"} ${w(unsigned(term))}`)).join(" ")}*.`,
      why: "Taking a number away is adding its opposite. Taking away a debt is a gain: two minuses beside each other make a plus; a plus and a minus make a minus.",
      ask: "What is each pair of signs worth?",
    };
  },
  sameSigns: (reason, house) => {
    const { w } = said(house);
    return {
      say: `Same signs: add the sizes and keep the sign. ${w(unsigned(reason.left))} + ${w(unsigned(reason.right))} = ${w(unsigned(reason.result))}, so *${w(reason.result)}*.`,
      why: "Both lead to the same side of zero, so together they lead further out on it.",
      ask: "Do both lie on the same side of zero?",
    };
  },
  differentSigns: (reason, house) => {
    const { w } = said(house);
    if (compareNumerals(reason.larger, reason.smaller) === 0)
      return {
        say: `Opposite numbers: ${w(reason.left)} and ${w(reason.right)} come to *0*.`,
        why: "They are of one size and pull to opposite sides of zero, so nothing is left.",
        ask: "Which of the two is larger in size?",
      };
    return {
      say: `Different signs: take the smaller size from the larger. ${w(reason.larger)} − ${w(reason.smaller)} = ${w(unsigned(reason.result))}, with the sign of the larger: *${w(reason.result)}*.`,
      why: "They pull to opposite sides of zero. What is left of the larger one decides on which side it ends.",
      ask: "Which of the two is larger in size, and what is its sign?",
    };
  },
  sizesApart: (reason, house) => ({
    say: `The sizes by themselves, on a page of their own: *${writeProblem(reason.problem, house)}*.`,
    why: "Without their signs they are worked like any other numbers.",
    ask: "What are the sizes, without their signs?",
  }),
  nextTwo: (reason, house) => ({
    say: `On a page of its own: *${writeProblem(reason.problem, house)}*.`,
    why: "What is put in or taken away here is worked like any sum or difference.",
    ask: "What is worked next?",
  }),
  resultSoFar: (reason, house) => {
    const { w } = said(house);
    return {
      say: `${w(reason.left)} ${signOf(reason.op, house)} ${w(reason.right)} = *${w(reason.result)}*. Go on with that.`,
      why: "From the left, one after the other: each time with what there is by then.",
      ask: "How much is there now, and what comes next?",
    };
  },
  takenTogether: (reason, house) => {
    const { w } = said(house);
    return {
      say: `Together ${numbersListed(reason.numbers, house)} make *${w(reason.total)}*: take that from *${w(reason.from)}*.`,
      why: "Taking one away and then the other leaves as much as taking both away at once.",
      ask: "How much is taken away in all?",
    };
  },
  gatherSides: (reason, house) => ({
    say: `Gather what lies above zero, *${numbersListed(reason.above, house)}*, and what lies below, *${numbersListed(reason.below, house)}*.`,
    why: "A sum may be taken in any order, as long as each number keeps its sign.",
    ask: "Which numbers lie above zero, and which below?",
  }),
  productSign: (reason) => {
    const what = reason.quotient ? "quotient" : "product";
    return {
      say: `${reason.negatives === 1 ? "One number lies" : `${reason.negatives} numbers lie`} below zero: the ${what} is *${reason.negative ? "negative" : "positive"}*.`,
      why: "Each minus turns to the other side of zero once. Two turns lead back, so an even number of minuses makes a plus.",
      ask: "How many of the numbers lie below zero?",
    };
  },
  productSize: (reason, house) => {
    const { w } = said(house);
    return {
      say: `${writeProblem(reason.problem, house)} = ${w(reason.size)}, with its sign *${w(reason.result)}*.`,
      why: "The size is worked as if there were no signs, and the sign set before it.",
      ask: "What do the sizes come to?",
    };
  },
  drawNumberLine: (reason) => ({
    say: `Draw a number line and begin at *${countText(reason.start)}*.`,
    why: "Right of zero lie the positive numbers, left of it the negative ones.",
    ask: "Where does the way begin?",
  }),
  jumpAlong: (reason) => jumpWords(reason),
  layCounters: (reason) => ({
    say: `Lay out *${countersOf(Math.abs(reason.value), reason.value < 0)}* for ${countText(reason.value)}.`,
    why: "A plus counter stands for one, a minus counter for one below zero. One of each together is nothing.",
    ask: `Which counters show ${countText(reason.value)}?`,
  }),
  bringZeroPairs: (reason) => ({
    say: `${countersOf(reason.needed, reason.negative)} ${reason.needed === 1 ? "is" : "are"} to be taken away, and ${reason.there === 0 ? "none are" : `only ${reason.there} are`} there: bring *${reason.pairs} zero pairs*.`,
    why: "A plus and a minus together are nothing, so pairs change nothing, and now there is enough to take away.",
    ask: "What can be brought without changing the number?",
  }),
  takeCounters: (reason) => ({
    say: `Take away *${countersOf(reason.count, reason.negative)}*: ${leftOf(reason.left)}.`,
    why: "Subtracting is taking away, here too.",
    ask: "Which counters are taken away?",
  }),
  cancelPairs: (reason) => ({
    say: `*${reason.pairs} ${reason.pairs === 1 ? "pair is" : "pairs are"} nothing*: of ${reason.positives} plus and ${countersOf(reason.negatives, true)} ${leftOf(reason.positives - reason.negatives)}.`,
    why: "One and one below zero make nothing. Only what has no partner counts.",
    ask: "How many pairs make nothing?",
  }),
  layGroups: (reason) => ({
    say: `*${reason.groups} groups* of ${countText(reason.each)}: *${countText(reason.total)}*.`,
    why: "Multiplying is so many groups of the same.",
    ask: "How many counters are there in all groups?",
  }),
};

function jumpWords({ from, by, to, taken }: Extract<SignedReason, { kind: "jumpAlong" }>): StepWords {
  const way = by < 0 ? "left" : "right";
  const size = Math.abs(by);
  return {
    say:
      by === 0
        ? `Nothing is ${taken ? "taken away" : "added"}: stay at *${countText(to)}*.`
        : sentence(`from ${countText(from)} jump *${size} to the ${way}*: to *${countText(to)}*.`),
    why: taken
      ? by > 0
        ? "Adding a number below zero goes left, so taking it away turns round and goes right."
        : "Taking away goes left."
      : by < 0
        ? "A number below zero leads left."
        : "Adding a number above zero goes right.",
    ask: "Which way is the jump, and where does it land?",
  };
}
