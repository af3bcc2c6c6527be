import { measureShelf } from "@/core/methods";
import { MEASURE_BOOK } from "@/core/wording";
import type { Kit } from "./kits";

export const KIT: Kit = { kind: "measures", shelf: measureShelf, book: MEASURE_BOOK };
