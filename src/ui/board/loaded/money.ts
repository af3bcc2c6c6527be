import { moneyMethods } from "@/core/methods";
import { MONEY_BOOK } from "@/core/wording";
import type { LoadedPart } from "./parts";

export const PART: LoadedPart = { id: "money", methods: moneyMethods, book: MONEY_BOOK };
