export { type ExplainedJson, explainedRequested, explainRequested } from "./explain";
export { type OwnSamples, ownSheet, samplesOfOwnRung as ownSamples } from "./sheets/ownRung";
export { MOST_PROBED, type NextProbe, nextProbe, type ProbeShown, probeRequested } from "./sheets/probe";
export { drawnFor, sheetLines, sheetRequested, skillsListed, skillsShown } from "./sheets/sheet";
export { type RowResult, rowsRequested, type ShownRow } from "./sheets/sheetRows";
export { type OwnStoryShown, workOwnStory as ownStoryShown } from "./stories/ownStory";
export {
  type ShownStory,
  storiesListed,
  storiesRequested,
  storyDrawnAgain,
  storyShown,
} from "./stories/stories";
export {
  accountForStories as storyAccounts,
  type StoryAccounts,
  type StoryAccountsRequest,
  storyProbeShown,
} from "./stories/storyAccounts";
export type { BarPart, StoryPicture } from "./stories/storyPicture";
export { markStoryWork as storyWorkMarked, type StoryWorkMarked, storyRecord } from "./stories/storyWork";
export { MOST_TWINS, twinsRequested } from "./twins";
export {
  methodsRequested,
  workJson,
  workLine,
  workRequested,
} from "./work";
