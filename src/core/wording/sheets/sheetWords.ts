import type { RecipeRefusal, Wished } from "../../sheets";
import { SKILL_NAMES } from "./skillWords";
import { TRAIT_NAMES } from "./traitWords";

/** Why a problem has no twin. */
export const NO_TWIN =
  "No other numbers give a problem with the same features and the same size of work. Try one with larger numbers.";

/** Why no sheet was drawn: there is no such skill. */
export const NO_SKILL = (id: string): string =>
  `There is no skill “${id.slice(0, 60)}”. The list of skills has all of them.`;

/** Why no sheet was drawn: there is no such trait. */
export const NO_TRAIT = (id: string): string =>
  `There is nothing called “${id.slice(0, 60)}” that a sheet could train. docs/api.md lists what there is.`;

/** Why there is no problem a notch easier, or harder. */
export const NO_NOTCH = {
  easier: "The ladder has nothing easier than this.",
  harder: "The ladder has nothing harder than this.",
  none: "This problem stands on no rung of the ladder, so there is no notch up or down from it.",
  noOther: "There is no other problem like this one that the sheet does not have already.",
} as const;

const wishedWords = (wished: Wished): string => {
  switch (wished.kind) {
    case "skill":
      return `the skill “${SKILL_NAMES[wished.skill]}”`;
    case "count":
      return `a sheet of ${wished.count}`;
    case "never":
      return `“${TRAIT_NAMES[wished.trait]}” never`;
    case "least":
      return `“${TRAIT_NAMES[wished.trait]}” in at least ${wished.problems}`;
  }
};

/** Why a recipe can't be drawn: the two wishes that clash, by name. */
export function recipeRefusalWords(refusal: RecipeRefusal): string {
  if (refusal.kind === "nothingDrawn")
    return `Under your house rules nothing can be drawn for “${SKILL_NAMES[refusal.skill]}”: the way you work has no such step.`;
  const [one, other] = refusal.wishes;
  return `Two wishes clash: ${wishedWords(one)}, and ${wishedWords(other)}. Change one of them.`;
}

/** Why nothing can be probed: there is no such strand. */
export const NO_STRAND = (id: string, strands: readonly string[]): string =>
  `There is no strand “${id.slice(0, 60)}”. The strands are ${strands.join(", ")}.`;

/** The account of a learner who does nothing wrong as a rule. */
export const SOUND_NAME = "No error pattern: at most a slip";

/** Why a tutor's own rung gives nothing. */
export const NOTHING_FITS =
  "Nothing fits this rung: its lines can’t give what it asks for. Change a line, or leave out a wish.";

/** Why no sheet is drawn for what showed: nothing on the ladder shows it. */
export const NO_RUNG_FOR =
  "No rung of the ladder draws problems on which this shows. Slips come anywhere; choose a rung yourself.";
