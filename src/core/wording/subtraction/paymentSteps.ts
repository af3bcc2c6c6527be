import type { HouseRules } from "../../house";
import type { Reason } from "../../methods";
import type { StepsOf } from "../contract/wordbook";
import { type StepWords, sentence } from "../numbers/line";
import { countOf, placesName, wholesInWords } from "../numbers/numberWords";
import { arrivedCarry } from "../numbers/terms";
import { differenceWords } from "./subtractionByDecompositionWords";

type AddTenToBoth = Extract<Reason, { kind: "addTenToBoth" }>;
type DifferenceWithOwed = Extract<Reason, { kind: "differenceWithOwed" }>;
type MakeUp = Extract<Reason, { kind: "makeUp" }>;

/** The words for growing both numbers by the same. */
function addTenToBothWords({ place, top, taken, raised }: AddTenToBoth, house: HouseRules): StepWords {
  const places = placesName(place, house);
  const one = wholesInWords(1, place + 1, house);
  const ten = countOf(10, place, house);
  const short = `${taken} from ${top} won't go: ten to the top makes *${raised}*, and *one* to the next place below.`;
  const had = top === 0 ? `no ${places}` : countOf(top, place, house);
  const trueValues = `${countOf(taken, place, house)} can't be taken from ${had}. Add *${ten}* above and *${one}* below.`;
  return {
    say: house.narration === "short" ? short : sentence(trueValues),
    why: sentence(
      `${ten} and ${one} are worth the same. When both numbers grow by the same, the difference between them stays.`,
    ),
    ask: `${taken === 1 ? "Is" : "Are"} there ${countOf(taken, place, house)} to take away? What can both numbers be given?`,
  };
}

/** The words for a column's difference, with what its lower count owed. */
function differenceWithOwedWords(difference: DifferenceWithOwed, house: HouseRules): StepWords {
  const { place, raised, bottom, owed, taken, written, blank } = difference;
  if (owed === 0 || blank) return differenceWords({ place, top: raised, bottom, written, blank }, house);
  const { say, why } = differenceWords({ place, top: raised, bottom: taken, written, blank }, house);
  return {
    say: `${owedFirst(difference, "owed", house)} ${say}`,
    why,
    ask: `How many ${placesName(place, house)} are to be taken away, with the ${owed} owed?`,
  };
}

/** What the lower count comes to with what it owes, said first: "6 and the 1 carried are 7." */
function owedFirst(
  { bottom, owed, taken, place }: Pick<MakeUp, "bottom" | "owed" | "taken" | "place">,
  called: string,
  house: HouseRules,
): string {
  const short = house.narration === "short";
  const due = short ? String(owed) : wholesInWords(owed, place, house);
  if (bottom === undefined || bottom === 0) return `Below stands only the *${due}* ${called}.`;
  const count = (value: number): string => (short ? String(value) : countOf(value, place, house));
  return sentence(`${count(bottom)} and the *${due}* ${called} are ${count(taken)}.`);
}

/** The words for making the lower digit up to the upper one. */
function makeUpWords(column: MakeUp, house: HouseRules): StepWords {
  const { place, top, owed, taken, raised, written, pays, blank } = column;
  const places = placesName(place, house);
  if (blank) {
    return {
      say: "Nothing is missing here, and a zero in front of the number is *not written*.",
      why: `Both numbers have the same in the ${places}, and nothing stands further left for the zero to hold in place.`,
      ask: "Is anything missing here?",
    };
  }
  const short = house.narration === "short";
  const count = (value: number): string =>
    short ? String(value) : value === 0 ? `no ${places}` : countOf(value, place, house);
  const before = owed > 0 ? `${owedFirst(column, arrivedCarry(house), house)} ` : "";
  const making = sentence(`${count(taken)} and *${count(written)}* make ${count(raised)}`);
  const one = wholesInWords(1, place + 1, house);
  const below = short ? `, carry *${pays}* below` : `, and carry *${one}* to the lower number`;
  if (taken === 0) {
    return {
      say:
        written === 0
          ? `Nothing stands above or below: write *0*.`
          : `Nothing stands below, so all of *${count(top)}* is missing: write *${written}*.`,
      why: "What has to be added to nothing is the whole upper count.",
      ask: `What goes with nothing to make ${top}?`,
    };
  }
  return {
    say: `${before}${making}: write *${written}*${pays > 0 ? below : ""}.`,
    why:
      pays > 0
        ? sentence(
            `${countOf(raised, place, house)} are ten more than stand on top. The ${one} carried makes the lower number greater by just as much.`,
          )
        : "What goes with the lower digit to make the upper one is what lies between them: their difference.",
    ask: `What goes with ${taken} to end in ${top}?`,
  };
}

export const PAYMENT_STEPS: StepsOf<AddTenToBoth | DifferenceWithOwed | MakeUp> = {
  addTenToBoth: addTenToBothWords,
  differenceWithOwed: differenceWithOwedWords,
  makeUp: makeUpWords,
};
