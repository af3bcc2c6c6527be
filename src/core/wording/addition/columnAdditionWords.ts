import type { HouseRules } from "../../house";
import type { Reason } from "../../methods";
import type { MethodWords } from "../contract/methodWords";
import type { StepsOf } from "../contract/wordbook";
import { listed, type StepWords, sentence } from "../numbers/line";
import { countOf, placesName, wholesInWords } from "../numbers/numberWords";
import { arrivedCarry, carriedOn } from "../numbers/terms";

/** The words for the method itself. */
export const COLUMN_ADDITION_WORDS: MethodWords<"column-addition"> = {
  name: "Column addition",
  about: "Place under place, added from the smallest place, ten of one carried into the next.",
  preferredBy:
    "The way of adding that most schools end with: short, and the same for whole numbers and decimals. They differ in where the carry is written, whether gaps are filled and what goes on top.",
  refusals: {},
};

type ColumnSum = Extract<Reason, { kind: "columnSum" }>;

/** The most numbers of a column that are each said with the name of their place. */
const MOST_NAMED = 5;

/** The words for one column of an addition. */
function columnSumWords(sum: ColumnSum, rules: HouseRules): StepWords {
  // So many numbers, each with the name of its place, would take longer to say than to add.
  const house: HouseRules = sum.parts.length > MOST_NAMED ? { ...rules, narration: "short" } : rules;
  const places = placesName(sum.place, house);
  const lone = sum.parts.filter((part) => part > 0).length <= 1 && sum.carriedIn === 0;
  return {
    say: sum.blank ? "A zero in front of the number is *not written*." : sayLine(sum, house),
    why: whyLine(sum, lone, house),
    ask: sum.blank
      ? "Is a zero in front of a number needed?"
      : sum.carriedOut > 0
        ? `How many ${places} are there altogether, and do they fit in one square?`
        : lone
          ? `What stands in the ${places}?`
          : `How many ${places} are there ${sum.carriedIn > 0 ? `with the ${sum.carriedIn} from before` : "altogether"}?`,
  };
}

function sayLine(sum: ColumnSum, house: HouseRules): string {
  const count = (value: number): string =>
    house.narration === "short" ? String(value) : countOf(value, sum.place, house);
  const carried =
    house.narration === "short" ? String(sum.carriedIn) : wholesInWords(sum.carriedIn, sum.place, house);
  const nonzero = sum.parts.filter((part) => part > 0);
  const write = `write *${sum.written}*`;
  if (nonzero.length === 0 && sum.carriedIn === 0) {
    return house.narration === "short"
      ? `Nothing but zero: ${write}.`
      : `No ${placesName(sum.place, house)}: ${write}.`;
  }
  if (nonzero.length === 0) return sentence(`only the *${carried}* ${arrivedCarry(house)}: ${write}.`);
  const [only] = nonzero;
  if (nonzero.length === 1 && only !== undefined && sum.carriedIn === 0) {
    return sentence(`*${count(only)}* and nothing more: ${write}.`);
  }
  const parts = nonzero.map(count).map((part) => `*${part}*`);
  const came = sum.carriedIn > 0 ? [`the *${carried}* ${arrivedCarry(house)}`] : [];
  return sentence(`${listed([...parts, ...came])} make ${count(sum.total)}: ${onward(sum, house)}.`);
}

/** What becomes of a column's total: written whole, or split between this place and the next. */
function onward(sum: ColumnSum, house: HouseRules): string {
  if (sum.carriedOut === 0) return `write *${sum.written}*`;
  const tens = sum.carriedOut * 10;
  if (house.narration === "short") return `write *${sum.written}*, ${carriedOn(sum.carriedOut, house)}`;
  const kept =
    sum.written === 0 ? `no ${placesName(sum.place, house)}` : countOf(sum.written, sum.place, house);
  const stay = `*${kept}* ${sum.written === 1 ? "stays" : "stay"}`;
  const moved = countOf(tens, sum.place, house);
  const larger = `*${wholesInWords(sum.carriedOut, sum.place + 1, house)}*`;
  switch (house.carryTerm) {
    case "carry":
      return `${stay}, ${moved} are ${larger} to carry`;
    case "regroup":
      return `${stay}, ${moved} regroup as ${larger}`;
    case "exchange":
      return `${stay}, ${moved} are exchanged for ${larger}`;
  }
}

function whyLine(sum: ColumnSum, lone: boolean, house: HouseRules): string {
  const places = placesName(sum.place, house);
  if (sum.blank)
    return `There are no ${places}, and nothing stands further left for the zero to hold in place.`;
  if (sum.carriedOut > 0) {
    const next = wholesInWords(sum.carriedOut, sum.place + 1, house);
    const rest = sum.written > 0 ? ` and ${countOf(sum.written, sum.place, house)}` : "";
    return sentence(
      `ten of any place make one of the next place to the left, so ${sum.total} ${places} are ${next}${rest}.`,
    );
  }
  if (sum.carriedIn > 0) {
    const smaller = placesName(sum.place - 1, house);
    return `The ${sum.carriedIn} ${arrivedCarry(house)} is ${sum.carriedIn * 10} ${smaller}, moved over as ${wholesInWords(sum.carriedIn, sum.place, house)}.`;
  }
  if (lone) return `There are no other ${places}, so nothing changes here.`;
  return sentence(`${places} are added to ${places}. They come to less than ten, so one square holds them.`);
}

export const COLUMN_SUM_STEPS: StepsOf<ColumnSum> = { columnSum: columnSumWords };
