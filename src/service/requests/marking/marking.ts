import {
  type Answered,
  markedAnswer,
  type PatternId,
  type PatternResults,
  type Showings,
  sheetExplanations,
  showingsOn,
  stands,
  unknownWayOn,
  waysKept,
  waysTaken,
} from "@/core/errorPatterns";
import { choicesOf, type HouseChoices, type HouseRules, houseRulesFrom } from "@/core/house";
import { type ExplanationView, explanationView } from "@/core/learnerTask";
import { readLearnerAnswer } from "@/core/marking";
import { answerOf } from "@/core/methods";
import { strandOf } from "@/core/probes";
import { readProblem, writeAnswer } from "@/core/problem";
import type { StockList } from "@/core/stories";
import { roundedBySense } from "@/core/storyMarking";
import { givenErrorWords, patternWords, readErrorWords, STRAND_NAMES } from "@/core/wording";
import type { LearnerSummary } from "@/service/kept/markingSheet";
import { accountForStories, type StoryAccountsRequest } from "@/service/requests";
import type { AnswerMark } from "../../kept/attempt";

const kept = waysKept();

/** House rules that were read before, given again as choices. */
export function houseGiven(choices: HouseChoices): HouseRules {
  const house = houseRulesFrom(choices);
  if (!house.ok) throw new Error("houseGiven: these choices were read before");
  return house.value;
}

/** The wrong ways of a problem as typed; none where it does not read. */
function waysOf(line: string, house: HouseRules): PatternResults | undefined {
  const problem = readProblem(line, house);
  return problem.ok ? kept(`${JSON.stringify(choicesOf(house))} ${line}`, problem.value, house) : undefined;
}

/** Answers to be marked: each with its problem as typed and what its learner has shown before. */
export interface ToMark {
  readonly house: HouseChoices;
  readonly answers: readonly {
    readonly problem: string;
    readonly given: string;
    readonly learner: string;
    /** The whole number that answers its story, where the quotient is rounded by sense. */
    readonly whole?: string | undefined;
  }[];
  readonly histories: ReadonlyMap<string, ReadonlyMap<PatternId, Showings>>;
}

/** An answer marked, with all that may explain it, and why it can't be read where it can't. */
export interface MarkedAnswer extends AnswerMark {
  readonly explanations: readonly ExplanationView[];
  readonly error: string;
}

/** Marks some answers. */
export function markAnswers({ house: choices, answers, histories }: ToMark): readonly MarkedAnswer[] {
  const house = houseGiven(choices);
  return answers.map(({ problem, given, learner, whole }) => {
    const marked = markOne(problem, given, house, histories.get(learner) ?? new Map());
    return whole === undefined ? marked : bySense(marked, problem, given, BigInt(whole), house);
  });
}

function markOne(
  line: string,
  typed: string,
  house: HouseRules,
  history: ReadonlyMap<PatternId, Showings>,
): MarkedAnswer {
  const none = { faults: [], patterns: [], probability: undefined, shown: [], chances: [], explanations: [] };
  const unread = (error: string): MarkedAnswer => ({ ...none, verdict: "unread", error });
  const problem = readProblem(line, house);
  if (!problem.ok) return unread(readErrorWords(problem.error, house));
  const given = readLearnerAnswer(typed, problem.value, house);
  if (!given.ok) return unread(givenErrorWords(given.error, house));
  const ways = waysOf(line, house);
  if (ways === undefined) throw new Error("markOne: a problem that reads has its ways");
  const { verdict, explanations } = markedAnswer(ways, given.value, house, history);
  const chances = waysTaken(ways, given.value.answer);
  // An order from the other end may be an error, but is not counted as one.
  const first = verdict.kind === "wrong" ? explanations[0] : undefined;
  return {
    ...none,
    verdict: verdict.kind,
    faults: verdict.kind === "form" ? verdict.faults : [],
    patterns: first?.patterns ?? [],
    probability: first?.probability,
    shown: chances.filter(({ shown }) => shown).map(({ pattern }) => pattern),
    chances: chances.map(({ pattern }) => pattern),
    explanations: explanations.map((one) => explanationView(ways, given.value.answer, one, house)),
    error: "",
  };
}

/** An answer to a story whose quotient is rounded: what the line comes to does not answer it stands. */
function bySense(
  marked: MarkedAnswer,
  line: string,
  given: string,
  whole: bigint,
  house: HouseRules,
): MarkedAnswer {
  const problem = readProblem(line, house);
  if (!problem.ok) return marked;
  const rounded = roundedBySense(answerOf(problem.value, house), whole, given, house);
  if (rounded === undefined && marked.verdict === "wrong") return marked;
  if (rounded === undefined && marked.verdict === "unread") return marked;
  // How it is rounded is no error in the columns.
  const verdict = rounded === "right" ? "right" : "wrong";
  return { ...marked, verdict, faults: [], patterns: [], shown: [], explanations: [], error: "" };
}

/** What an answer to a task could show, as a JSON list: for counts that are made anew. */
export function chancesOf(problem: string, house: string): string {
  try {
    const rules = houseRulesFrom(JSON.parse(house));
    const ways = rules.ok ? waysOf(problem, rules.value) : undefined;
    return JSON.stringify(
      ways === undefined ? [] : waysTaken(ways, ways.right).map(({ pattern }) => pattern),
    );
  } catch {
    return "[]";
  }
}

/** The right answers of some problems as typed, as the house writes them; empty where one does not read. */
export function rightAnswers({
  house: choices,
  problems,
}: {
  readonly house: HouseChoices;
  readonly problems: readonly string[];
}): readonly string[] {
  const house = houseGiven(choices);
  return problems.map((line) => {
    const read = readProblem(line, house);
    return read.ok ? writeAnswer(answerOf(read.value, house), house) : "";
  });
}

/** How a learner did on a sheet: the counts, the best account of all wrong answers, each pattern's showings. */
export function summarise({
  house: choices,
  answers,
  stories,
  stock,
}: {
  readonly house: HouseChoices;
  readonly answers: readonly {
    readonly problem: string;
    readonly given: string;
    readonly verdict: string;
    /** The whole number that answers its story, where the quotient is rounded by sense: its columns answer nothing by themselves. */
    readonly whole?: string | undefined;
  }[];
  readonly stories: StoryAccountsRequest["answers"];
  readonly stock: StockList;
}): LearnerSummary {
  const house = houseGiven(choices);
  const count = (verdict: string): number => answers.filter((one) => one.verdict === verdict).length;
  const answered = answers.flatMap(({ problem: line, given: typed, whole }): readonly Answered[] => {
    const ways = whole === undefined ? waysOf(line, house) : undefined;
    const given = ways && readLearnerAnswer(typed, ways.problem, house);
    return ways && given?.ok ? [{ ways, given: given.value.answer }] : [];
  });
  const names = (patterns: readonly PatternId[]): readonly string[] =>
    patterns.map((id) => patternWords(id).name);
  const [best] = sheetExplanations(answered);
  const unknown = unknownWayOn(answered, best);
  const inStories = accountForStories({ answers: stories, house: choices, stock });
  return {
    right: count("right"),
    form: count("form"),
    wrong: count("wrong"),
    account:
      best === undefined || !stands(best)
        ? undefined
        : { patterns: best.patterns, names: names(best.patterns), explains: best.explains },
    unknown: unknown && {
      wrong: unknown.wrong,
      of: unknown.of,
      strand: strandOf(unknown.problem),
      name: STRAND_NAMES[strandOf(unknown.problem)],
    },
    showings: showingsOn(answered)
      .slice(0, 6)
      .map(({ pattern, shown, chances, steady }) => ({
        pattern,
        name: patternWords(pattern).name,
        shown,
        chances,
        steady,
      })),
    stories: inStories.ok
      ? inStories.value.accounts.map(({ name, does, shown, of }) => ({ name, does, shown, of }))
      : [],
  };
}
