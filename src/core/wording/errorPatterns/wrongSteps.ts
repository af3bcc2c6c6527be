import type { Estimate } from "../../checks";
import type { PatternId, PatternReason } from "../../errorPatterns";
import type { HouseRules } from "../../house";
import type { Reason } from "../../methods";
import { type Answer, type Problem, writeAnswer, writeProblem } from "../../problem";
import { estimateLine } from "../checks/checkWords";
import { listed, plain, type StepWords, sentence } from "../numbers/line";
import { stepWords } from "../stepWords";
import { type MadeError, saidOf, saidOfExample } from "./errorSaid";
import { patternWords } from "./wordsOfPatterns";

const ended = (text: string): string => {
  const said = sentence(text);
  return /[.?!]$/.test(said) ? said : `${said}.`;
};

/** What helps against a pattern, as a sentence: with the numbers of the error where they fit, else with those of the pattern's own example. */
export function remedyWords(id: PatternId, error: MadeError | undefined, house: HouseRules): string {
  const { remedy } = patternWords(id);
  const here = error && saidOf(id, remedy, error, house);
  if (here !== undefined) return ended(here);
  const example = saidOfExample(id, remedy, house);
  if (example === undefined) return ended(patternWords(id).name);
  return error === undefined
    ? ended(example.said)
    : ended(`for instance, with ${example.line}: ${example.said}`);
}

/** What was done at the step where a pattern leaves the sound way, with the numbers of the error where they fit. */
export function didWords(id: PatternId, error: MadeError, house: HouseRules): string {
  const { did, name } = patternWords(id);
  const said = did === undefined ? undefined : saidOf(id, did, error, house);
  return said ?? `*${name}*.`;
}

/** What a learner wrote, told as that. */
export const writtenWords = (written: string): string => `What is written: *${written}*.`;

/** Whether a pattern says what was done: in the same words of every step at which it is done, or once with the numbers of the error. */
export function saysDone(id: PatternId): "always" | "once" | undefined {
  const { did } = patternWords(id);
  return did === undefined ? undefined : typeof did === "string" ? "always" : "once";
}

/** What is said to a step that follows from a wrong one, where its own sentence would state something that does not hold. */
export const FOLLOWS = "This follows from what was written before.";

/** What a learner with a pattern says to a step, why, and what to ask. */
export function wrongStepWords(reason: Reason | PatternReason, house: HouseRules): StepWords {
  switch (reason.kind) {
    case "misread":
      return {
        say: sentence(
          `*${writeProblem(reason.asked, house)}* is taken for *${writeProblem(reason.read, house)}*.`,
        ),
        why: "From here on all is done right, but to another problem.",
        ask: "Does this say the same as the problem?",
      };
    case "pulledApart":
      if (reason.inTurn || reason.parts.length === 1)
        return {
          say: `This is worked instead: *${listed(reason.parts.map((part) => writeProblem(part, house)))}*.`,
          why: "What is worked is done right, but it is not the problem.",
          ask: "Does this come to what the problem asks?",
        };
      return {
        say: `The problem is pulled apart: *${listed(reason.parts.map((part) => writeProblem(part, house)))}*, each for itself.`,
        why: "Each part is done right; what passes from one to the other is lost.",
        ask: "May these parts be worked without each other?",
      };
    case "putTogether":
      return {
        say: `*${listed(reason.parts.map((part) => writeAnswer(part, house)))}* ${reason.parts.length > 1 ? "are put together to" : "becomes"} *${writeAnswer(reason.answer, house)}*.`,
        why: "What came out is written as the answer.",
        ask: "What was lost on the way?",
      };
    case "rewritten":
      return {
        say: `*${writeAnswer(reason.before, house)}* was worked out, and *${writeAnswer(reason.after, house)}* is written.`,
        why: "All the work before it was right.",
        ask: "Is that what was worked out?",
      };
    case "writtenAtOnce":
      return {
        say: writtenWords(writeAnswer(reason.answer, house)),
        why: "It was read off the numbers, and nothing was worked.",
        ask: "How was that found?",
      };
    default:
      return stepWords(reason, house);
  }
}

/** What the estimate says of a wrong answer. */
export const notNearWords = (estimate: Estimate, written: string, house: HouseRules): string =>
  `${plain(estimateLine(estimate, house))}, and ${written} was written.`;

/** What a wrong answer comes to when it is taken back. */
export const undoneWords = (
  { problem, comes, ought }: { readonly problem: Problem; readonly comes: Answer; readonly ought: string },
  house: HouseRules,
): string => `${writeProblem(problem, house)} = ${writeAnswer(comes, house)}, and not ${ought}.`;
