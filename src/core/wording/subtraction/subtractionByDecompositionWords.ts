import type { HouseRules } from "../../house";
import type { Reason } from "../../methods";
import type { MethodWords } from "../contract/methodWords";
import type { StepsOf } from "../contract/wordbook";
import { listed, type StepWords, sentence } from "../numbers/line";
import { countOf, placesName, wholesInWords } from "../numbers/numberWords";

/** The words for the method itself. */
export const SUBTRACTION_BY_DECOMPOSITION_WORDS: MethodWords<"subtraction-by-decomposition"> = {
  name: "Subtraction by decomposition",
  about: "Where a place has too little, one of a larger place is exchanged for ten of it.",
  preferredBy:
    "Where the value of the minuend is to be seen unchanged, and can be shown with things that are really exchanged. Across a run of zeros some exchange in one go, others place by place.",
  refusals: {},
};

type Exchange = Extract<Reason, { kind: "exchange" }>;
/** What is said of a column's difference, whichever method took it. */
type Difference = Omit<Extract<Reason, { kind: "difference" }>, "kind">;

/** The words for an exchange: one of a larger place into ten of the next smaller one. */
function exchangeWords(exchange: Exchange, house: HouseRules): StepWords {
  return {
    say: house.narration === "short" ? shortExchange(exchange, house) : placeValueExchange(exchange, house),
    why: `The number on top is worth as much as before: ${exchangeValue(exchange, house)}. Only its pieces are smaller.`,
    ask:
      exchange.receiver.place === exchange.needy
        ? `${exchange.bottom === 1 ? "Is" : "Are"} there ${countOf(exchange.bottom, exchange.needy, house)} to take away? Where can more come from?`
        : `There is nothing next door. Which place has something to give?`,
  };
}

/** "one one is ten tenths", or across empty places "one ten is nine ones and ten tenths". */
function exchangeValue({ lender, crossed, receiver }: Exchange, house: HouseRules): string {
  const pieces = [
    ...crossed.map(({ place, after }) => countOf(after, place, house)),
    countOf(receiver.after - receiver.before, receiver.place, house),
  ];
  return `${wholesInWords(1, lender.place, house)} is ${listed(pieces)}`;
}

function shortExchange(
  { top, bottom, lender, crossed, receiver, needy }: Exchange,
  house: HouseRules,
): string {
  const opening = receiver.place === needy ? `${bottom} from ${top} won't go` : "Nothing to be had next door";
  const zeros =
    crossed.length === 1
      ? ["the zero between becomes *9*"]
      : crossed.length > 1
        ? ["each zero between becomes *9*"]
        : [];
  const changes = [
    `the ${lender.before} becomes *${lender.after}*`,
    ...zeros,
    `the ${receiver.before} becomes *${receiver.after}*`,
  ];
  return `${opening}: ${house.borrowTerm} 1 from the ${lender.before}. ${sentence(listed(changes))}.`;
}

function placeValueExchange(exchange: Exchange, house: HouseRules): string {
  const { top, bottom, lender, crossed, receiver, needy } = exchange;
  const short = `${countOf(bottom, needy, house)} can't be taken from ${top === 0 ? `no ${placesName(needy, house)}` : countOf(top, needy, house)}`;
  const opening = sentence(
    receiver.place === needy ? short : `there is nothing to ${house.borrowTerm} from next door`,
  );
  const one = `*${wholesInWords(1, lender.place, house)}*`;
  const pieces = [
    ...crossed.map(({ place, after }) => `*${countOf(after, place, house)}*`),
    `*${countOf(receiver.after - receiver.before, receiver.place, house)}*`,
  ];
  const together =
    receiver.before > 0 ? `, which makes ${countOf(receiver.after, receiver.place, house)} here` : "";
  switch (house.borrowTerm) {
    case "borrow":
      return `${opening}. Borrow ${one}: it is ${listed(pieces)}${together}.`;
    case "regroup":
      return `${opening}. Regroup ${one} as ${listed(pieces)}${together}.`;
    case "exchange":
      return `${opening}. Exchange ${one} for ${listed(pieces)}${together}.`;
  }
}

/** The words for one column of a subtraction. */
export function differenceWords(difference: Difference, house: HouseRules): StepWords {
  const { place, top, bottom, written, blank } = difference;
  const places = placesName(place, house);
  const short = house.narration === "short";
  const count = (value: number): string => (short ? String(value) : countOf(value, place, house));
  return {
    say: blank
      ? "Nothing is left here, and a zero in front of the number is *not written*."
      : bottom === undefined || (bottom === 0 && !short)
        ? sentence(
            `*${top === 0 && !short ? `no ${places}` : count(top)}* and nothing to take away: write *${written}*.`,
          )
        : short
          ? `${top} take away ${bottom} is ${written}: write *${written}*.`
          : sentence(
              `*${count(top)}* take away *${count(bottom)}* leaves ${count(written)}: write *${written}*.`,
            ),
    why: blank
      ? `There are no ${places} left, and nothing stands further left for the zero to hold in place.`
      : sentence(`${places} are taken from ${places}: like from like.`),
    ask:
      bottom === undefined ? `Is there anything to take from the ${places}?` : `How many ${places} are left?`,
  };
}

export const DECOMPOSITION_STEPS: StepsOf<Exchange | Extract<Reason, { kind: "difference" }>> = {
  exchange: exchangeWords,
  difference: differenceWords,
};
