import type { RunReason } from "../../checks";
import type { HouseRules } from "../../house";
import type { MethodId } from "../../methods";
import type { StepWords } from "../numbers/line";
import type { AnyMethodWords } from "./methodWords";
import { methodWordsFrom, wordsFrom } from "./wordbook";
import { EVERY_BOOK } from "./wordbooks";

/** The English words for a step, by its reason and the house rules. */
export const stepWords = (reason: RunReason, house: HouseRules): StepWords =>
  wordsFrom(EVERY_BOOK, reason, house);

/** The English words for a method. */
export const methodWords = (method: MethodId): AnyMethodWords => methodWordsFrom(EVERY_BOOK, method);
