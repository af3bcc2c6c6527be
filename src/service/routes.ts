import type { OwnKind } from "./kept/ownThing";

/** The part of an address that names a kind of a tutor's own things. */
const OWN_FOLDERS: Readonly<Record<OwnKind, string>> = {
  rung: "rungs",
  story: "stories",
  stockList: "stock",
};

/** Every address of the product, in one place. */
export const ROUTES = {
  today: "/",
  board: "/board",
  houseRules: "/house-rules",
  methods: "/methods",
  wrongWay: "/wrong-way",
  yourTurn: "/your-turn",
  sheets: "/sheets",
  sheet: (skill: string, seed = 1, count = 12): string =>
    `/sheets?skill=${encodeURIComponent(skill)}&seed=${seed}&count=${count}`,
  keptSheets: "/sheets/kept",
  keptSheet: (id: string): string => `/sheets/${encodeURIComponent(id)}`,
  keptSheetData: (id: string): string => `/api/sheets/${encodeURIComponent(id)}`,
  keptSheetListed: (id: string): string => `/api/sheets/${encodeURIComponent(id)}/listed`,
  keptSheetPdf: (id: string): string => `/api/sheets/${encodeURIComponent(id)}/pdf`,
  keptSheetFile: (id: string, format: string): string =>
    `/api/sheets/${encodeURIComponent(id)}/file?format=${format}`,
  sheetFromFile: "/api/sheets/import",
  ownRung: (from: { readonly skill?: string; readonly own?: string }): string =>
    `/sheets/rung?${new URLSearchParams(from)}`,
  ownSheet: (own: string): string => `/sheets?own=${encodeURIComponent(own)}`,
  /** The things of a tutor's own, each by itself. */
  ownThing: (kind: OwnKind, id: string): string => `/api/own/${OWN_FOLDERS[kind]}/${encodeURIComponent(id)}`,
  ownThingListed: (kind: OwnKind, id: string): string =>
    `/api/own/${OWN_FOLDERS[kind]}/${encodeURIComponent(id)}/listed`,
  ownSamples: "/api/sheets/rungs/samples",
  stories: "/stories",
  story: (kind: string, seed = 1): string => `/stories?kind=${encodeURIComponent(kind)}&seed=${seed}`,
  yourStory: "/stories/turn",
  storyTurn: (kind: string, seed: number, learner = ""): string =>
    `/stories/turn?kind=${encodeURIComponent(kind)}&seed=${seed}${learner === "" ? "" : `&learner=${encodeURIComponent(learner)}`}`,
  ownStory: (from?: { readonly kind: string; readonly seed: number }): string =>
    from === undefined
      ? "/stories/own"
      : `/stories/own?kind=${encodeURIComponent(from.kind)}&seed=${from.seed}`,
  storyOf: (text: string, form: string): string =>
    `/stories/own?text=${encodeURIComponent(text)}&form=${encodeURIComponent(form)}`,
  workOwnStory: "/api/stories/own",
  keptStories: "/api/own/stories",
  storyProbe: (seed = 1): string => `/stories/probe?seed=${seed}`,
  storyAccounts: "/api/stories/accounts",
  stockLists: "/stories/stock",
  stockUsed: "/api/own/stock/used",
  markStory: "/api/stories/mark",
  shop: (tool?: string): string => (tool === undefined ? "/shop" : `/shop?tool=${tool}`),
  sheetRows: "/api/sheets/rows",
  probe: (strand: string): string => `/sheets/probe?strand=${encodeURIComponent(strand)}`,
  /** A fresh sheet on the skills that some patterns show in. */
  sheetFor: (patterns: readonly string[]): string => `/sheets?patterns=${patterns.join(",")}`,
  probeFor: (patterns: readonly string[]): string => `/sheets/probe?patterns=${patterns.join(",")}`,
  probeNext: "/api/probes/next",
  markSheet: "/api/sheets/marking",
  marking: "/marking",
  learners: "/learners",
  safeKeeping: "/safe-keeping",
  licences: "/licences",
  signIn: "/sign-in",
  signOut: "/sign-out",
  signOutEverywhere: "/sign-out?everywhere",
  markingSheet: (id: string): string => `/marking?sheet=${encodeURIComponent(id)}`,
  learner: (id: string): string => `/learners/${encodeURIComponent(id)}`,
  keepSheet: (id: string): string => `/api/marking/${encodeURIComponent(id)}`,
  sheetNews: (id: string, since: number): string => `/api/marking/${encodeURIComponent(id)}?since=${since}`,
  markWaiting: (id: string): string => `/api/marking/${encodeURIComponent(id)}/mark`,
  sheetListed: (id: string): string => `/api/marking/${encodeURIComponent(id)}/listed`,
  sheetSummary: (id: string, learner: string): string =>
    `/api/marking/${encodeURIComponent(id)}/summary?learner=${encodeURIComponent(learner)}`,
  explain: "/api/explain",
  twins: "/api/twins",
  handIn: "/api/hand-in",
  keptBoard: (id: string): string => `/api/boards/${encodeURIComponent(id)}`,
  aboutBoard: (id: string): string => `/api/boards/${encodeURIComponent(id)}/about`,
  addLearner: "/api/learners",
  aboutLearner: (id: string): string => `/api/learners/${encodeURIComponent(id)}`,
  house: "/api/house",
  houseSamples: "/api/house/samples",
  view: "/api/view",
  changes: "/api/changes",
  backUp: "/api/safe-keeping/backup",
  restore: "/api/safe-keeping/restore",
  importFile: "/api/safe-keeping/import",
  exportFile: "/api/safe-keeping/export",
  check: "/api/safe-keeping/check",
  setAside: (table: string, id: string): string =>
    `/api/safe-keeping/set-aside?table=${encodeURIComponent(table)}&id=${encodeURIComponent(id)}`,
} as const;
