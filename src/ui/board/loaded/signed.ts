import { signedMethods } from "@/core/methods";
import { SIGNED_BOOK } from "@/core/wording";
import type { LoadedPart } from "./parts";

export const PART: LoadedPart = { id: "signed", methods: signedMethods, book: SIGNED_BOOK };
