import { API_ROUTES } from "@/service/apiRoutes";

/** What a board is called in the browser's own store, and where it is kept: all that is needed to hand one over. */
export const BOARD_PLACE = { name: "board", address: API_ROUTES.keptBoard } as const;
