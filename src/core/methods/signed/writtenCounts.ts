import type { HouseRules } from "../../house";
import { type SignedOperation, signOf } from "../../problem";

/** A whole number with its sign, as it stands in a line. */
export const countText = (count: number): string => (count < 0 ? `−${-count}` : String(count));

/** A sign and a number after it, in brackets where it has a sign of its own. */
export const afterSignText = (op: SignedOperation, count: number, house: HouseRules): string =>
  signOf(op, house) + (count < 0 ? `(${countText(count)})` : countText(count));
