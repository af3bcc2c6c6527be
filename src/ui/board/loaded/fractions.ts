import { fractionMethods } from "@/core/methods";
import { FRACTION_BOOK } from "@/core/wording";
import type { LoadedPart } from "./parts";

export const PART: LoadedPart = { id: "fractions", methods: fractionMethods, book: FRACTION_BOOK };
