/** Every address of the product, in one place. */
export const ROUTES = {
  today: "/",
  board: "/board",
  houseRules: "/house-rules",
  methods: "/methods",
  wrongWay: "/wrong-way",
  yourTurn: "/your-turn",
  marking: "/marking",
  learners: "/learners",
  markingSheet: (id: string): string => `/marking?sheet=${encodeURIComponent(id)}`,
  learner: (id: string): string => `/learners/${encodeURIComponent(id)}`,
  keepSheet: (id: string): string => `/api/marking/${encodeURIComponent(id)}`,
  markAnswers: (id: string): string => `/api/marking/${encodeURIComponent(id)}/answers`,
  sheetSummary: (id: string, learner: string): string =>
    `/api/marking/${encodeURIComponent(id)}/summary?learner=${encodeURIComponent(learner)}`,
  explain: "/api/explain",
  keepBoard: (id: string): string => `/api/boards/${encodeURIComponent(id)}`,
  view: "/api/view",
} as const;

/** What the id of a board looks like, in an address and in the database. */
export const BOARD_ID = /^[a-z0-9]{8,40}$/;

/** The longest guess that is kept, in characters: room for the longest number with its sign and spaces. */
export const LONGEST_GUESS = 60;
