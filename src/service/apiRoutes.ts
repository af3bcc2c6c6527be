import type { OwnKind } from "./kept/ownThing";

/** The part of an address that names a kind of a tutor's own things. */
const OWN_FOLDERS: Readonly<Record<OwnKind, string>> = {
  rung: "rungs",
  story: "stories",
  stockList: "stock",
};

/** Every address at which something is asked for or kept, in one place; those of the pages are in `routes.ts`, since every page loads them. */
export const API_ROUTES = {
  keptSheetData: (id: string): string => `/api/sheets/${encodeURIComponent(id)}`,
  keptSheetListed: (id: string): string => `/api/sheets/${encodeURIComponent(id)}/listed`,
  keptSheetPdf: (id: string): string => `/api/sheets/${encodeURIComponent(id)}/pdf`,
  keptSheetFile: (id: string, format: string): string =>
    `/api/sheets/${encodeURIComponent(id)}/file?format=${format}`,
  sheetFromFile: "/api/sheets/import",
  /** The things of a tutor's own, each by itself. */
  ownThing: (kind: OwnKind, id: string): string => `/api/own/${OWN_FOLDERS[kind]}/${encodeURIComponent(id)}`,
  ownThingListed: (kind: OwnKind, id: string): string =>
    `/api/own/${OWN_FOLDERS[kind]}/${encodeURIComponent(id)}/listed`,
  ownSamples: "/api/sheets/rungs/samples",
  workOwnStory: "/api/stories/own",
  keptStories: "/api/own/stories",
  storyAccounts: "/api/stories/accounts",
  stockUsed: "/api/own/stock/used",
  markStory: "/api/stories/mark",
  sheetRows: "/api/sheets/rows",
  probeNext: "/api/probes/next",
  markSheet: "/api/sheets/marking",
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
