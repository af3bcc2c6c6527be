import { quantityMethods } from "@/core/methods";
import { QUANTITY_BOOK } from "@/core/wording";
import type { LoadedPart } from "./parts";

export const PART: LoadedPart = { id: "quantities", methods: quantityMethods, book: QUANTITY_BOOK };
