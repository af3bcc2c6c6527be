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
  keepBoard: (id: string): string => `/api/boards/${encodeURIComponent(id)}`,
  view: "/api/view",
} as const;

/** What the id of a board looks like, in an address and in the database. */
export const BOARD_ID = /^[a-z0-9]{8,40}$/;

/** The longest guess that is kept, in characters: room for the longest number with its sign and spaces. */
export const LONGEST_GUESS = 60;
