/** The views that answers are read by, each loaded with those of its kind when one of them is first needed. */
const marking = () => import("@/service/views/marking");
const sheets = () => import("@/service/views/sheets");
const stories = () => import("@/service/views/stories");
const safeKeeping = () => import("@/service/views/safeKeeping");

export const VIEWS = {
  sheetNews: () => marking().then((views) => views.sheetNews),
  sheetKept: () => marking().then((views) => views.sheetKept),
  learnerSummary: () => marking().then((views) => views.learnerSummary),
  explained: () => marking().then((views) => views.explained),
  handedIn: () => marking().then((views) => views.handedIn),
  openedForMarking: () => marking().then((views) => views.openedForMarking),
  drawnRows: () => sheets().then((views) => views.drawnRows),
  ownSamples: () => sheets().then((views) => views.ownSamples),
  sheetFromFile: () => sheets().then((views) => views.sheetFromFile),
  twins: () => sheets().then((views) => views.twins),
  probed: () => sheets().then((views) => views.probed),
  ownStoryShown: () => stories().then((views) => views.ownStoryShown),
  ownStories: () => stories().then((views) => views.ownStoriesView),
  storyWorkMarked: () => stories().then((views) => views.storyWorkMarked),
  storyAccounts: () => stories().then((views) => views.storyAccounts),
  switchSamples: () => import("@/service/views/house").then((views) => views.switchSamplesView),
  putInPlace: () => safeKeeping().then((views) => views.putInPlaceView),
  backedUp: () => safeKeeping().then((views) => views.backedUp),
  soundness: () => safeKeeping().then((views) => views.soundness),
} as const;
