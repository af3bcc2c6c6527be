import { productMethods } from "@/core/methods";
import { PRODUCT_BOOK } from "@/core/wording";
import type { LoadedPart } from "./parts";

export const PART: LoadedPart = { id: "products", methods: productMethods, book: PRODUCT_BOOK };
