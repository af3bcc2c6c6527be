import { fractionShelf } from "@/core/methods";
import { FRACTION_BOOK } from "@/core/wording";
import type { Kit } from "./kits";

export const KIT: Kit = { kind: "fractions", shelf: fractionShelf, book: FRACTION_BOOK };
