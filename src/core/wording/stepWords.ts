import type { RunReason } from "../checks";
import type { HouseRules } from "../house";
import type { MethodId } from "../methods";
import type { AnyMethodWords } from "./contract/methodWords";
import { methodWordsFrom, wordsFrom } from "./contract/wordbook";
import type { StepWords } from "./numbers/line";
import { EVERY_BOOK } from "./wordbooks";

/** The English words for a step, by its reason and the house rules. */
export const stepWords = (reason: RunReason, house: HouseRules): StepWords =>
  wordsFrom(EVERY_BOOK, reason, house);

/** The English words for a method. */
export const methodWords = (method: MethodId): AnyMethodWords => methodWordsFrom(EVERY_BOOK, method);
