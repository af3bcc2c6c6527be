import type { RunReason } from "../checks";
import type { HouseRules } from "../house";
import { columnSumWords } from "./additionWords";
import { answerWords } from "./answerWords";
import { checkWords } from "./checkWords";
import { differenceWords, exchangeWords } from "./decompositionWords";
import type { StepWords } from "./line";
import { addTenToBothWords, differenceWithOwedWords, makeUpWords } from "./paymentWords";
import { settingOutWords } from "./settingOutWords";

/** The English wordbook: what is said about a step, by its reason and the house rules. A reason without words does not compile. */
export function stepWords(reason: RunReason, house: HouseRules): StepWords {
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
    case "dropZeros":
    case "signBelowZero":
    case "nameAnswer":
      return answerWords(reason, house);
    case "estimate":
    case "compareWithEstimate":
    case "inverse":
      return checkWords(reason, house);
  }
}
