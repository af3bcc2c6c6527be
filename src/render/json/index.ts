export { type ExplainedJson, explainedRequested, explainRequested } from "./explainJson";
export { type OwnSamples, ownSamples, ownSheet } from "./ownRungJson";
export { type OwnStoryShown, ownStoryShown } from "./ownStoryJson";
export { MOST_PROBED, type NextProbe, nextProbe, type ProbeShown, probeRequested } from "./probeJson";
export { drawnFor, sheetLines, sheetRequested, skillsListed, skillsShown } from "./sheetJson";
export { type RowResult, rowsRequested, type ShownRow } from "./sheetRows";
export {
  type ShownStory,
  storiesListed,
  storiesRequested,
  storyDrawnAgain,
  storyShown,
} from "./storyJson";
export type { BarPart, StoryPicture } from "./storyPicture";
export {
  type StoryAccounts,
  type StoryAccountsRequest,
  storyAccounts,
  storyProbeShown,
} from "./storyProbeJson";
export { type StoryWorkMarked, storyRecord, storyWorkMarked } from "./storyWorkJson";
export { MOST_TWINS, twinsRequested } from "./twinsJson";
export {
  methodsRequested,
  type ProgramError,
  workJson,
  workLine,
  workRequested,
} from "./workJson";
