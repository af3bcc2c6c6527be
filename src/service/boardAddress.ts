import { choicesOf, type HouseRules } from "@/core/house";
import type { MethodId } from "@/core/methods";
import { ROUTES } from "@/service/routes";

/** The address at which a learner is given what such a board would have: the same but for the place. */
export const turnAddress = (board: Parameters<typeof boardAddress>[0]): string =>
  boardAddress(board).replace(ROUTES.board, ROUTES.yourTurn);

/** The address that brings a board back as it stands: every part that is given, in a fixed order. */
export function boardAddress(board: {
  readonly id?: string;
  readonly problem: string;
  readonly method?: MethodId;
  readonly beside?: MethodId | undefined;
  readonly house?: HouseRules;
  readonly step?: number;
  readonly guess?: string;
}): string {
  const parameters = new URLSearchParams({ problem: board.problem });
  if (board.method) parameters.set("method", board.method);
  if (board.beside) parameters.set("beside", board.beside);
  if (board.house) {
    for (const [name, setting] of Object.entries(choicesOf(board.house))) parameters.set(name, setting);
  }
  if (board.step !== undefined) parameters.set("step", String(board.step));
  if (board.guess) parameters.set("guess", board.guess);
  if (board.id) parameters.set("id", board.id);
  return `${ROUTES.board}?${parameters}`;
}
