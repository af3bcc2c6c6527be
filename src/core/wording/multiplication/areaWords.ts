import type { AreaReason } from "../../methods";
import type { Decimal } from "../../number";
import type { MethodWords } from "../contract/methodWords";
import type { StepsOf } from "../contract/wordbook";
import { listed, sentence } from "../numbers/line";
import { countOf, inText, placesName } from "../numbers/numberWords";

/** The words for the method itself. */
export const AREA_WORDS: MethodWords<"area"> = {
  name: "Area",
  about: "A rectangle with the factors pulled apart along its sides; each part a product, all added.",
  preferredBy:
    "Where the true value of every part is to be seen: it explains columns, and later brackets. Preferred for numbers of few digits.",
  refusals: {
    twoFactors: "takes two factors at a time, and here are more",
    manyParts: (most) => `takes numbers with ${most} digits other than zero at most`,
  },
};

/** The words for multiplying as an area. */
export const AREA_STEPS: StepsOf<AreaReason> = {
  partAlong: (reason, house) => {
    const write = (numeral: Decimal): string => inText(numeral, house);
    const parts = listed(reason.parts.map((part) => `*${write(part)}*`));
    return {
      say: `Pull *${write(reason.numeral)}* apart ${reason.side === "top" ? "along the top" : "down the left side"}: ${parts}.`,
      why: "A rectangle's area is one side times the other. Each digit gets a stretch of the side with its true value.",
      ask: `What is each digit of ${write(reason.numeral)} worth?`,
    };
  },
  areaProduct: (reason, house) => {
    const write = (numeral: Decimal): string => inText(numeral, house);
    const { across, down, product, made, place } = reason;
    return {
      say: `${write(down.numeral)} times ${write(across.numeral)} is *${write(product)}*.`,
      why: sentence(
        `${down.digit} times ${across.digit} is ${made}. ${sentence(placesName(across.place, house))} times ${placesName(down.place, house)} count ${placesName(place, house)}: ${countOf(made, place, house)}.`,
      ),
      ask: `What is ${write(down.numeral)} times ${write(across.numeral)}?`,
    };
  },
  pileUp: (reason, house) => ({
    say:
      reason.products.length > 1
        ? `Write the *${reason.products.length} parts* under one another, ${house.decimalMark} on the plumb line, and add.`
        : "There is just *one part*: it is the product.",
    why: "The parts cover the whole rectangle, and none of it twice: together they are the product.",
    ask: "What do the parts make together?",
  }),
};
