import { asText } from "../asText";
import type { Decimal } from "../number";
import type { ClaimsTable, KnownBeside } from "./claimsTable";
import { below, right, same, size, valueOfQuantity } from "./ratio";

/** Whether a number is one of those of the problem, which a page by the way may have none of. */
const isGiven = (numeral: Decimal, { operands }: KnownBeside): boolean =>
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
  drawRule: "noArithmetic",
  placePoint: "noArithmetic",
  signBelowZero: (reason, { problem }) => [
    reason.answer.negative,
    same(valueOfQuantity(reason.answer), right(problem)),
  ],
  // The answer of the whole working is held by itself, against another library: what is named has to be just that.
  nameAnswer: (reason, { answer }) => [answer === undefined || asText(reason.answer) === asText(answer)],
  expandedRule: "noArithmetic",
  startCounting: (reason, known) => [
    !below(valueOfQuantity(reason.to), valueOfQuantity(reason.from)),
    isGiven(reason.from, known),
    isGiven(reason.to, known),
  ],
  writeFactor: (reason, known) => [isGiven(reason.numeral, known)],
  nextFactor: (reason) => [/^\d+$/.test(reason.product)],
  writeMultiplicand: (reason, known) => [isGiven(reason.numeral, known)],
  writeMultiplier: "noArithmetic",
  pointInLine: "noArithmetic",
  writeAlongside: (reason, known) => [isGiven(reason.numeral, known)],
  drawLattice: (reason) => [reason.across > 0, reason.down > 0],
  writeToShift: (reason, known) => [isGiven(reason.numeral, known), isGiven(reason.by, known)],
  writeDivision: "noArithmetic",
  quotientPoint: "noArithmetic",
  writeForChunks: "noArithmetic",
  writeToRound: (reason, known) => [isGiven(reason.numeral, known)],
  writeToCompare: (reason, known) => [isGiven(reason.numeral, known)],
  comparingFillers: (reason) => [reason.places > 0],
  writeFractions: "noArithmetic",
  writeSigned: "noArithmetic",
  sizesApart: "noArithmetic",
  nextTwo: "noArithmetic",
  writeAmounts: "noArithmetic",
  amountsAsDecimals: "noArithmetic",
  minorProblem: "noArithmetic",
  writeMeasures: "noArithmetic",
  unitHeads: "noArithmetic",
  writeUnitRow: "noArithmetic",
  unitRule: "noArithmetic",
  oneUnitProblem: "noArithmetic",
  writeQuantities: "noArithmetic",
  compareNumbers: "noArithmetic",
  writeChain: "noArithmetic",
  writeToCompensate: "noArithmetic",
} satisfies Partial<ClaimsTable>;
