import type { HouseRules } from "../../house";
import type { MeasureReason } from "../../methods";
import { compareNumerals, type Decimal, isZero, wholeNumeral } from "../../number";
import { signOf, writeProblem } from "../../problem";
import { type UnitId, unitOf, writeMeasure } from "../../quantity";
import type { StepsOf } from "../contract/wordbook";
import { oftenWords } from "../numbers/counted";
import { listed, type StepWords, sentence } from "../numbers/line";
import { inText } from "../numbers/numberWords";
import { measureInWords, unitName } from "../numbers/quantityWords";
import { arrivedCarry, BREAKS } from "../numbers/terms";

/** How the house writes what is in these sentences. */
const said = (house: HouseRules) => {
  const many = (unit: UnitId): string => unitName(unit, false, house);
  const one = (unit: UnitId): string => unitName(unit, true, house);
  const counted = (count: bigint, unit: UnitId): string => `${count} ${unitOf(unit).symbol}`;
  const decimal = (count: Decimal, unit: UnitId): string =>
    writeMeasure({ kind: "measure", negative: false, parts: [{ count, unit }] }, house);
  const rateLine = (rate: bigint, unit: UnitId, larger: UnitId): string =>
    `${rate} ${many(unit)} make one ${one(larger)}`;
  return { many, one, counted, decimal, rateLine };
};

const isOne = (count: Decimal): boolean => compareNumerals(count, wholeNumeral(1n)) === 0;

/** The words for working with units. */
export const MEASURE_STEPS: StepsOf<MeasureReason> = {
  writeMeasures: (reason, house) => ({
    say: `Write it down: *${writeProblem(reason.problem, house)}*.`,
    why: "Every number keeps its unit beside it, so that only like is put with like.",
    ask: "Which units are there?",
  }),
  unitHeads: (reason, house) => {
    const { many } = said(house);
    return {
      say: `A column for each unit: *${listed(reason.units.map(many))}*, the largest on the left.`,
      why: "In a column stands only one unit, as in a place of a number only one place.",
      ask: "Which unit comes on the left?",
    };
  },
  writeUnitRow: (reason, house) => ({
    say: `${reason.first ? "Write" : "Under it write"} *${writeMeasure(reason.measure, house)}*, each count under its unit.`,
    why: sentence(`${measureInWords(reason.measure, house)}. A unit it has none of gets a zero.`),
    ask: "Under which unit does each count belong?",
  }),
  unitRule: (reason) => ({
    say:
      reason.times === undefined
        ? `The sign *${reason.sign}* and a rule.`
        : `Times *${reason.times}*, and a rule.`,
    why: "The smallest unit comes first: what it has too much of goes on to the left, and what it is short of comes from there.",
    ask: "Which unit do we begin with?",
  }),
  swapMeasures: (reason, house) => {
    return {
      say: `*${writeMeasure(reason.larger, house)}* is the larger one: it stands on top, and the answer gets a minus.`,
      why: "More is to be taken away than there is.",
      ask: "Which of the two is larger?",
    };
  },
  unitTotal: totalWords,
  unitProduct: totalWords,
  regroupUnit: (reason, house) => {
    const { many, counted, rateLine } = said(house);
    return {
      say: `${counted(reason.count, reason.unit)} ${reason.count === 1n ? "is" : "are"} *${counted(reason.whole, reason.larger)} ${counted(reason.rest, reason.unit)}*${reason.had > 0n ? `, so there are ${counted(reason.makes, reason.larger)}` : ""}.`,
      why: sentence(
        `${rateLine(reason.rate, reason.unit, reason.larger)}. ${reason.rate} goes ${oftenWords(reason.whole)} into ${reason.count}.`,
      ),
      ask: `How many ${many(reason.larger)} are in ${counted(reason.count, reason.unit)}?`,
    };
  },
  unitExchange: exchangeWords,
  unitDifference: (reason, house) => {
    const { many, counted } = said(house);
    return {
      say:
        house.narration === "short"
          ? `${reason.top} take away ${reason.bottom} leaves *${reason.written}*.`
          : `${counted(reason.top, reason.unit)} take away ${counted(reason.bottom, reason.unit)} leaves *${counted(reason.written, reason.unit)}*.`,
      why: sentence(`${many(reason.unit)} are taken from ${many(reason.unit)}.`),
      ask: `How many ${many(reason.unit)} are left?`,
    };
  },
  unitShare: (reason, house) => {
    const { many, counted } = said(house);
    return {
      say: `${counted(reason.count, reason.unit)} shared by ${reason.divisor}: *${counted(reason.each, reason.unit)}* each${reason.rest > 0n ? `, ${counted(reason.rest, reason.unit)} left` : ""}.`,
      why: `${reason.divisor} ${signOf("multiply", house)} ${reason.each} = ${reason.divisor * reason.each}${reason.rest > 0n ? `; the ${reason.rest} left are fewer than ${reason.divisor}` : ""}.`,
      ask: `How many ${many(reason.unit)} does each get?`,
    };
  },
  restToSmaller: (reason, house) => {
    const { many, counted, rateLine } = said(house);
    return {
      say: `The ${counted(reason.rest, reason.unit)} left become ${counted(reason.makes, reason.smaller)}${reason.had > 0n ? `; with the ${reason.had} there, *${counted(reason.total, reason.smaller)}*` : ""}.`,
      why: sentence(
        `${rateLine(reason.rate, reason.smaller, reason.unit)}. In the smaller unit they can be shared on.`,
      ),
      ask: `How many ${many(reason.smaller)} are ${counted(reason.rest, reason.unit)}?`,
    };
  },
  intoSmaller: (reason, house) => {
    const { many, one, decimal, rateLine } = said(house);
    return {
      say: `${decimal(reason.count, reason.unit)} ${isOne(reason.count) ? "is" : "are"} *${decimal(reason.makes, reason.smaller)}*${isZero(reason.had) ? "" : `; with ${decimal(reason.had, reason.smaller)} they make *${decimal(reason.total, reason.smaller)}*`}.`,
      why: sentence(
        `${rateLine(reason.rate, reason.smaller, reason.unit)}, so times ${reason.rate}: smaller pieces, more of them.`,
      ),
      ask: `How many ${many(reason.smaller)} make one ${one(reason.unit)}?`,
    };
  },
  intoLarger: (reason, house) => {
    const { counted, decimal, rateLine } = said(house);
    return {
      say: `${reason.whole} ${signOf("multiply", house)} ${reason.rate} = ${reason.whole * reason.rate}${isZero(reason.rest) ? "" : `, and ${decimal(reason.rest, reason.unit)} ${isOne(reason.rest) ? "is" : "are"} left`}: ${decimal(reason.count, reason.unit)} ${isOne(reason.count) ? "is" : "are"} *${counted(reason.whole, reason.larger)}${isZero(reason.rest) ? "" : ` ${decimal(reason.rest, reason.unit)}`}*.`,
      why: sentence(
        `${rateLine(reason.rate, reason.unit, reason.larger)}: divided by ${reason.rate}, ${isZero(reason.rest) ? "nothing is left" : "what is left stays in the smaller unit"}.`,
      ),
      ask: `How often does ${reason.rate} go into it, and what is left?`,
    };
  },
  oneUnitProblem: (reason, house) => {
    const { many } = said(house);
    return {
      say: `Now it is one number each, in ${many(reason.unit)}: *${writeProblem(reason.problem, house)}*, on a page of its own.`,
      why: reason.numberOnly
        ? "A measure divided by a measure of the same kind is a plain number: how often one goes into the other."
        : "In one unit it is worked like any other number.",
      ask: "What is to be worked, in one unit?",
    };
  },
  padUnit: (reason, house) => {
    return {
      say: `${writeMeasure(reason.measure, house)} is *${inText(reason.decimal, house)} ${unitOf(reason.unit).symbol}*.`,
      why: `A smaller unit takes ${reason.digits} digits after the ${house.decimalMark}: a count with fewer is filled up with zeros in front, so that each digit has its right place.`,
      ask: "How many digits does the smaller unit take, and which of them are zeros?",
    };
  },
  unpadUnit: (reason, house) => {
    return {
      say: `${inText(reason.decimal, house)} ${unitOf(reason.unit).symbol} is *${writeMeasure(reason.measure, house)}*.`,
      why: `The digits after the ${house.decimalMark} are the smaller units again; zeros in front of a count are not written.`,
      ask: "How many of each unit is it?",
    };
  },
  decimalOfUnit: (reason, house) => {
    const { many } = said(house);
    return {
      say: `In ${many(reason.unit)} it is *${writeProblem(reason.problem, house)}*, on a page of its own.`,
      why: "Larger pieces, fewer of them: divide by how many go into one.",
      ask: "What has to be divided by what?",
    };
  },
  signMeasure: (reason, house) => ({
    say: `More was taken away than there was: *${writeMeasure(reason.answer, house)}*.`,
    why: "The difference says how far below zero it lies; the minus says on which side.",
    ask: "On which side of zero does the answer lie?",
  }),
};

function totalWords(
  reason: Extract<MeasureReason, { kind: "unitTotal" | "unitProduct" }>,
  house: HouseRules,
): StepWords {
  const { unit, total, written, carriedIn, carriedOut, larger, rate } = reason;
  const symbol = unitOf(unit).symbol;
  const many = unitName(unit, false, house);
  // In short the counts alone, as digits are said in columns.
  const counted = (count: bigint): string =>
    house.narration === "short" ? String(count) : `${count} ${symbol}`;
  const made =
    reason.kind === "unitTotal"
      ? reason.parts.map(counted).join(" + ")
      : `${reason.times} ${signOf("multiply", house)} ${counted(reason.count)}`;
  const sum = `${made}${carriedIn > 0n ? ` + the ${counted(carriedIn)} ${arrivedCarry(house)}` : ""} = ${counted(total)}`;
  if (carriedOut > 0n && larger !== undefined) {
    return {
      say: `${sum}: write *${written}*, and *${carriedOut}* ${unitName(larger, carriedOut === 1n, house)} over.`,
      why: sentence(
        `${rate} ${many} make one ${unitName(larger, true, house)}, so ${total} ${many} are too many for this column.`,
      ),
      ask: `How many ${unitName(larger, false, house)} are in ${total} ${many}?`,
    };
  }
  return {
    say: `${sum}: write *${written}*.`,
    why:
      larger !== undefined && total >= rate
        ? sentence(
            `it is more than makes one ${unitName(larger, true, house)}. That is put right at the end.`,
          )
        : sentence(`${many} are counted with ${many}.`),
    ask: `How many ${many} are there?`,
  };
}

function exchangeWords(
  { needy, top, bottom, changes, rate }: Extract<MeasureReason, { kind: "unitExchange" }>,
  house: HouseRules,
): StepWords {
  const [lender] = changes;
  const receiver = changes.at(-1);
  const many = unitName(needy, false, house);
  const symbol = unitOf(needy).symbol;
  const before = changes.map(({ before: count, unit }) => `${count} ${unitOf(unit).symbol}`).join(" ");
  const after = changes.map(({ after: count, unit }) => `${count} ${unitOf(unit).symbol}`).join(" ");
  const larger = lender === undefined ? "" : unitName(lender.unit, true, house);
  return {
    say: `${top} ${symbol} ${top === 1n ? "is" : "are"} too few to take ${bottom} from. ${BREAKS[house.borrowTerm]}: ${before} is also *${after}*.`,
    why: sentence(
      `one ${larger} becomes ${changes.length > 2 ? "the units below it" : `${rate} ${many}`}: ${changes.length > 2 ? "" : `with the ${top} there, ${receiver?.after ?? 0n}. `}The whole stays the same.`,
    ),
    ask: `What can be changed into ${many}?`,
  };
}
