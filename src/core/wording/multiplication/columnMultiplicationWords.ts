import type { HouseRules } from "../../house";
import type { ColumnMultiplicationReason, ProductReason, Reason } from "../../methods";
import { digitsOf, ONES, type Place } from "../../number";
import { signOf } from "../../problem";
import type { MethodWords } from "../contract/methodWords";
import type { StepsOf } from "../contract/wordbook";
import { countedBy } from "../numbers/counted";
import { type StepWords, sentence } from "../numbers/line";
import { countedAt, countOf, inText, numeralWords, placesName } from "../numbers/numberWords";
import { arrivedCarry, carriedOn } from "../numbers/terms";

/** The words for the method itself. */
export const COLUMN_MULTIPLICATION_WORDS: MethodWords<"column-multiplication"> = {
  name: "Column multiplication",
  about: "The digits as whole numbers, row by row; the places counted and the point set at the end.",
  preferredBy:
    "The way most schools multiply decimals, since one procedure serves all sizes. Some open each row with zeros and write rows of zeros, others leave both out.",
  refusals: {},
};

/** The words for multiplying in columns. */
export const PRODUCT_STEPS: StepsOf<ProductReason | ColumnMultiplicationReason> = {
  writeFactor: (reason, house) => {
    const mark = house.decimalMark;
    const written = inText(reason.numeral, house);
    const placed =
      reason.nth === 0 ? `Write *${written}*` : `Under it write *${written}*, last digit under last digit`;
    return {
      say: reason.ignoresPoint
        ? `${placed}: read it as *${digitsOf(reason.numeral)}*, the ${mark} waits.`
        : `${placed}${reason.nth === 0 ? "" : ", and draw the line"}.`,
      why: reason.ignoresPoint
        ? `Products don't need equal places under one another: the digits are multiplied as whole numbers, and the ${mark} is set at the end.`
        : sentence(`${numeralWords(reason.numeral, house)}.`),
      ask:
        reason.nth === 0
          ? "Which number do you write on top?"
          : reason.ignoresPoint
            ? `Does the ${mark} have to stand under the ${mark}?`
            : "Which digit stands under which?",
    };
  },
  nextFactor: (reason, house) => {
    const mark = house.decimalMark;
    return {
      say: `The first two make the digits ${reason.product}. Now these times *${inText(reason.numeral, house)}*.`,
      why: `Three factors are multiplied one after the other; a ${mark} is set at the end.`,
      ask: "Which factor is still left?",
    };
  },
  openRow: openRowWords,
  zeroRow: (reason) => ({
    say: reason.written ? "Times zero: a row of *zeros*." : "Times zero gives nothing: *skip* this row.",
    why: reason.written
      ? "The row of zeros keeps the place of the digit that is zero in sight."
      : "A row of zeros would add nothing. The next row begins one place further.",
    ask: "What does zero times a number give?",
  }),
  digitProduct: digitProductWords,
  addRows: (reason) => ({
    say: `Draw a line and *add the ${reason.rows} rows*.`,
    why: "Each row is a part of the product; together they are the whole product.",
    ask: "What do you do with the rows?",
  }),
  countPlaces: (reason, house) => {
    const mark = house.decimalMark;
    const counts = reason.places.map((places) => String(places));
    return {
      say: `Count the places after the ${mark}: ${counts.join(" + ")} = *${reason.total}*.`,
      why: `Each place that was left out of sight made the digits' number ten times as large${reason.total > 1 ? `, so the product is ${Array.from({ length: reason.total }, () => "10").join(` ${signOf("multiply", house)} `)} = 1${"0".repeat(reason.total)} times too large` : ""}.`,
      ask: `How many places after the ${mark} do the factors have together?`,
    };
  },
  padProduct: (reason, house) => ({
    say: `${countedBy(reason.places, "place", "places")} and a digit before the ${house.decimalMark}: ${reason.product} has too few digits, so put *${countedBy(reason.zeros, "zero", "zeros")}* in front.`,
    why: `Zeros in front change nothing. They keep open the places up to the ${placesName(ONES, house)}.`,
    ask: `Are there enough digits for ${reason.places} ${reason.places === 1 ? "place" : "places"}?`,
  }),
  pointByCounting: (reason, house) => {
    const mark = house.decimalMark;
    const after = `*${inText(reason.answer, house)}*`;
    const hops = `${reason.places} ${reason.places === 1 ? "hop" : "hops"}`;
    return {
      say:
        reason.places === 0
          ? `No places to count: ${after}.`
          : `From the right end the ${mark} makes *${hops}* to the left: ${after}.`,
      why: `One hop for each place undoes what leaving out the ${mark} had done: the product is back at its true size.`,
      ask: `Where does the ${mark} go, counted from the right?`,
    };
  },
};

function openRowWords(
  { by, byPlace, zeros, written, of }: Extract<Reason, { kind: "openRow" }>,
  house: HouseRules,
): StepWords {
  const value = countOf(by, byPlace, house);
  const stands = of === undefined ? `the ${by} stands for *${value}*` : `in ${of} the ${by} is *${value}*`;
  return {
    say: sentence(
      written
        ? `${stands}: open its row with ${zeros === 1 ? "a *zero*" : `*${zeros} zeros*`}.`
        : `${stands}: begin its row *${zeros}* ${zeros === 1 ? "place" : "places"} further left.`,
    ),
    why: "Each place to the left is worth ten times as much, so what it makes moves one place to the left.",
    ask: `What is the ${by} worth${of === undefined ? "" : ` in ${of}`}, and where does its row begin?`,
  };
}

function digitProductWords(
  {
    digit,
    by,
    byPlace,
    place,
    carriedIn,
    total,
    written,
    carriedOut,
    last,
    blank,
    wholes,
  }: Extract<Reason, { kind: "digitProduct" }>,
  house: HouseRules,
): StepWords {
  if (blank) {
    return {
      say: "Zero, and a zero in front of the number is *not written*.",
      why: "Nothing stands further left for the zero to hold in place.",
      ask: "Is a zero in front of a number needed?",
    };
  }
  const product = digit * by;
  const short = house.narration === "short";
  const value = place + byPlace;
  const at = (count: number, of: Place): string => (short ? String(count) : countedAt(count, of, house));
  const made =
    short || byPlace === ONES
      ? `*${by}* times *${at(digit, place)}* ${short || product === 1 ? "is" : "are"} ${at(product, value)}`
      : `*${at(by, byPlace)}* times *${at(digit, place)}* ${product === 1 ? "makes" : "make"} ${at(product, value)}`;
  const came =
    carriedIn > 0 ? `, and the ${at(carriedIn, value)} ${arrivedCarry(house)} make ${at(total, value)}` : "";
  const on = short
    ? carriedOn(carriedOut, house)
    : carriedOn(carriedOut, house, {
        made: at(carriedOut * 10, value),
        carried: at(carriedOut, value + 1),
      });
  const onward = carriedOut > 0 ? `write *${written}*, ${on}` : `write *${written}*`;
  const counted = countOf(digit, place, house);
  const times = countOf(by, byPlace, house);
  return {
    say: `${made}${came}: ${onward}.`,
    why:
      carriedIn > 0 && carriedOut === 0 && !last
        ? "First multiply, then add what came over: it is counted already and is not multiplied again."
        : sentence(
            `${wholes ? "as whole numbers: " : ""}${
              byPlace === ONES
                ? `${counted}, ${by} times: ${product} of that place. Ten of them make one of the next.`
                : `${times} times ${counted} count in a larger place, where this row began.`
            }`,
          ),
    ask: `What is ${by} times ${digit}${carriedIn > 0 ? `, with the ${carriedIn} that came over` : ""}?`,
  };
}
