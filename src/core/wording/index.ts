export { CHAIN_BOOK } from "./chains/chainBook";
export { estimateLine, guessWords } from "./checks/checkWords";
export { pictureWords } from "./checks/pictureWords";
export { stageName } from "./checks/stageWords";
export { type AnyMethodWords, refusalSentence } from "./contract/methodWords";
export { methodWordsFrom, type Wordbook, wordsFrom } from "./contract/wordbook";
export { LIKELIHOOD_WORDS, slipDidWords, slipNameWords } from "./errorPatterns/slipAboutWords";
export { patternWords } from "./errorPatterns/wordsOfPatterns";
export {
  didWords,
  FOLLOWS,
  notNearWords,
  remedyWords,
  saysDone,
  undoneWords,
  writtenWords,
  wrongStepWords,
} from "./errorPatterns/wrongSteps";
export { FRACTION_BOOK } from "./fractions/fractionBook";
export {
  houseRefusalWords,
  ownCurrencyErrorWords,
  SWITCH_GROUPS,
  SWITCH_WORDS,
  settingWords,
} from "./house/houseWords";
export { PRESET_WORDS } from "./house/presetWords";
export { MEASURE_BOOK } from "./measures/measureBook";
export { MENTAL_BOOK } from "./mental/mentalBook";
export { MONEY_BOOK } from "./money/moneyBook";
export { plain, type StepWords, stretches } from "./numbers/line";
export { placesName } from "./numbers/numberWords";
export { PRODUCT_BOOK } from "./productBook";
export { QUANTITY_BOOK } from "./quantities/quantityBook";
export { NO_LETTERS, PRINT_WORDS } from "./sheets/printWords";
export {
  NO_NOTCH,
  NO_RUNG_FOR,
  NO_SKILL,
  NO_STRAND,
  NO_TRAIT,
  NO_TWIN,
  NOTHING_FITS,
  recipeRefusalWords,
  SOUND_NAME,
} from "./sheets/sheetWords";
export { SKILL_NAMES, STRAND_NAMES } from "./sheets/skillWords";
export { TRAIT_NAMES } from "./sheets/traitWords";
export { type ReadingTold, storyOfReadings } from "./shop/readingStory";
export { INSTRUMENT_NAMES, positionWords, READING_ERROR_WORDS, TOOL_NAMES } from "./shop/shopWords";
export { SIGNED_BOOK } from "./signed/signedBook";
export { answerInWords } from "./squares/answerSteps";
export { methodWords, stepWords } from "./stepWords";
export { OWN_FORM_NAMES, OWN_LINE_NAME, ownRefusalWords } from "./stories/ownStoryWords";
export { STOCK_HEADS } from "./stories/stockWords";
export { type StageMark, stageMarks } from "./stories/storyMarkWords";
export { STORY_NAMES } from "./stories/storyNames";
export { OTHER_FRAMES, STORY_PATTERN_WORDS, STRUCTURE_HINTS } from "./stories/storyPatternWords";
export { NO_STORY, STORY_WORDS } from "./stories/storyWords";
export { type WordedWork, wordedWork } from "./stories/storyWorkWords";
export { STRUCTURE_NAMES } from "./stories/structureNames";
export { onTheClock, type StoryStretch, wordedStory } from "./stories/wordedStory";
export { WORKSHOP } from "./stories/workshop";
export { SUM_BOOK } from "./sumBook";
export { FORM_FAULT_WORDS, givenErrorWords } from "./turn/markingWords";
export { readErrorWords } from "./turn/readErrorWords";
export {
  asideWords,
  carriesWords,
  FOLLOWS_ON,
  faultAsk,
  faultWords,
  nextMarkWords,
  OWN_WAY,
  soFarWords,
  squareWords,
  standingWords,
  whereWords,
} from "./turn/turnWords";
