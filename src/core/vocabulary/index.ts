export { CURRENCY_WORDS } from "./currencies";
export { ANSWER_WORDS, FORM_WORDS, inUnitsWords, LINE_WORDS, toPlaceWords } from "./lines";
export { GROUP_NAMES, ONES_TYPED, placeName } from "./places";
export { UNIT_WORDS } from "./units";
