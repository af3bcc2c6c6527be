export { answerInWords } from "./answerWords";
export { estimateLine, guessWords } from "./checkWords";
export { houseRefusalWords, PRESET_WORDS, SWITCH_GROUPS, SWITCH_WORDS, settingWords } from "./houseWords";
export { plain, type StepWords, stretches } from "./line";
export { METHOD_WORDS, refusalWords, stageName } from "./methodWords";
export { placesName } from "./numberWords";
export { pictureWords } from "./pictureWords";
export { readErrorWords } from "./readErrorWords";
export { stepWords } from "./stepWords";
