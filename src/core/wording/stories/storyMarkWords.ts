import type { HouseRules } from "../../house";
import { writeProblem } from "../../problem";
import { writeQuantity } from "../../quantity";
import type { Story, Structure } from "../../stories";
import type { LineMark, MarkedStory } from "../../storyMarking";
import { STORY_PATTERN_WORDS } from "./storyPatternWords";
import { STRUCTURE_NAMES } from "./structureNames";

/** A stage of a story with what is to be said of it. */
export interface StageMark {
  readonly stage: "givens" | "structure" | "line" | "answer" | "sentence";
  readonly right: boolean;
  readonly words: string;
}

const list = (all: readonly string[]): string =>
  all.length < 2 ? (all[0] ?? "") : `${all.slice(0, -1).join(", ")} and ${all.at(-1)}`;

/** What is said of each stage that a learner did. `frame` tells whether the sentence that was chosen answers the question. */
export function stageMarks(
  story: Story,
  marked: MarkedStory,
  structure: Structure | undefined,
  frame: boolean | undefined,
  house: HouseRules,
): readonly StageMark[] {
  const value = (name: string): string => {
    const given = story.givens.find((one) => one.name === name);
    return given === undefined ? "" : writeQuantity(given.quantity, house);
  };
  const { missed, needless } = marked.givens;
  const marks: StageMark[] = [
    {
      stage: "givens",
      right: missed.length + needless.length === 0,
      words:
        missed.length > 0
          ? `${list(missed.map(value))} ${missed.length > 1 ? "are" : "is"} needed too.`
          : needless.length > 0
            ? `${list(needless.map(value))} ${needless.length > 1 ? "are" : "is"} not needed for this question.`
            : "These are the numbers that the question needs.",
    },
  ];
  if (marked.structure !== undefined && structure !== undefined)
    marks.push({
      stage: "structure",
      right: marked.structure,
      words: marked.structure
        ? `${STRUCTURE_NAMES[structure]}: so it hangs together.`
        : `Not ${STRUCTURE_NAMES[structure].toLowerCase()}: ${STRUCTURE_NAMES[story.structure].toLowerCase()}.`,
    });
  if (marked.line !== undefined) marks.push(lineMark(marked.line, house));
  if (marked.answer !== undefined) marks.push(answerMark(marked, story.missing !== undefined));
  if (frame !== undefined)
    marks.push({
      stage: "sentence",
      right: frame,
      words: frame ? "This sentence answers the question." : "This sentence answers another question.",
    });
  return marks;
}

function lineMark(line: LineMark, house: HouseRules): StageMark {
  switch (line.kind) {
    case "right":
      return { stage: "line", right: true, words: "This is what has to be worked." };
    case "tooEarly":
      return {
        stage: "line",
        right: false,
        words: "A number that the question needs is not told, so this does not answer it.",
      };
    case "unread":
      return { stage: "line", right: false, words: "This can’t be worked as it stands. Write it once more." };
    case "other": {
      const worked = `${writeProblem(line.problem, house)} answers something else.`;
      const more = line.pattern === undefined ? "" : ` ${STORY_PATTERN_WORDS[line.pattern].name}.`;
      return { stage: "line", right: false, words: worked + more };
    }
  }
}

function answerMark({ answer, line }: MarkedStory, isMissing: boolean): StageMark {
  const said = (right: boolean, words: string): StageMark => ({ stage: "answer", right, words });
  if (answer?.kind !== "marked")
    return said(false, isMissing ? "Say which number is missing." : "No number could be read in the answer.");
  if (isMissing)
    return answer.verdict.kind === "right"
      ? said(true, "That is what the story does not say.")
      : said(false, "The question can’t be answered: a number that it needs is not told.");
  switch (answer.verdict.kind) {
    case "right":
      return said(true, "The answer is right.");
    case "form":
      return said(true, "The answer has the right value. Its unit or its form is not as it was asked for.");
    case "wrong":
      if (answer.followsOwnLine)
        return said(false, "Worked rightly, but something else was worked than is asked.");
      return said(
        false,
        line?.kind === "right"
          ? "The right thing was worked, and something went wrong in it."
          : "The answer is not right.",
      );
  }
}
