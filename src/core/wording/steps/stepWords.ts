import type { RunReason } from "../../checks";
import type { HouseRules } from "../../house";
import type { StepWords } from "../numbers/line";
import { wordsFrom } from "./wordbook";
import { EVERY_BOOK } from "./wordbooks";

/** The English words for a step, by its reason and the house rules. */
export const stepWords = (reason: RunReason, house: HouseRules): StepWords =>
  wordsFrom(EVERY_BOOK, reason, house);
