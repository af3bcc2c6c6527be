import { mentalMethods } from "@/core/methods";
import { MENTAL_BOOK } from "@/core/wording";
import type { LoadedPart } from "./parts";

export const PART: LoadedPart = { id: "mental", methods: mentalMethods, book: MENTAL_BOOK };
