import type { Decimal } from "../number";
import { asText } from "./asText";
import type { ClaimsTable, Known } from "./claimsTable";
import { below, right, same, size, valueOfQuantity } from "./ratio";

/** Whether a number is one of those of the problem, which a page by the way may have none of. */
const isGiven = (numeral: Decimal, { operands }: Known): boolean =>
  operands.length === 0 ||
  operands.some((one) => same(size(valueOfQuantity(one)), size(valueOfQuantity(numeral))));

/** Claims about what is set down before the work, and after it. Most of it writes what the problem says. */
export const SETTING_OUT_CLAIMS = {
  swapForBelowZero: (reason) => [
    !below(size(valueOfQuantity(reason.larger)), size(valueOfQuantity(reason.smaller))),
  ],
  writeOperand: (reason, known) => [isGiven(reason.numeral, known)],
  hiddenPoint: (reason, known) => [reason.numeral.fraction === "", isGiven(reason.numeral, known)],
  fillers: (reason) => [reason.places > 0],
  drawRule: "states no arithmetic",
  placePoint: "states no arithmetic",
  signBelowZero: (reason, { problem }) => [
    reason.answer.negative,
    same(valueOfQuantity(reason.answer), right(problem)),
  ],
  // The answer of the whole working is held by itself, against another library: what is named has to be just that.
  nameAnswer: (reason, { answer }) => [answer === undefined || asText(reason.answer) === asText(answer)],
  expandedRule: "states no arithmetic",
  startCounting: (reason, known) => [
    !below(valueOfQuantity(reason.to), valueOfQuantity(reason.from)),
    isGiven(reason.from, known),
    isGiven(reason.to, known),
  ],
  writeFactor: (reason, known) => [isGiven(reason.numeral, known)],
  nextFactor: (reason) => [/^\d+$/.test(reason.product)],
  writeMultiplicand: (reason, known) => [isGiven(reason.numeral, known)],
  writeMultiplier: "states no arithmetic",
  pointInLine: "states no arithmetic",
  writeAlongside: (reason, known) => [isGiven(reason.numeral, known)],
  drawLattice: (reason) => [reason.across > 0, reason.down > 0],
  writeToShift: (reason, known) => [isGiven(reason.numeral, known), isGiven(reason.by, known)],
  writeDivision: "states no arithmetic",
  quotientPoint: "states no arithmetic",
  writeForChunks: "states no arithmetic",
  writeToRound: (reason, known) => [isGiven(reason.numeral, known)],
  writeToCompare: (reason, known) => [isGiven(reason.numeral, known)],
  comparingFillers: (reason) => [reason.places > 0],
  writeFractions: "states no arithmetic",
  writeSigned: "states no arithmetic",
  sizesApart: "states no arithmetic",
  nextTwo: "states no arithmetic",
  writeAmounts: "states no arithmetic",
  amountsAsDecimals: "states no arithmetic",
  minorProblem: "states no arithmetic",
  writeMeasures: "states no arithmetic",
  unitHeads: "states no arithmetic",
  writeUnitRow: "states no arithmetic",
  unitRule: "states no arithmetic",
  oneUnitProblem: "states no arithmetic",
  writeQuantities: "states no arithmetic",
  compareNumbers: "states no arithmetic",
  writeChain: "states no arithmetic",
  writeToCompensate: "states no arithmetic",
} satisfies Partial<ClaimsTable>;
