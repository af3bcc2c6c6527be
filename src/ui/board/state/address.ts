import { boardAddress } from "../../../service/boardAddress";
import { isLeaving } from "../../saving/leaving";

/** Puts a board in the address; not once another place was asked for, which that would call back. */
export function showAddress(board: Parameters<typeof boardAddress>[0]): void {
  if (!isLeaving()) history.replaceState(null, "", boardAddress(board));
}
