import { measureMethods } from "@/core/methods";
import { MEASURE_BOOK } from "@/core/wording";
import type { LoadedPart } from "./parts";

export const PART: LoadedPart = { id: "measures", methods: measureMethods, book: MEASURE_BOOK };
