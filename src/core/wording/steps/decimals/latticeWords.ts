import type { HouseRules } from "../../../house";
import type { Reason } from "../../../methods";
import type { Decimal } from "../../../number";
import { listed, type StepWords, sentence } from "../../numbers/line";
import { countOf, inText, numeralWords, placesName } from "../../numbers/numberWords";
import { ARRIVED } from "../../numbers/terms";

type LatticeReason = Extract<
  Reason,
  { kind: "writeAlongside" | "drawLattice" | "cellProduct" | "diagonalSum" | "latticePoint" | "readLattice" }
>;

/** The words for multiplying in a lattice. */
export function latticeWords(reason: LatticeReason, house: HouseRules): StepWords {
  const mark = house.decimalMark;
  switch (reason.kind) {
    case "writeAlongside": {
      const written = inText(reason.numeral, house);
      const where = reason.side === "top" ? "along the top" : "down the right side";
      return {
        say: `Write *${written}* ${where}, a digit to a square.`,
        why: `${sentence(numeralWords(reason.numeral, house))}. Its ${mark} stands between two digits, and waits.`,
        ask: `Where does ${written} go?`,
      };
    }
    case "drawLattice":
      return {
        say: `Draw *${reason.across} by ${reason.down}* squares, each with a diagonal from its top right.`,
        why: "Each square belongs to one digit above and one beside it. The diagonals keep equal places together.",
        ask: "How many squares does the lattice need?",
      };
    case "cellProduct": {
      const { digit, by, tens, ones } = reason;
      return {
        say: `${by} times ${digit} is ${digit * by}: *${tens}* above the diagonal, *${ones}* below.`,
        why:
          tens === 0
            ? "A product below ten has a zero in front, so that every square holds two digits."
            : `${digit * by} is ${tens} tens and ${ones}: the ten belongs to the next diagonal.`,
        ask: `What is ${by} times ${digit}, and how is it written in the square?`,
      };
    }
    case "diagonalSum":
      return diagonalWords(reason, house);
    case "latticePoint":
      return {
        say: `The ${mark} from above comes down its line, the one from the right comes in along its own. Where they meet, it *slides down the diagonal*.`,
        why: reason.hidden
          ? `Where a factor is whole, its ${mark} hides behind its last digit, at the edge. The diagonal leaves as many places to its right as both factors have.`
          : "The diagonal that begins where the lines meet leaves as many places to its right as both factors have together.",
        ask: `Where do the two lines meet, and where does the diagonal lead?`,
      };
    case "readLattice":
      return {
        say: `Read down the left side and along the bottom: *${inText(reason.answer, house)}*.`,
        why: "The largest places came out at the top left, the smallest at the bottom right. Zeros in front are not read.",
        ask: "In which order are the digits read?",
      };
  }
}

function diagonalWords(
  { parts, carriedIn, total, written, carriedOut, nth }: Extract<Reason, { kind: "diagonalSum" }>,
  house: HouseRules,
): StepWords {
  const arrived = carriedIn > 0 ? [`the *${carriedIn}* ${ARRIVED[house.carryTerm]}`] : [];
  const terms = [...parts.map((part) => `*${part}*`), ...arrived];
  const made = terms.length > 1 ? `${listed(terms)} make ${total}` : `Only ${terms.join("")}`;
  const on =
    house.carryPlace === "unwritten"
      ? `keep *${carriedOut}* in mind`
      : `${house.carryTerm} *${carriedOut}* to the next diagonal`;
  return {
    say: `${made}: write *${written}*${carriedOut > 0 ? `, ${on}` : ""}.`,
    why:
      nth === 0
        ? "The last diagonal holds the smallest place: nothing else can reach it."
        : "Everything between two diagonals counts the same place.",
    ask: "What do the digits between these two diagonals make?",
  };
}

type AreaReason = Extract<Reason, { kind: "partAlong" | "areaProduct" | "pileUp" }>;

/** The words for multiplying as an area. */
export function areaWords(reason: AreaReason, house: HouseRules): StepWords {
  const write = (numeral: Decimal): string => inText(numeral, house);
  switch (reason.kind) {
    case "partAlong": {
      const parts = listed(reason.parts.map((part) => `*${write(part)}*`));
      return {
        say: `Pull *${write(reason.numeral)}* apart ${reason.side === "top" ? "along the top" : "down the left side"}: ${parts}.`,
        why: "A rectangle's area is one side times the other. Each digit gets a stretch of the side with its true value.",
        ask: `What is each digit of ${write(reason.numeral)} worth?`,
      };
    }
    case "areaProduct": {
      const { across, down, product, made, place } = reason;
      return {
        say: `${write(down.numeral)} times ${write(across.numeral)} is *${write(product)}*.`,
        why: sentence(
          `${down.digit} times ${across.digit} is ${made}. ${sentence(placesName(across.place, house))} times ${placesName(down.place, house)} count ${placesName(place, house)}: ${countOf(made, place, house)}.`,
        ),
        ask: `What is ${write(down.numeral)} times ${write(across.numeral)}?`,
      };
    }
    case "pileUp":
      return {
        say:
          reason.products.length > 1
            ? `Write the *${reason.products.length} parts* under one another, ${house.decimalMark} on the plumb line, and add.`
            : "There is just *one part*: it is the product.",
        why: "The parts cover the whole rectangle, and none of it twice: together they are the product.",
        ask: "What do the parts make together?",
      };
  }
}
