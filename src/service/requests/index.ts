export {
  type ExplainedJson,
  type ExplanationJson,
  explainedRequested,
  explainRequested,
} from "./explain";
export { type OwnSamples, ownSheet, samplesOfOwnRung } from "./sheets/ownRung";
export { MOST_PROBED, type NextProbe, nextProbe, type ProbeShown, probeRequested } from "./sheets/probe";
export { drawnFor, sheetLines, sheetRequested, skillsListed, skillsShown } from "./sheets/sheet";
export { type RowResult, rowsRequested, type ShownRow } from "./sheets/sheetRows";
export { type OwnStoryShown, workOwnStory } from "./stories/ownStory";
export {
  type ShownStory,
  storiesListed,
  storiesRequested,
  storyDrawnAgain,
  storyShown,
} from "./stories/stories";
export {
  accountForStories,
  type StoryAccounts,
  type StoryAccountsRequest,
  storyProbeShown,
} from "./stories/storyAccounts";
export type { BarPart, StoryPicture } from "./stories/storyPicture";
export { markStoryWork, type StoryWorkMarked, storyRecord } from "./stories/storyWork";
export { MOST_TWINS, twinsRequested } from "./twins";
export {
  methodsRequested,
  workJson,
  workLine,
  workRequested,
} from "./work";
