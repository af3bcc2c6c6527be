import type { HouseRules } from "../../house";
import type { OwnFormId, OwnRefusal } from "../../stories";
import { readErrorWords } from "../turn/readErrorWords";

/** What a tutor chooses for a story of their own: what is known, and what is asked. */
export const OWN_FORM_NAMES: Readonly<Record<OwnFormId, string>> = {
  whole: "The parts are known, the whole is asked",
  part: "The whole is known, a part is asked",
  difference: "Two are compared, the difference is asked",
  larger: "One is known and how much more the other is",
  altogether: "Equal groups, all together are asked",
  each: "All together are known, one of the groups is asked",
  afterMore: "Something is added, what there is then is asked",
  afterLess: "Something is taken away, what is left is asked",
};

/** What is chosen for a line that the tutor writes themselves. */
export const OWN_LINE_NAME = "Several steps: a line of your own";

/** Why a story of the tutor's own is not worked, and what to do. */
export function ownRefusalWords(refusal: OwnRefusal, house: HouseRules): string {
  switch (refusal.kind) {
    case "tooFew":
      return "The text needs two numbers at least that the question asks about. Write them, or take one in that is left out.";
    case "unread":
      return `${refusal.line} can’t be worked: ${readErrorWords(refusal.error, house)}`;
  }
}
