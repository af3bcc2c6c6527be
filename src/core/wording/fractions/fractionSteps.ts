import type { HouseRules } from "../../house";
import type { FractionReason } from "../../methods";
import { type Fraction, type Numeral, writeNumeral } from "../../number";
import { signOf, writeProblem } from "../../problem";
import type { StepsOf } from "../contract/wordbook";
import { countedBy, oftenWords } from "../numbers/counted";
import { listed, type StepWords, sentence } from "../numbers/line";
import { partName, partsName } from "../numbers/numberWords";
import { numberInWords, numbersListed } from "../numbers/quantityWords";
import { RELATION_WORDS } from "../numbers/terms";

/** How the house writes what is in these sentences. */
const said = (house: HouseRules) => {
  const w = (numeral: Numeral): string => writeNumeral(numeral, house);
  const times = signOf("multiply", house);
  const by = signOf("divide", house);
  return { w, times, by };
};

/** The words for working with fractions and mixed numbers. */
export const FRACTION_STEPS: StepsOf<FractionReason> = {
  writeFractions: (reason, house) => {
    const { problem } = reason;
    const alone = problem.operands.length === 1;
    return {
      say: `Write it down: *${writeProblem(problem, house)}*.`,
      why: alone
        ? "Its value stays the same; only the way it is written changes."
        : "The denominator says what kind of parts they are, the numerator how many there are.",
      ask: alone ? "What is it to become?" : "What kind of parts is each of them in?",
    };
  },
  decimalToFraction: (reason, house) => {
    const { w } = said(house);
    return {
      say: `${w(reason.before)} is ${numberInWords(reason.after, house)}: *${w(reason.after)}*.`,
      why: "The last decimal says what kind of parts they are: tenths, hundredths, thousandths.",
      ask: `What are the decimals of ${w(reason.before)} called?`,
    };
  },
  wholeOverOne: (reason, house) => {
    const { w } = said(house);
    return {
      say: `Write the whole number over one: *${w(reason.after)}*.`,
      why: "Each whole is one part of one. So it has a numerator and a denominator like the others.",
      ask: `How can ${w(reason.before)} be written as a fraction?`,
    };
  },
  toImproper: (reason, house) => {
    const { w, times } = said(house);
    const { whole, numerator, denominator } = reason.before;
    return {
      say: `${whole} ${times} ${denominator} + ${numerator} = ${reason.after.numerator}: *${w(reason.before)} is ${w(reason.after)}*.`,
      why: sentence(
        `each whole is ${denominator} ${partsName(denominator)}${whole === 1n ? "" : `, so ${whole} of them are ${whole * denominator}`}; ${numerator} more make ${reason.after.numerator}.`,
      ),
      ask: `How many ${partsName(denominator)} are there in ${w(reason.before)}?`,
    };
  },
  alikeAlready: (reason) => ({
    say: `They are all *${partsName(reason.denominator)}* already.`,
    why: "Parts of one kind can be counted together as they are.",
    ask: "Are the parts of the same kind?",
  }),
  listMultiples: (reason) => {
    const lists = reason.lists.map(({ of, multiples }) => `of ${of}: ${multiples.join(", ")}`);
    return {
      say: sentence(`multiples ${lists.join("; ")}. They meet at *${reason.meets}*.`),
      why: `Only a number that every denominator divides can be the denominator of all. ${reason.meets} is the first one.`,
      ask: `Which is the first number that is in ${lists.length === 2 ? "both lists" : "all lists"}?`,
    };
  },
  primeFactors: (reason, house) => {
    const { times } = said(house);
    const lists = reason.lists.map(({ of, factors }) => `${of} = ${factors.join(` ${times} `) || of}`);
    return {
      say: `${listed(lists)}. Together they need *${reason.joined.join(` ${times} `)} = ${reason.product}*.`,
      why: "Each prime is taken as often as it stands in the denominator that has it most: then every denominator divides the product, and nothing is there twice.",
      ask: "How often is each prime needed?",
    };
  },
  multiplyDenominators: (reason, house) => {
    const { times } = said(house);
    return {
      say: `Multiply the denominators: ${reason.denominators.join(` ${times} `)} = *${reason.product}*.`,
      why: "Every denominator divides their product. It may be larger than need be; then the answer is made simpler in the end.",
      ask: "Which number can every denominator divide without listing anything?",
    };
  },
  equivalent: equivalentWords,
  swapFractions: (reason, house) => {
    const { w } = said(house);
    return {
      say: `${w(reason.larger)} is the larger one: take *${w(reason.smaller)} from ${w(reason.larger)}*, and give the answer a minus.`,
      why: "More is taken away than there is, so the answer lies below zero, by as much as the one is larger.",
      ask: "Which of the two is larger?",
    };
  },
  combineParts: combineWords,
  partsApart: (reason, house) => ({
    say: `Wholes with wholes: *${listed(reason.wholes.map(String))}*. ${reason.parts.length === 0 ? "There are no parts" : `Parts with parts: *${numbersListed(reason.parts, house)}*`}.`,
    why: "A mixed number is a sum of its whole and its part, and sums may be taken in any order.",
    ask: "What are the wholes, and what are the parts?",
  }),
  wholesTogether: (reason) => ({
    say: `The wholes: ${reason.wholes.join(reason.op === "add" ? " + " : " − ")} = *${reason.result}*.`,
    why: "Wholes are counted with wholes, before the parts or after them.",
    ask: "How many wholes are there?",
  }),
  regroupWhole: (reason, house) => {
    const { w } = said(house);
    const { before, after, needed } = reason;
    const part: Fraction = { ...needed, numerator: before.numerator };
    return {
      say: `${w(part)} is less than ${w(needed)}: one whole of ${before.whole} becomes ${before.denominator} ${partsName(before.denominator)}. *${w(after)}*.`,
      why: sentence(
        `a whole is ${before.denominator} ${partsName(before.denominator)}. With the ${before.numerator} that were there they make ${after.numerator}; nothing is lost.`,
      ),
      ask: `What can one of the ${before.whole} wholes be changed into?`,
    };
  },
  joinWholeAndPart: (reason, house) => {
    const { w } = said(house);
    return {
      say: `Together: *${w(reason.result)}*.`,
      why: "The whole and the part beside it are one number.",
      ask: "How are the whole and the part written as one number?",
    };
  },
  readyToCancel: () => {
    return {
      say: `Before multiplying, look for what divides *a numerator and a denominator*.`,
      why: "Dividing above and below by the same number changes nothing, and what is made small now need not be made simpler later.",
      ask: "Which numerator and which denominator have a common factor?",
    };
  },
  cancel: (reason) => {
    return {
      say: `${reason.over} and ${reason.under} both divide by *${reason.by}*: ${reason.newOver} above, ${reason.newUnder} below.`,
      why: "A factor above the line and the same factor below undo each other, in whichever of the fractions they stand.",
      ask: `What divides both ${reason.over} and ${reason.under}?`,
    };
  },
  acrossTheLine: (reason, house) => {
    const { w } = said(house);
    return {
      say: `Across the top, across the bottom: *${w(reason.result)}*.`,
      why: "A fraction of a fraction cuts each part again: the denominators multiply to the new kind of part, the numerators to how many there are.",
      ask: "What do the numerators make, and what the denominators?",
    };
  },
  turnOver: (reason, house) => {
    const { w, times } = said(house);
    return {
      say: `Dividing by ${w(reason.divisor)} is multiplying by *${w(reason.reciprocal)}*.`,
      why: `${w(reason.divisor)} ${times} ${w(reason.reciprocal)} is 1, so one undoes the other. Only the divisor is turned over.`,
      ask: `What times ${w(reason.divisor)} makes one?`,
    };
  },
  likeParts: (reason, house) => {
    const { w } = said(house);
    return {
      say: `Both are ${partsName(reason.left.denominator)}: how often ${reason.right.numerator === 1n ? "does 1" : `do ${reason.right.numerator}`} go into ${reason.left.numerator}? *${w(reason.result)}* times.`,
      why: "Where both count the same kind of part, only the counts matter, just as 8 metres hold 2 metres as often as 8 holds 2.",
      ask: `How often ${reason.right.numerator === 1n ? "is 1 part" : `are ${reason.right.numerator} parts`} in ${reason.left.numerator} of the same?`,
    };
  },
  simplestAlready: ({ value }) => ({
    say: `No number above 1 divides both *${value.numerator}* and *${value.denominator}*: it stays as it is.`,
    why: "A fraction is in its simplest form where numerator and denominator share no factor but 1.",
    ask: `Is there a number above 1 that divides both ${value.numerator} and ${value.denominator}?`,
  }),
  reduce: (reason, house) => {
    const { w } = said(house);
    return {
      say: `Divide above and below by *${reason.by}*: ${w(reason.before)} = *${w(reason.after)}*.`,
      why: `${reason.before.numerator} and ${reason.before.denominator} both divide by ${reason.by}. There are fewer parts, and each is larger by as much.`,
      ask: `What divides both ${reason.before.numerator} and ${reason.before.denominator}?`,
    };
  },
  countOut: countOutWords,
  signFraction: (reason, house) => {
    const { w } = said(house);
    return {
      say: `The answer lies below zero: *${w(reason.answer)}*.`,
      why: "More was taken away than there was.",
      ask: "On which side of zero does the answer lie?",
    };
  },
  compareParts: (reason) => {
    const [first, second] = reason.parts;
    const counts = `${first?.numerator} ${RELATION_WORDS[reason.relation]} ${second?.numerator}`;
    return {
      say: `Now only the numerators count: *${counts}*.`,
      why: "Of parts of one kind, more of them are more.",
      ask: "Which has more of the same parts?",
    };
  },
  orderParts: (reason, house) => ({
    say: `In the order of the numerators: *${reason.parts.map(({ numerator }) => numerator).join(", ")}*, so ${numbersListed(reason.ordered, house)}.`,
    why: "Of parts of one kind, more of them are more.",
    ask: "Which numerator is the smallest, and which comes next?",
  }),
  divideOut: (reason, house) => {
    const { w, by } = said(house);
    return {
      say: `The line of a fraction means divided by: *${reason.fraction.numerator} ${by} ${reason.fraction.denominator}*, on a page of its own.`,
      why: `${countedBy(reason.fraction.numerator, "whole", "wholes")} shared into ${reason.fraction.denominator} equal parts: each part is ${w(reason.fraction)}.`,
      ask: "Which division does the fraction stand for?",
    };
  },
};

function equivalentWords(
  { before, by, after }: Extract<FractionReason, { kind: "equivalent" }>,
  house: HouseRules,
): StepWords {
  const times = signOf("multiply", house);
  return {
    say: `${before.denominator} ${times} ${by} = ${after.denominator} below, so ${before.numerator} ${times} ${by} = *${after.numerator}* above: ${writeNumeral(before, house)} = *${writeNumeral(after, house)}*.`,
    why: `Multiplying by ${by}/${by} is multiplying by one. Each part is cut into ${by}, so there are ${by} times as many, and each is as much smaller.`,
    ask: `What was done below, and what has to be done above?`,
  };
}

function combineWords(
  { op, parts, result }: Extract<FractionReason, { kind: "combineParts" }>,
  house: HouseRules,
): StepWords {
  const kind = partsName(result.denominator);
  const count = (numerator: bigint): string => countedBy(numerator, partName(result.denominator), kind);
  const counts = parts.map(({ numerator }) => count(numerator));
  const counted = op === "add" ? listed(counts) : `${counts[0]} less ${listed(counts.slice(1))}`;
  return {
    say: `${counted} ${op === "add" ? "make" : "leave"} ${count(result.numerator)}: *${writeNumeral(result, house)}*.`,
    why: `Only the numerators are ${op === "add" ? "added" : "subtracted"}. The denominator stays: they are still ${kind}.`,
    ask: `How many ${kind} are there ${op === "add" ? "together" : "left"}?`,
  };
}

function countOutWords(
  { before, whole, rest }: Extract<FractionReason, { kind: "countOut" }>,
  house: HouseRules,
): StepWords {
  const { numerator, denominator } = before;
  const end =
    rest.numerator === 0n
      ? `*${whole}*`
      : whole === 0n
        ? `*${writeNumeral(rest, house)}*`
        : `*${whole} ${writeNumeral(rest, house)}*`;
  return {
    say:
      numerator === 0n
        ? "No parts at all: *0*."
        : `${denominator} goes ${oftenWords(whole)} into ${numerator}${rest.numerator === 0n ? "" : `, and ${rest.numerator} ${rest.numerator === 1n ? "is" : "are"} left`}: ${end}.`,
    why:
      denominator === 1n
        ? "Over one stand wholes, so it is a whole number."
        : sentence(`every ${denominator} ${partsName(denominator)} make one whole.`),
    ask: `How many wholes are there in ${writeNumeral(before, house)}, and what is left?`,
  };
}
