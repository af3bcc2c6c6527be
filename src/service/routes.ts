/** The address of every page, in one place; those of what is asked for or kept are in `apiRoutes.ts`. */
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
  ownRung: (from: { readonly skill?: string; readonly own?: string }): string =>
    `/sheets/rung?${new URLSearchParams(from)}`,
  ownSheet: (own: string): string => `/sheets?own=${encodeURIComponent(own)}`,
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
  storyProbe: (seed = 1): string => `/stories/probe?seed=${seed}`,
  stockLists: "/stories/stock",
  shop: (tool?: string): string => (tool === undefined ? "/shop" : `/shop?tool=${tool}`),
  probe: (strand: string): string => `/sheets/probe?strand=${encodeURIComponent(strand)}`,
  /** A fresh sheet on the skills that some patterns show in. */
  sheetFor: (patterns: readonly string[]): string => `/sheets?patterns=${patterns.join(",")}`,
  probeFor: (patterns: readonly string[]): string => `/sheets/probe?patterns=${patterns.join(",")}`,
  marking: "/marking",
  learners: "/learners",
  safeKeeping: "/safe-keeping",
  licences: "/licences",
  signIn: "/sign-in",
  signOut: "/sign-out",
  signOutEverywhere: "/sign-out?everywhere",
  markingSheet: (id: string): string => `/marking?sheet=${encodeURIComponent(id)}`,
  learner: (id: string): string => `/learners/${encodeURIComponent(id)}`,
} as const;
