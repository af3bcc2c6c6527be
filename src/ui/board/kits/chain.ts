import { chainShelf } from "@/core/methods";
import { CHAIN_BOOK } from "@/core/wording";
import type { Kit } from "./kits";

export const KIT: Kit = { kind: "chain", shelf: chainShelf, book: CHAIN_BOOK };
