import type { HouseRules } from "../../house";
import type { LatticeReason, Reason } from "../../methods";
import type { MethodWords } from "../contract/methodWords";
import type { StepsOf } from "../contract/wordbook";
import { countedBy } from "../numbers/counted";
import { listed, type StepWords, sentence } from "../numbers/line";
import { countedAt, inText, numeralWords } from "../numbers/numberWords";
import { arrivedCarry, carriedOn } from "../numbers/terms";

/** The words for the method itself. */
export const LATTICE_WORDS: MethodWords<"lattice"> = {
  name: "Lattice",
  about: "A square for each two digits, cut by a diagonal; every product as two digits, the diagonals added.",
  preferredBy:
    "Where multiplying and adding are to be kept apart: no carry until the products are all there. Learners who lose their place in rows like it; the grid takes time to draw.",
  refusals: { twoFactors: "takes two factors at a time, and here are more" },
};

/** The words for multiplying in a lattice. */
export const LATTICE_STEPS: StepsOf<LatticeReason> = {
  writeAlongside: (reason, house) => {
    const mark = house.decimalMark;
    const written = inText(reason.numeral, house);
    const where = reason.side === "top" ? "along the top" : "down the right side";
    return {
      say: `Write *${written}* ${where}, a digit to a square.`,
      why: sentence(
        `${numeralWords(reason.numeral, house)}.${reason.numeral.fraction === "" ? "" : ` Its ${mark} stands between two digits, and waits.`}`,
      ),
      ask: `Where does ${written} go?`,
    };
  },
  drawLattice: (reason) => ({
    say: `Draw *${reason.across} by ${reason.down}* squares, each with a diagonal from its top right.`,
    why: "Each square belongs to one digit above and one beside it. The diagonals keep equal places together.",
    ask: "How many squares does the lattice need?",
  }),
  cellProduct: (reason, house) => {
    const { digit, by, tens, ones, place, byPlace } = reason;
    const made =
      house.narration === "short"
        ? `${by} times ${digit} is ${digit * by}`
        : `${countedAt(by, byPlace, house)} times ${countedAt(digit, place, house)} ${digit * by === 1 ? "makes" : "make"} ${countedAt(digit * by, place + byPlace, house)}`;
    return {
      say: `${made}: *${tens}* above the diagonal, *${ones}* below.`,
      why:
        tens === 0
          ? "A product below ten has a zero in front, so that every square holds two digits."
          : `${digit * by} is ${countedBy(tens, "ten", "tens")} and ${ones}: the ${tens === 1 ? "ten belongs" : "tens belong"} to the next diagonal.`,
      ask: `What is ${by} times ${digit}, and how is it written in the square?`,
    };
  },
  diagonalSum: diagonalWords,
  latticePoint: (reason, house) => {
    const mark = house.decimalMark;
    return {
      say: `The ${mark} from above comes down its line, the one from the right comes in along its own. Where they meet, it *slides down the diagonal*.`,
      why: reason.hidden
        ? `Where a factor is whole, its ${mark} hides behind its last digit, at the edge. The diagonal leaves as many places to its right as both factors have.`
        : "The diagonal that begins where the lines meet leaves as many places to its right as both factors have together.",
      ask: `Where do the two lines meet, and where does the diagonal lead?`,
    };
  },
  readLattice: (reason, house) => ({
    say: `Read down the left side and along the bottom: *${inText(reason.answer, house)}*.`,
    why: "The largest places came out at the top left, the smallest at the bottom right. Zeros in front are not read.",
    ask: "In which order are the digits read?",
  }),
};

function diagonalWords(
  { parts, carriedIn, total, written, carriedOut, nth, place }: Extract<Reason, { kind: "diagonalSum" }>,
  house: HouseRules,
): StepWords {
  const short = house.narration === "short";
  const counted = (count: number): string => (short ? String(count) : countedAt(count, place, house));
  const came = carriedIn > 0 ? [`the *${counted(carriedIn)}* ${arrivedCarry(house)}`] : [];
  const terms = [...parts.map((part) => `*${counted(part)}*`), ...came];
  const made = terms.length > 1 ? `${listed(terms)} make ${counted(total)}` : `Only ${terms.join("")}`;
  const where = house.carryTerm === "carry" ? "to" : "on";
  const onward = short
    ? carriedOn(carriedOut, house)
    : carriedOn(carriedOut, house, {
        made: countedAt(carriedOut * 10, place, house),
        carried: countedAt(carriedOut, place + 1, house),
      });
  const on = `${onward}${house.carryPlace === "unwritten" ? "" : ` ${where} the next diagonal`}`;
  return {
    say: `${made}: write *${written}*${carriedOut > 0 ? `, ${on}` : ""}.`,
    why:
      nth === 0
        ? "The last diagonal holds the smallest place: nothing else can reach it."
        : "Everything between two diagonals counts the same place.",
    ask: "What do the digits between these two diagonals make?",
  };
}
