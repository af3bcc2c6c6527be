import { ROUTES } from "@/service/routes";

/** What a board is called in the browser's own store, and where it is kept: all that is needed to hand one over. */
export const BOARD_PLACE = { name: "board", address: ROUTES.keptBoard } as const;
