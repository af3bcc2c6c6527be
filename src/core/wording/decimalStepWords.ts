import type { CheckReason } from "../checks";
import type { HouseRules } from "../house";
import type { DecimalReason } from "../methods";
import { columnSumWords } from "./additionWords";
import { answerWords } from "./answerWords";
import { checkWords } from "./checkWords";
import { differenceWords, exchangeWords } from "./decompositionWords";
import { divisionEndWords, divisionWords } from "./divisionWords";
import { countingWords, expandedWords } from "./expandedWords";
import { areaWords, latticeWords } from "./latticeWords";
import type { StepWords } from "./line";
import { addTenToBothWords, differenceWithOwedWords, makeUpWords } from "./paymentWords";
import { productWords } from "./productWords";
import { settingOutWords } from "./settingOutWords";
import { inLineWords, shiftWords } from "./shiftWords";
import { taskWords } from "./taskWords";

/** What is said about a step of a working with decimals, or of a check. A reason without words does not compile. */
export function decimalStepWords(reason: DecimalReason | CheckReason, house: HouseRules): StepWords {
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
    case "blockFound":
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
      return checkWords(reason, house);
  }
}
