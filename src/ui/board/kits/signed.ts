import { signedShelf } from "@/core/methods";
import { SIGNED_BOOK } from "@/core/wording";
import type { Kit } from "./kits";

export const KIT: Kit = { kind: "signed", shelf: signedShelf, book: SIGNED_BOOK };
