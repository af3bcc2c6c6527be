export { type ExplainedJson, explainedRequested, explainRequested } from "./explain";
export { type OwnSamples, ownSamples, ownSheet } from "./sheets/ownRung";
export { MOST_PROBED, type NextProbe, nextProbe, type ProbeShown, probeRequested } from "./sheets/probe";
export { drawnFor, sheetLines, sheetRequested, skillsListed, skillsShown } from "./sheets/sheet";
export { type RowResult, rowsRequested, type ShownRow } from "./sheets/sheetRows";
export { type OwnStoryShown, ownStoryShown } from "./stories/ownStory";
export {
  type ShownStory,
  storiesListed,
  storiesRequested,
  storyDrawnAgain,
  storyShown,
} from "./stories/stories";
export {
  type StoryAccounts,
  type StoryAccountsRequest,
  storyAccounts,
  storyProbeShown,
} from "./stories/storyAccounts";
export type { BarPart, StoryPicture } from "./stories/storyPicture";
export { type StoryWorkMarked, storyRecord, storyWorkMarked } from "./stories/storyWork";
export { MOST_TWINS, twinsRequested } from "./twins";
export {
  methodsRequested,
  workJson,
  workLine,
  workRequested,
} from "./work";
