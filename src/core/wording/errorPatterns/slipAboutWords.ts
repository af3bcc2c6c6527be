import type { Likelihood, PatternId, SlipAbout } from "../../errorPatterns";
import type { HouseRules } from "../../house";
import { signOf, writeAnswer, writeProblem } from "../../problem";
import { writeQuantity } from "../../quantity";
import { sentence } from "../numbers/line";
import { patternWords } from "./wordsOfPatterns";

/** How likely an explanation is, in words. */
export const LIKELIHOOD_WORDS: Readonly<Record<Likelihood, string>> = {
  veryLikely: "very likely",
  likely: "likely",
  possible: "possible",
};

/** What just went wrong in a slip: `the 7 of 4.578 copied as 1`, `8 × 7 taken for 54`. */
function slipAboutWords(about: SlipAbout, house: HouseRules): string {
  switch (about.kind) {
    case "copied":
      return `the ${about.digit} of ${writeQuantity(about.of, house)} copied as ${about.as}`;
    case "leftOut":
    case "twice": {
      const where = about.of === undefined ? "the answer" : writeQuantity(about.of, house);
      return `the ${about.digit} of ${where} ${about.kind === "leftOut" ? "left out" : "written twice"}`;
    }
    case "fact":
      return `${about.digit} ${signOf("multiply", house)} ${about.by} taken for ${about.taken}`;
    case "swapped":
      return `${about.digits} written as ${[...about.digits].reverse().join("")}`;
    case "key":
      return `${about.as} typed for ${about.digit}`;
    case "offByOne":
      return `${writeAnswer(about.written, house)} written for ${writeAnswer(about.right, house)}`;
    case "operation":
      return `${writeProblem(about.read, house)} worked`;
    case "sign":
      return "the other sign written";
  }
}

/** What just went wrong in a slip, as a sentence. */
export const slipDidWords = (about: SlipAbout, house: HouseRules): string =>
  `${sentence(slipAboutWords(about, house))}.`;

/** The most slips of a kind that are told, where several come to the same. */
const MOST_TOLD = 2;

/** What a pattern or a slip is called; of a slip, with what just went wrong, or may have. */
export function slipNameWords(id: PatternId, slips: readonly SlipAbout[], house: HouseRules): string {
  const about = [...new Set(slips.map((one) => slipAboutWords(one, house)))].slice(0, MOST_TOLD);
  const { name } = patternWords(id);
  return about.length === 0 ? name : `${name}: ${about.join(", or ")}`;
}
