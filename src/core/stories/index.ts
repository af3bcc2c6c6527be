export {
  BAR_STEPS,
  barAdded,
  barSized,
  barTaken,
  type DrawnBars,
  structuresDrawn,
} from "./drawnBars";
export { coveringKinds, drawStories } from "./drawStories";
export {
  KINDS_ON_SHEETS,
  STORY_KINDS,
  type StoryKindId,
} from "./kinds";
export { STORY_PATTERN_IDS, STRUCTURES, type StoryPatternId, type Structure } from "./kinds/kind";
export { backThrough, operationsOf, type StoryOperation } from "./operations";
export {
  letterOf,
  OWN_FORMS,
  OWN_LINE,
  type OwnFormId,
  type OwnRefusal,
  ownWorked,
  templateIn,
  templateOf,
} from "./ownStory";
export {
  houseOfStock,
  MEASURES,
  type Measured,
  MOST_THINGS,
  type Plausible,
  type StockList,
  type Thing,
  UNIT_SYSTEMS,
  type UnitSystem,
} from "./stock/stock";
export {
  drawStory,
  namesMissing,
  type Story,
  type StoryNumber,
  type StoryWrong,
  wantedWhole,
  wrongLines,
} from "./story";
export { LONGEST_STORY, type StoryOfRow } from "./storyOfRow";
