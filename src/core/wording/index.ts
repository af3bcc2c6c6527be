export { answerInWords } from "./answerWords";
export { CHAIN_BOOK } from "./chainWords";
export { estimateLine, guessWords } from "./checkWords";
export { DECIMAL_BOOK } from "./decimalStepWords";
export { FRACTION_BOOK } from "./fractionWords";
export {
  houseRefusalWords,
  ownCurrencyErrorWords,
  SWITCH_GROUPS,
  SWITCH_WORDS,
  settingWords,
} from "./houseWords";
export { listed, plain, type StepWords, sentence, stretches } from "./line";
export { FORM_FAULT_WORDS, givenErrorWords } from "./markingWords";
export { MEASURE_BOOK } from "./measureWords";
export { METHOD_ABOUTS } from "./methodAbouts";
export { METHOD_NAMES } from "./methodNames";
export { METHOD_PREFERENCES } from "./methodPreferences";
export { refusalWords, stageName } from "./methodWords";
export { MONEY_BOOK } from "./moneyWords";
export { placesName } from "./numberWords";
export { pictureWords } from "./pictureWords";
export { PRESET_WORDS } from "./presetWords";
export {} from "./quantityWords";
export { readErrorWords } from "./readErrorWords";
export { SIGNED_BOOK } from "./signedWords";
export { stepWords } from "./stepWords";
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
} from "./turnWords";
export { type Wordbook, wordsFrom } from "./wordbook";
