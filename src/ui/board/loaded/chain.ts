import { chainMethods } from "@/core/methods";
import { CHAIN_BOOK } from "@/core/wording";
import type { LoadedPart } from "./parts";

export const PART: LoadedPart = { id: "chain", methods: chainMethods, book: CHAIN_BOOK };
