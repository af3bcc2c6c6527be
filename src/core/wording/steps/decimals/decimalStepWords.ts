import type { CheckReason } from "../../../checks";
import type { HouseRules } from "../../../house";
import type { DecimalReason } from "../../../methods";
import { checkWords } from "../../judging/checkWords";
import type { StepWords } from "../../numbers/line";
import { wordbook } from "../wordbook";
import { columnSumWords } from "./additionWords";
import { answerWords } from "./answerWords";
import { differenceWords, exchangeWords } from "./decompositionWords";
import { divisionEndWords, divisionWords } from "./divisionWords";
import { countingWords, expandedWords } from "./expandedWords";
import { areaWords, latticeWords } from "./latticeWords";
import { addTenToBothWords, differenceWithOwedWords, makeUpWords } from "./paymentWords";
import { productWords } from "./productWords";
import { settingOutWords } from "./settingOutWords";
import { inLineWords, shiftWords } from "./shiftWords";
import { taskWords } from "./taskWords";

/** What is said about a step of a working with decimals, or of a check. A reason without words does not compile. */
function decimalStepWords(reason: DecimalReason | CheckReason, house: HouseRules): StepWords {
  switch (reason.kind) {
    case "swapForBelowZero":
    case "writeOperand":
    case "hiddenPoint":
    case "fillers":
    case "drawRule":
    case "placePoint":
      return settingOutWords(reason, house);
    case "columnSum":
      return columnSumWords(reason, house);
    case "exchange":
      return exchangeWords(reason, house);
    case "difference":
      return differenceWords(reason, house);
    case "addTenToBoth":
      return addTenToBothWords(reason, house);
    case "differenceWithOwed":
      return differenceWithOwedWords(reason, house);
    case "makeUp":
      return makeUpWords(reason, house);
    case "pullApart":
    case "expandedRule":
    case "pushTogether":
    case "partSum":
    case "partExchange":
    case "partDifference":
      return expandedWords(reason, house);
    case "startCounting":
    case "hopUp":
    case "addHops":
      return countingWords(reason, house);
    case "writeFactor":
    case "nextFactor":
    case "openRow":
    case "zeroRow":
    case "digitProduct":
    case "addRows":
    case "countPlaces":
    case "padProduct":
    case "pointByCounting":
      return productWords(reason, house);
    case "writeMultiplicand":
    case "writeMultiplier":
    case "pointInLine":
    case "splitMultiplier":
    case "zerosFirst":
      return inLineWords(reason, house);
    case "writeAlongside":
    case "drawLattice":
    case "cellProduct":
    case "diagonalSum":
    case "latticePoint":
    case "readLattice":
      return latticeWords(reason, house);
    case "partAlong":
    case "areaProduct":
    case "pileUp":
      return areaWords(reason, house);
    case "writeToShift":
    case "shiftDigits":
    case "shiftFillers":
      return shiftWords(reason, house);
    case "scaleBoth":
    case "writeDivision":
    case "quotientPoint":
    case "takePart":
    case "howMany":
    case "multiplyBack":
    case "subtractBack":
    case "bringDown":
    case "shareInHead":
      return divisionWords(reason, house);
    case "remainderLeft":
    case "remainderShared":
    case "simplifyPart":
    case "repetendFound":
    case "goesOnTooLong":
    case "readQuotient":
      return divisionEndWords(reason, house);
    case "writeToRound":
    case "ringPlace":
    case "lookRight":
    case "writeToCompare":
    case "comparingFillers":
    case "comparePlace":
    case "writeRelation":
      return taskWords(reason, house);
    case "dropZeros":
    case "fillPlaces":
    case "roundAnswer":
    case "signBelowZero":
    case "nameAnswer":
      return answerWords(reason, house);
    case "estimate":
    case "compareWithEstimate":
    case "inverse":
    case "otherMethod":
    case "neighbours":
    case "bySubtracting":
    case "signOfProduct":
    case "signOfSum":
    case "unitSense":
    case "topsAndBottoms":
      return checkWords(reason, house);
  }
}

export const DECIMAL_BOOK = wordbook(
  {
    swapForBelowZero: true,
    writeOperand: true,
    hiddenPoint: true,
    fillers: true,
    drawRule: true,
    placePoint: true,
    columnSum: true,
    exchange: true,
    difference: true,
    addTenToBoth: true,
    differenceWithOwed: true,
    makeUp: true,
    pullApart: true,
    expandedRule: true,
    pushTogether: true,
    partSum: true,
    partExchange: true,
    partDifference: true,
    startCounting: true,
    hopUp: true,
    addHops: true,
    writeFactor: true,
    nextFactor: true,
    openRow: true,
    zeroRow: true,
    digitProduct: true,
    addRows: true,
    countPlaces: true,
    padProduct: true,
    pointByCounting: true,
    writeMultiplicand: true,
    writeMultiplier: true,
    pointInLine: true,
    splitMultiplier: true,
    zerosFirst: true,
    writeAlongside: true,
    drawLattice: true,
    cellProduct: true,
    diagonalSum: true,
    latticePoint: true,
    readLattice: true,
    partAlong: true,
    areaProduct: true,
    pileUp: true,
    writeToShift: true,
    shiftDigits: true,
    shiftFillers: true,
    scaleBoth: true,
    writeDivision: true,
    quotientPoint: true,
    takePart: true,
    howMany: true,
    multiplyBack: true,
    subtractBack: true,
    bringDown: true,
    shareInHead: true,
    remainderLeft: true,
    remainderShared: true,
    simplifyPart: true,
    repetendFound: true,
    goesOnTooLong: true,
    readQuotient: true,
    writeToRound: true,
    ringPlace: true,
    lookRight: true,
    writeToCompare: true,
    comparingFillers: true,
    comparePlace: true,
    writeRelation: true,
    dropZeros: true,
    fillPlaces: true,
    roundAnswer: true,
    signBelowZero: true,
    nameAnswer: true,
    estimate: true,
    compareWithEstimate: true,
    inverse: true,
    otherMethod: true,
    neighbours: true,
    bySubtracting: true,
    signOfProduct: true,
    signOfSum: true,
    unitSense: true,
    topsAndBottoms: true,
  } satisfies Record<DecimalReason["kind"] | CheckReason["kind"], true>,
  decimalStepWords,
);
