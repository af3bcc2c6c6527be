import type { HouseRules } from "../../house";
import { type Answer, writeAnswer, writeProblem } from "../../problem";
import { SCALE_KINDS, unitOf, writeQuantity } from "../../quantity";
import { backThrough, operationsOf, type Story, type StoryOperation } from "../../stories";
import { STORY_WORDS } from "./storyWords";

/** An operation of a story in words: why it is the one, what is worked, and what it comes to. */
interface ToldOperation {
  readonly why: string;
  readonly line: string;
  readonly comes: string;
}

/** How a story is worked: its operations with their reasons, what its answer is beside the question, and the answer put back into the story. */
export interface WordedWork {
  readonly operations: readonly ToldOperation[];
  /** What was asked for and what the answer is: a mass, in grams. */
  readonly asked: string;
  /** The operations undone, until a number of the story comes out again; none where that can't be. */
  readonly back: readonly Omit<ToldOperation, "why">[];
}

/** Tells how a story is worked. */
export function wordedWork(story: Story, house: HouseRules): WordedWork {
  const { why, steps = [], unit } = STORY_WORDS[story.kind];
  const written = ({ problem, answer }: StoryOperation) => ({
    line: writeProblem(problem, house),
    comes: writeAnswer(answer, house),
  });
  const changes = story.givens.flatMap(({ quantity, changed }) =>
    changed === undefined
      ? []
      : [
          {
            line: writeQuantity(quantity, house),
            comes: `${writeQuantity(changed.quantity, house)} ${changed.into}`,
          },
        ],
  );
  const operations = [...changes, ...operationsOf(story.working).map(written)];
  return {
    operations: operations.map((operation, nth) => ({ why: steps[nth] ?? why, ...operation })),
    asked: askedWords(story.working.answer, unit),
    back: backThrough(story.working).map(written),
  };
}

/** What an answer is, beside what was asked for. */
function askedWords(answer: Answer, unit: "degrees" | "metres" | undefined): string {
  switch (answer.kind) {
    case "amount":
    case "roundedAmount":
      return "An amount of money is asked for, and the answer is one.";
    case "sufficiency":
      return "It is asked whether it is enough, and by how much: the answer says both.";
    case "timesLeft":
      return "It is asked how many and what is left: the answer says both.";
    case "measure": {
      const units = answer.parts.map((part) => unitOf(part.unit));
      const [first] = units;
      if (first === undefined) return "";
      const names = units.map(({ names: several }) => several).join(" and ");
      return `A ${SCALE_KINDS[first.scale]} is asked for, and the answer is in ${names}.`;
    }
    case "decimal":
    case "fraction":
    case "mixed":
    case "rounded":
    case "remainder":
    case "recurring":
    case "comparison":
    case "ordered":
    case "share":
    case "measureLeft":
    case "handed":
      return unit === undefined
        ? "A number is asked for, and the answer is one."
        : `It is asked for ${unit}, and the answer is in ${unit}.`;
  }
}
