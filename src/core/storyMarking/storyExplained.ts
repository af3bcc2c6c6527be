import { type Explanation, markedAnswer, waysKept } from "../errorPatterns";
import type { HouseRules } from "../house";
import { type GivenError, readLearnerAnswer, sameAnswer, type Verdict } from "../marking";
import { answerOf } from "../methods";
import {
  type Answer,
  fractionOf,
  type Problem,
  quantitiesIn,
  readOneQuantity,
  writeProblem,
} from "../problem";
import { done, failed, type Result } from "../result";
import {
  namesMissing,
  type Story,
  type StoryPatternId,
  type StoryWrong,
  wantedWhole,
  wrongLines,
} from "../stories";

/** What may lie behind a wrong answer to a story: what was done with the story, in the columns, or in both. */
interface StoryExplanation {
  /** What was done with the story; none where the right problem was worked. */
  readonly pattern: StoryPatternId | undefined;
  /** The problem that was worked. */
  readonly problem: Problem;
  /** What went wrong in working it; none where it was worked rightly. */
  readonly arithmetic: Explanation | undefined;
  /** How well it accounts for the answer, beside the others: between 0 and 1. */
  readonly weight: number;
}

export interface StoryMarked {
  readonly verdict: Verdict;
  /** The best accounts first; none of a right answer. */
  readonly explanations: readonly StoryExplanation[];
}

/** How much an account weighs that needs something of the story and nothing more, or of the columns as well. */
const OF_THE_STORY = 0.9;
const OF_BOTH = 0.3;
/** From this weight on an account is enough by itself. */
export const ENOUGH = 0.4;
/** How many accounts are told. */
const MOST_TOLD = 3;

const ways = waysKept();
const waysOf = (problem: Problem, house: HouseRules) =>
  ways(`${JSON.stringify(house)} ${writeProblem(problem, house)}`, problem, house);

/** Marks an answer to a story, typed or as a sentence, and accounts for a wrong one across the story and its columns. */
export function storyExplained(
  story: Story,
  said: string,
  house: HouseRules,
): Result<StoryMarked, GivenError> {
  const { working } = story;
  const typed = said.trim();
  const whole = wantedWhole(story);
  const rounded = whole === undefined ? undefined : roundedBySense(working.answer, whole, said, house);
  if (rounded === "right") return done({ verdict: { kind: "right" }, explanations: [] });
  if (rounded === "againstSense") {
    const pattern = "remainder-against-sense";
    const account = {
      pattern,
      problem: working.problem,
      arithmetic: undefined,
      weight: OF_THE_STORY,
    } as const;
    return done({ verdict: { kind: "wrong" }, explanations: [account] });
  }
  const wrongs = wrongLines(story);
  if (story.missing !== undefined) {
    // Where a number is missing, no number answers the question: any is a wrong answer.
    if (!/\d/.test(typed))
      return namesMissing(story, typed)
        ? done({ verdict: { kind: "right" }, explanations: [] })
        : failed({ code: "letters", at: 0, word: typed });
    return done({
      verdict: { kind: "wrong" },
      explanations: wrongs.flatMap((wrong) => ofTheStory(wrong, typed, house)).slice(0, MOST_TOLD),
    });
  }
  const byItself = wrongs.flatMap((wrong) => ofTheStory(wrong, typed, house));
  const given = readHere(typed, working.problem, house);
  if (!given.ok)
    return byItself.length === 0
      ? failed(given.error)
      : done({ verdict: { kind: "wrong" }, explanations: byItself.slice(0, MOST_TOLD) });
  const { verdict, explanations } = markedAnswer(waysOf(working.problem, house), given.value, house);
  if (verdict.kind !== "wrong") return done({ verdict, explanations: [] });
  const inColumns = explanations.map(
    (arithmetic): StoryExplanation => ({
      pattern: undefined,
      problem: working.problem,
      arithmetic,
      weight: arithmetic.probability * (byItself.length > 0 && isOtherOperation(arithmetic) ? OF_BOTH : 1),
    }),
  );
  const likely = [...inColumns, ...byItself];
  // Both at once is seldom: it is looked for where nothing simpler accounts for the answer.
  const both = likely.some(({ weight }) => weight >= ENOUGH)
    ? []
    : wrongs.flatMap((wrong) => ofBoth(wrong, typed, house));
  const all = [...likely, ...both].sort((one, other) => other.weight - one.weight);
  return done({ verdict, explanations: all.slice(0, MOST_TOLD) });
}

/** Whether columns were worked with another sign: in a story that is what was chosen, where that accounts for it. */
const isOtherOperation = ({ patterns }: Explanation): boolean =>
  patterns.length === 1 && patterns[0] === "slip-wrong-operation";

/** Reads an answer; a number that the story names in degrees or metres and its problem does not, by itself. */
function readHere(typed: string, problem: Problem, house: HouseRules): ReturnType<typeof readLearnerAnswer> {
  const read = readLearnerAnswer(typed, problem, house);
  const named = quantitiesIn(typed, house).at(-1)?.text ?? typed;
  const [bare] = /^[−-]?[\d.,/ ]{1,40}/.exec(named) ?? [];
  const namesMore =
    !read.ok &&
    ("wants" in read.error || read.error.code === "letters" || read.error.code === "negativeAmount");
  return bare === undefined || !namesMore ? read : readLearnerAnswer(bare, problem, house);
}

/** A whole number where one is wanted of a quotient: right, or rounded the other way, or with what is left named and nothing made of it; none where it is neither. */
export function roundedBySense(
  answer: Answer,
  whole: bigint,
  said: string,
  house: HouseRules,
): "right" | "againstSense" | undefined {
  const numbers = quantitiesIn(said, house).flatMap(({ text }) => {
    const read = readOneQuantity(text, house);
    return read.ok ? [fractionOf(read.value)] : [];
  });
  if (answer.kind !== "remainder" || numbers.length === 0) return undefined;
  const quotient = BigInt(answer.quotient.whole);
  // The number that answers stands last where it is rounded up, and first where it is rounded down.
  const answering = whole > quotient ? numbers.at(-1) : numbers[0];
  if (answering?.equals(String(whole))) return "right";
  const between =
    answering !== undefined &&
    answering.compare(String(quotient)) >= 0 &&
    answering.compare(String(quotient + 1n)) <= 0;
  const named = numbers[0]?.equals(String(quotient)) === true;
  return between || named ? "againstSense" : undefined;
}

/** An account by what was done with the story alone, where working another problem comes to an answer. */
function ofTheStory(wrong: StoryWrong, typed: string, house: HouseRules): readonly StoryExplanation[] {
  const given = readHere(typed, wrong.problem, house);
  return given.ok && sameAnswer(wrong.problem, answerOf(wrong.problem, house), given.value.answer)
    ? [{ ...wrong, arithmetic: undefined, weight: OF_THE_STORY }]
    : [];
}

/** An account by another problem that was worked wrongly besides. */
function ofBoth(wrong: StoryWrong, typed: string, house: HouseRules): readonly StoryExplanation[] {
  const given = readHere(typed, wrong.problem, house);
  if (!given.ok) return [];
  const { explanations } = markedAnswer(waysOf(wrong.problem, house), given.value, house);
  return explanations
    .slice(0, 1)
    .map((arithmetic) => ({ ...wrong, arithmetic, weight: OF_BOTH * arithmetic.probability }));
}
