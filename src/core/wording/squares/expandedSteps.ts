import type { HouseRules } from "../../house";
import type {
  ExpandedAdditionReason,
  ExpandedReason,
  ExpandedSubtractionReason,
  Reason,
} from "../../methods";
import { type Decimal, fromCount, ONES, type Place } from "../../number";
import type { StepsOf } from "../contract/wordbook";
import { listed, type StepWords, sentence } from "../numbers/line";
import { countedAt, countOf, inText, numeralWords, placesName, wholesInWords } from "../numbers/numberWords";
import { BREAKS } from "../numbers/terms";

type PartsReason = ExpandedReason | ExpandedAdditionReason | ExpandedSubtractionReason;

/** So many of a place as a number: 13 tenths is 1.3. */
const valueAt = (count: number, place: Place, house: HouseRules): string =>
  inText(
    count === 0
      ? fromCount(0n, 0)
      : place >= 0
        ? fromCount(BigInt(count) * 10n ** BigInt(place), 0)
        : fromCount(BigInt(count), -place),
    house,
  );

/** The words for working with numbers pulled apart. */
export const EXPANDED_STEPS: StepsOf<PartsReason> = {
  pullApart: (reason, house) => {
    const write = (numeral: Decimal): string => inText(numeral, house);
    return {
      say: `Pull *${write(reason.numeral)}* apart: ${listed(reason.parts.map((part) => `*${write(part)}*`))}.`,
      why: `${sentence(numeralWords(reason.numeral, house))}. Each digit is written with what it is worth, like parts under like parts.`,
      ask: `What is each digit of ${write(reason.numeral)} worth?`,
    };
  },
  expandedRule: (reason) => ({
    say: `Draw the line: part by part, *${reason.op === "add" ? "add" : "take away"}*.`,
    why: "Parts of the same place are of one kind, so they can be put together or taken from one another.",
    ask: "Which parts belong together?",
  }),
  pushTogether: (reason, house) => {
    const write = (numeral: Decimal): string => inText(numeral, house);
    return {
      say: `Push the parts together: *${write(reason.answer)}*.`,
      why:
        reason.parts.length > 1
          ? `${sentence(listed(reason.parts.map(write)))} each fill a place of their own.`
          : "Only one place has anything in it.",
      ask: "What number do the parts make?",
    };
  },
  partSum: partSumWords,
  partExchange: (reason, house) => {
    const { needy, top, bottom, changes } = reason;
    const giver = changes[0];
    const now = listed(changes.map(({ place, after }) => `*${valueAt(after, place, house)}*`));
    const was = listed(
      changes.filter(({ before }) => before > 0).map(({ place, before }) => valueAt(before, place, house)),
    );
    return {
      say: `${valueAt(bottom, needy, house)} can't be taken from ${valueAt(top, needy, house)}. ${BREAKS[house.borrowTerm]}: ${was} ${changes.filter(({ before }) => before > 0).length > 1 ? "are" : "is"} the same as ${now}.`,
      why: sentence(
        `${wholesInWords(1, giver?.place ?? needy, house)} is ten of the next smaller place. The number is worth as much as before.`,
      ),
      ask: `Which part can help the ${placesName(needy, house)}?`,
    };
  },
  partDifference: (reason, house) => {
    const { place, top, bottom, written } = reason;
    return {
      say:
        top === 0 && bottom === 0
          ? `No ${placesName(place, house)} above or below: *nothing* to write.`
          : house.narration === "short"
            ? `${valueAt(top, place, house)} take away ${valueAt(bottom, place, house)} is *${valueAt(written, place, house)}*.`
            : `${countedAt(top, place, house)} take away ${countedAt(bottom, place, house)} leaves ${countedAt(written, place, house)}: *${valueAt(written, place, house)}*.`,
      why: sentence(
        `${placesName(place, house)} are taken from ${placesName(place, house)}: like from like.`,
      ),
      ask: `How many ${placesName(place, house)} are left?`,
    };
  },
};

/** What becomes of what is too much for a part. */
const MOVES: Readonly<Record<HouseRules["carryTerm"], string>> = {
  carry: "is carried on",
  regroup: "is regrouped",
  exchange: "is exchanged and goes on",
};

function partSumWords(
  { place, parts, carriedIn, total, written, carriedOut }: Extract<Reason, { kind: "partSum" }>,
  house: HouseRules,
): StepWords {
  const places = placesName(place, house);
  if (total === 0) {
    return {
      say: `No ${places} anywhere: *nothing* to write.`,
      why: "A part that is nothing is not written.",
      ask: `Are there any ${places}?`,
    };
  }
  const short = house.narration === "short";
  const counted = (count: number): string =>
    short ? valueAt(count, place, house) : countedAt(count, place, house);
  const present = parts.filter((part) => part > 0).map(counted);
  const came = carriedIn > 0 ? [counted(carriedIn)] : [];
  const terms = [...present, ...came];
  const value = `*${valueAt(total, place, house)}*`;
  const made =
    terms.length > 1
      ? `${listed(terms)} make ${short || place === ONES ? value : `${counted(total)}, ${value}`}`
      : `${short ? value : `${counted(total)}, ${value},`} alone`;
  const moved = valueAt(carriedOut, place + 1, house);
  const split =
    written > 0
      ? `${valueAt(written, place, house)} stays, *${moved}* ${MOVES[house.carryTerm]}`
      : `all of it, *${moved}*, ${MOVES[house.carryTerm]}`;
  return {
    say: sentence(`${made}${carriedOut > 0 ? `: ${split} to the ${placesName(place + 1, house)}` : ""}.`),
    why: sentence(
      carriedOut > 0
        ? `${countOf(10 * carriedOut, place, house)} are ${wholesInWords(carriedOut, place + 1, house)}, and belong with them.`
        : `${places} are put with ${places}.`,
    ),
    ask: `What do the ${places} make together?`,
  };
}
