import { unitColumns } from "../../methods";
import { asFraction } from "../../number";
import { type Answer, type MeasureProblem, operandsOf, type Problem, withOperands } from "../../problem";
import { type Measure, type Quantity, rateBetween } from "../../quantity";
import { isOneOrMore, mapOneOrMore } from "../../tuples";
import type { PatternAct, PatternsOf, Split } from "../errorPattern";
import { decidesIn } from "../otherwise";
import { decimalProblem, wholeFrom, wholeIn } from "../parts";
import { unpaid } from "../procedures/exchanges";

const inUnits = decidesIn(unitColumns);
const IN_UNITS = { methods: [unitColumns.id], rules: { unitRegrouping: "asYouGo" } } as const;

/** A whole number of one unit made of too many or too few of the next; a division must come out. */
const exchanges = (rate: (per: number) => number): Pick<PatternAct, "decides"> => ({
  decides: inUnits({ rate }),
});

/** An operation on compound measures. */
const isOf =
  (...ops: readonly MeasureProblem["op"][]) =>
  (problem: Problem): boolean =>
    problem.kind === "measures" && ops.includes(problem.op);

/** How many digits a count must have to hold its places, where it is one of tens, hundreds or thousands. */
function placesOf({ parts }: Measure, index: number): number {
  const [larger, smaller] = [parts[index - 1], parts[index]];
  const rate =
    larger === undefined || smaller === undefined ? undefined : rateBetween(larger.unit, smaller.unit);
  return rate === 1000n ? 3 : rate === 100n ? 2 : 0;
}

/** Counts joined to the larger unit without the noughts that hold places: 3 L 45 mL as 3.45 L. */
function withoutHolders(problem: Problem): Problem | undefined {
  if (problem.kind !== "measures") return undefined;
  let changed = false;
  const operands = operandsOf(problem).map((operand): Quantity => {
    if (operand.kind !== "measure") return operand;
    const parts = mapOneOrMore(operand.parts, (part, index) => {
      const places = placesOf(operand, index);
      const digits = part.count.whole.replace(/^0+/, "");
      if (places === 0 || digits === "" || digits.length >= places || part.count.fraction !== "") return part;
      changed = true;
      return { ...part, count: wholeFrom(digits.padEnd(places, "0")) };
    });
    return { ...operand, parts };
  });
  return changed ? withOperands(problem, operands) : undefined;
}

/** Each unit divided by itself, and what is left over dropped. */
function unitByUnit(problem: Problem): Split | undefined {
  if (problem.kind !== "measures" || problem.op !== "divide") return undefined;
  const [measure, by] = problem.operands;
  if (by.kind !== "decimal" || by.fraction !== "") return undefined;
  const { parts } = measure;
  if (parts.length < 2 || parts.some(({ count }) => count.fraction !== "")) return undefined;
  return {
    parts: parts.map(({ count }) => decimalProblem("divide", [count, by], { kind: "withRemainder" })),
    joins: (answers): Answer | undefined => {
      const counts = answers.flatMap((answer) => wholeIn(answer) ?? []);
      if (counts.length < parts.length) return undefined;
      const shares = parts.map(({ unit }, index) => ({ unit, count: wholeFrom(counts[index] ?? "0") }));
      const kept = shares.filter(({ count }) => asFraction(count).numerator > 0n);
      return isOneOrMore(kept) ? { ...measure, parts: kept } : undefined;
    },
  };
}

/** A division in which nothing is left over; any other operation. */
const comesOut = (problem: Problem): boolean => problem.kind === "measures" && problem.op !== "rewrite";

export const UNITS_PATTERNS: PatternsOf = [
  {
    id: "unit-tens-everywhere",
    name: "Every exchange is ten for one",
    does: "Column work in which small units (12, 16 or 3 to one) are exchanged at ten: carry one for each ten, borrow ten, or turn a remainder into tens. Reading 3 ft 7 in as 3.7 gives the same answers in +, − and × while the small counts have one digit.",
    shows: "lb/oz, ft/in, yd/ft with an exchange, or a total between ten and the true rate",
    example: ["8 lb 3 oz − 2 lb 9 oz", "5 lb 4 oz"],
    apart: "from unit-twelves-everywhere: the error grows by six ounces per exchange, not four",
    remedy: "write the rate above the column before starting",
    knownFrom: "Ashlock; classroom lore",
    common: 3,
    lookAlikes: [],
    ...IN_UNITS,
    needs: comesOut,
    ...exchanges((per) => (per === 12 || per === 16 || per === 3 ? 10 : per)),
  },
  {
    id: "unit-hundreds-everywhere",
    name: "Every exchange is a hundred for one",
    does: "Column work in which 60 or 1000 small units are exchanged at a hundred (5 h 20 treated as 520): carry one for each hundred, borrow one hundred, or turn a remainder into hundreds.",
    shows: "h/min with an exchange; L/mL and kg/g with an exchange",
    example: ["5 h 20 min − 2 h 45 min", "2 h 75 min"],
    apart: "from unit-carry-lost: the small unit is wrong as well",
    remedy: "clock face or time line; one hour drawn as sixty minutes",
    knownFrom: "Kamii & Russell (2012) for time; classroom lore",
    common: 3,
    lookAlikes: [],
    ...IN_UNITS,
    needs: comesOut,
    ...exchanges((per) => (per === 60 || per === 1000 ? 100 : per)),
  },
  {
    id: "unit-twelves-everywhere",
    name: "Twelve to one, whatever the unit",
    does: "The foot-and-inch rate 12 is used for pounds and ounces and for yards and feet.",
    shows: "lb/oz and yd/ft with an exchange, or a total between 12 and 16",
    example: ["3 lb 9 oz + 2 lb 8 oz", "6 lb 5 oz"],
    apart: "feet and inches are always right",
    remedy: "table of rates; weigh or picture 16 ounces",
    knownFrom: "classroom lore",
    common: 1,
    lookAlikes: [],
    ...IN_UNITS,
    needs: comesOut,
    ...exchanges((per) => (per === 16 || per === 3 ? 12 : per)),
  },
  {
    id: "unit-small-from-big",
    name: "The smaller count is taken from the larger, unit by unit",
    does: "Subtract each unit on its own, larger minus smaller; no exchange.",
    shows: "subtraction where a smaller unit is larger below",
    example: ["7 ft 3 in − 2 ft 8 in", "5 ft 5 in"],
    apart: "from unit-borrow-unpaid: they agree only when the counts differ by half the rate",
    remedy: "count up along a tape from 2 ft 8 in",
    knownFrom: "classroom lore (mixed-unit form of the digit habit in Brown & Burton 1978)",
    common: 1,
    lookAlikes: [],
    ...IN_UNITS,
    needs: isOf("subtract"),
    decides: inUnits({ fallsShort: () => false, leaves: (top, bottom) => Math.abs(top - bottom) }),
  },
  {
    id: "unit-borrow-unpaid",
    name: "The exchanged unit is never given up",
    does: "Add the right rate to the small unit, subtract, but leave the larger unit as it was.",
    shows: "subtraction needing an exchange",
    example: ["9 lb 4 oz − 3 lb 7 oz", "6 lb 13 oz"],
    apart: "exactly one large unit too much",
    remedy: "cross out the large unit at the moment of exchange",
    knownFrom: "classroom lore",
    common: 1,
    lookAlikes: [],
    ...IN_UNITS,
    needs: isOf("subtract"),
    decides: inUnits({ exchanges: unpaid }),
  },
  {
    id: "unit-carry-lost",
    name: "The small units are reduced, the whole is lost",
    does: "Total the small units, write what is left after removing full large units, and carry none of them.",
    shows: "addition or multiplication with an exchange",
    example: ["3 ft 8 in + 2 ft 7 in", "5 ft 3 in"],
    apart:
      "small unit right, large unit too small; from unit-carry-only-one: use a sum, where that one is right",
    remedy: "write the exchange as an equation: 15 in = 1 ft 3 in",
    knownFrom: "classroom lore",
    common: 1,
    lookAlikes: ["unit-only-big-multiplied"],
    ...IN_UNITS,
    needs: isOf("add", "multiply"),
    decides: inUnits({ carries: () => 0 }),
  },
  {
    id: "unit-carry-only-one",
    name: "One large unit carried, however many there are",
    does: "Reduce the small units correctly but carry 1 even when two or more large units were made.",
    shows: "multiplication, or several addends, making two or more large units",
    example: ["5 × 2 ft 7 in", "11 ft 11 in"],
    apart: "sums of two are right",
    remedy: "divide the total by the rate; the quotient is carried",
    knownFrom: "classroom lore",
    common: 1,
    lookAlikes: [],
    ...IN_UNITS,
    needs: isOf("add", "multiply"),
    decides: inUnits({ carries: (total, { rate }) => (total >= rate ? 1 : 0) }),
  },
  {
    id: "unit-only-big-multiplied",
    name: "Only the first unit is multiplied",
    does: "Multiply the largest unit; copy the smaller ones.",
    shows: "whole number × compound measure",
    example: ["3 × 2 ft 7 in", "6 ft 7 in"],
    apart: "small units unchanged",
    remedy: "lay three strips end to end",
    knownFrom: "classroom lore (partial distribution)",
    common: 1,
    lookAlikes: ["unit-carry-lost"],
    ...IN_UNITS,
    needs: isOf("multiply"),
    decides: inUnits({ times: (factor, index) => (index === 0 ? factor : 1) }),
  },
  {
    id: "unit-remainder-dropped",
    name: "Units divided separately, left-over large units forgotten",
    does: "Divide each unit by itself and drop every remainder; nothing is turned into smaller units; a unit that divides to 0 is not written.",
    shows: "division where a larger unit leaves a remainder",
    example: ["7 ft 6 in ÷ 3", "2 ft 2 in"],
    apart: "first unit right, the rest too small",
    remedy: "swap the left-over foot for 12 inches before going on",
    knownFrom: "classroom lore",
    common: 1,
    lookAlikes: [],
    splits: unitByUnit,
  },
  {
    id: "unit-place-not-held",
    name: "The missing zero between units",
    does: "Metric units are joined without place-holding zeros, so 3 L 45 mL is treated as 3.45 L (450 mL) and 2 m 5 cm as 2.5 m; then all is done right.",
    shows: "kg/g and L/mL with a small count under 100; m/cm under 10",
    example: ["3 L 45 mL + 980 mL", "4 L 430 mL"],
    apart: "full-length counts (3 L 450 mL) come out right",
    remedy: "column chart with three places for millilitres",
    knownFrom: "Ryan & Williams (2007) for the place-holding zero; classroom lore",
    common: 2,
    lookAlikes: [],
    reads: withoutHolders,
  },
];
