import type { HouseRules } from "../../house";
import type { MoneyReason } from "../../methods";
import { fromCount } from "../../number";
import { writeProblem } from "../../problem";
import { type Amount, amountOf, type CurrencyId, currencyOf, writeAmount } from "../../quantity";
import type { StepsOf } from "../contract/wordbook";
import { countedBy } from "../numbers/counted";
import { type StepWords, sentence } from "../numbers/line";
import { piecesInWords } from "../numbers/piecesWords";
import { amountInWords } from "../numbers/quantityWords";

/** How the house writes what is in these sentences. */
const said = (house: HouseRules) => {
  const w = (amount: Amount): string => writeAmount(amount, house);
  return { w };
};

/** The words for money. */
export const MONEY_STEPS: StepsOf<MoneyReason> = {
  writeAmounts: (reason, house) => ({
    say: `Write it down: *${writeProblem(reason.problem, house)}*.`,
    why: `All of it is in ${currencyOf(reason.problem.currency).names}, so it can be put together.`,
    ask: "What is asked, and in which money?",
  }),
  hiddenPlaces: (reason, house) => {
    const { w } = said(house);
    const { minor, minors, name } = currencyOf(reason.amount.currency);
    return {
      say: `${w(reason.amount)} is *${w(amountOf(reason.amount.currency, reason.numeral))}*.`,
      why: `A hundred ${minors} make one ${name}, so a ${minor} is a hundredth: two places after the ${house.decimalMark}, and zeros where nothing stands.`,
      ask: `How is ${w(reason.amount)} written with both its places?`,
    };
  },
  amountsAsDecimals: (reason, house) => ({
    say: `Without the sign it is *${writeProblem(reason.problem, house)}*, on a page of its own.`,
    why: `Amounts are decimals with two places. The sign of the ${currencyOf(reason.currency).names} is set before the answer.`,
    ask: "What is to be worked, without the sign?",
  }),
  againAndAgain: (reason, house) => {
    const { w } = said(house);
    return {
      say: `${reason.times} of them: *${w(reason.amount)}, ${reason.times} times* under one another.`,
      why: "So many of the same can be added one after the other.",
      ask: "How often does the amount stand there?",
    };
  },
  startChange: (reason, house) => ({
    say: `Begin at the price, *${atCount(reason.price, reason.currency, house)}*, and count up to ${atCount(reason.paid, reason.currency, house)}.`,
    why: "What lies between the price and what was paid is the change. Counted up, it need not be subtracted.",
    ask: "Where does the counting begin, and where does it end?",
  }),
  changeHop: changeHopWords,
  changeTotal: (reason, house) => {
    const hops = reason.hops.map((hop) => atCount(hop, reason.currency, house));
    return {
      say: `The change is ${hops.length > 1 ? `${hops.join(" + ")} = ` : ""}*${atCount(reason.total, reason.currency, house)}*: ${piecesInWords(reason.pieces, reason.currency)}.`,
      why: `It can't be given in fewer pieces than ${reason.pieces.length} from this till.`,
      ask: "What do the hops come to, and which coins and notes is that?",
    };
  },
  compareCost: (reason, house) => {
    const { w } = said(house);
    return {
      say: reason.enough
        ? `${w(reason.have)} is *enough* for ${w(reason.cost)}. ${sentence(`${writeProblem(reason.problem, house)} says what is left`)}.`
        : `${w(reason.have)} is *not enough* for ${w(reason.cost)}. ${sentence(`${writeProblem(reason.problem, house)} says what is missing`)}.`,
      why: "It is enough where there is at least as much as is to be paid.",
      ask: "Is there as much as is to be paid?",
    };
  },
  handNotes: (reason, house) => {
    const { w } = said(house);
    return {
      say: `Hand over *${piecesInWords(reason.pieces, reason.price.currency)}*: ${w(reason.total)}.`,
      why: reason.exact
        ? "It is just the price, in as few notes as can be."
        : `It is as little over ${w(reason.price)} as notes can make, in as few of them as can be.`,
      ask: "Which notes come to the price, or to a little more?",
    };
  },
  backFromNotes: (reason, house) => {
    const { w } = said(house);
    return {
      say: `${w(reason.total)} less ${w(reason.price)}: *${w(reason.back)}* comes back.`,
      why: "What was handed over beyond the price is change.",
      ask: "How much comes back?",
    };
  },
  intoMinor: (reason, house) => {
    const { w } = said(house);
    const { minor, minors, name } = currencyOf(reason.amount.currency);
    return {
      say: `${w(reason.amount)} is *${countedBy(reason.count, minor, minors)}*.`,
      why: `A hundred ${minors} make one ${name}. In ${minors} there is nothing after the ${house.decimalMark}, and no ${minor} can be split.`,
      ask: `How many ${minors} is that?`,
    };
  },
  minorProblem: (reason, house) => ({
    say: `*${writeProblem(reason.problem, house)}*, on a page of its own.`,
    why: reason.shares
      ? "Shared out whole, what can't be shared is left over."
      : "How often one amount goes into the other is a plain number.",
    ask: "What is divided by what?",
  }),
  backToMajor: (reason, house) => {
    const { w } = said(house);
    const { minor, minors, name, names } = currencyOf(reason.amount.currency);
    return {
      say: `${countedBy(reason.count, minor, minors)} ${reason.count === 1n ? "is" : "are"} *${w(reason.amount)}*: ${amountInWords(reason.amount, house)}.`,
      why: `A hundred ${minors} make one ${name}.`,
      ask: `How many ${names} is that?`,
    };
  },
};

/** A count of the minor unit as an amount. */
const atCount = (count: number, currency: CurrencyId, house: HouseRules): string =>
  writeAmount(amountOf(currency, fromCount(BigInt(count), 2)), house);

function changeHopWords(
  { from, to, pieces, currency, reaches }: Extract<MoneyReason, { kind: "changeHop" }>,
  house: HouseRules,
): StepWords {
  const { minors, name } = currencyOf(currency);
  const goal = atCount(to, currency, house);
  return {
    say: sentence(
      `*${piecesInWords(pieces, currency)}* ${pieces.length === 1 ? "makes" : "make"} ${atCount(from, currency, house)} up to *${goal}*.`,
    ),
    why:
      reaches === "ten"
        ? `First to a round ten ${minors}, ${goal}: from there it is easy to go on.`
        : reaches === "whole"
          ? `Then to a whole ${name}, ${goal}.`
          : `${goal} is what was paid: here the counting ends.`,
    ask: `What makes ${atCount(from, currency, house)} up to ${goal}?`,
  };
}
