import { choicesOf } from "@/core/house";
import { type KeptClient, readAs } from "../../saving/keptClient";
import { merged } from "../../saving/merge";
import { BOARD_PLACE } from "./boardPlace";
import type { OpenBoard } from "./boardState";

/** The open board, as it is kept. */
export const BOARD_CLIENT: KeptClient<OpenBoard> = {
  ...BOARD_PLACE,
  idOf: ({ id }) => id,
  stateOf: ({ id: _id, house, ...board }) => ({ ...board, house: choicesOf(house) }),
  read: async (told, id) => {
    const read = await readAs(() => import("@/service/kept/board").then((module) => module.keptBoard), told);
    return read && { value: { ...read.value, id }, revision: read.revision };
  },
  // Where a board was left is no matter for asking: the last step shown stands.
  together: (base, mine, theirs) => {
    const { value, clashes } = merged(base, mine, theirs);
    return clashes.some((name) => name !== "step") ? undefined : value;
  },
};
