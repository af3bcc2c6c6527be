import { moneyShelf } from "@/core/methods";
import { MONEY_BOOK } from "@/core/wording";
import type { Kit } from "./kits";

export const KIT: Kit = { kind: "money", shelf: moneyShelf, book: MONEY_BOOK };
