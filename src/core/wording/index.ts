export {
  houseRefusalWords,
  ownCurrencyErrorWords,
  SWITCH_GROUPS,
  SWITCH_WORDS,
  settingWords,
} from "./house/houseWords";
export { PRESET_WORDS } from "./house/presetWords";
export { estimateLine, guessWords } from "./judging/checkWords";
export { FORM_FAULT_WORDS, givenErrorWords } from "./judging/markingWords";
export { pictureWords } from "./judging/pictureWords";
export { readErrorWords } from "./judging/readErrorWords";
export {
  carriesWords,
  FOLLOWS_ON,
  jumpWords,
  misplacedWords,
  nextMarkWords,
  outOfLineWords,
  soFarWords,
  squareWords,
  whereWords,
  wrongMarkWords,
} from "./judging/turnWords";
export { METHOD_ABOUTS } from "./methods/methodAbouts";
export { METHOD_NAMES } from "./methods/methodNames";
export { METHOD_PREFERENCES } from "./methods/methodPreferences";
export { refusalWords, stageName } from "./methods/methodWords";
export { listed, plain, type StepWords, sentence, stretches } from "./numbers/line";
export { placesName } from "./numbers/numberWords";
export {} from "./numbers/quantityWords";
export { CHAIN_BOOK } from "./steps/chainWords";
export { answerInWords } from "./steps/decimals/answerWords";
export { DECIMAL_BOOK } from "./steps/decimals/decimalStepWords";
export { FRACTION_BOOK } from "./steps/fractionWords";
export { MEASURE_BOOK } from "./steps/measureWords";
export { MONEY_BOOK } from "./steps/moneyWords";
export { SIGNED_BOOK } from "./steps/signedWords";
export { stepWords } from "./steps/stepWords";
export { type Wordbook, wordsFrom } from "./steps/wordbook";
