import {
  markedAnswer,
  type PatternId,
  separatingProblem,
  type Twin,
  twinProblem,
  waysKept,
} from "@/core/errorPatterns";
import { type HouseChoices, type HouseRules, houseRulesFrom } from "@/core/house";
import { type ExplanationView, explanationView } from "@/core/learnerTask";
import { readLearnerAnswer } from "@/core/marking";
import { readProblem, writeAnswer, writeProblem } from "@/core/problem";
import { done, failed, type Result } from "@/core/result";
import { mapTwo } from "@/core/tuples";
import {
  FORM_FAULT_WORDS,
  givenErrorWords,
  houseRefusalWords,
  patternWords,
  readErrorWords,
  remedyWords,
} from "@/core/wording";
import type { Refusal } from "../refusal";

/** What a program asks about: a problem and an answer to it as typed, and house choices if it likes. */
export interface ExplainRequest {
  readonly problem: string;
  readonly given: string;
  readonly house?: HouseChoices | undefined;
}

/** An answer explained, as programs get it. */
interface ExplainJson {
  readonly problem: string;
  readonly given: string;
  readonly verdict: "right" | "form" | "wrong";
  /** What an answer of the right value lacks, in words, and how it was wanted; none for other answers. */
  readonly faults: readonly string[];
  readonly wanted: string | null;
  /** Likeliest first. Their probabilities are of all that could have led to the answer, to four places. */
  readonly explanations: readonly ExplanationJson[];
}

/** An explanation with what each of its patterns does, and what helps against it with the numbers of this problem. */
export interface ExplanationJson extends ExplanationView {
  readonly does: readonly string[];
  readonly helps: readonly string[];
}

/** An answer explained, with a problem that would tell the two likeliest explanations apart where they are close. */
export interface ExplainedJson extends ExplainJson {
  readonly separating: {
    readonly problem: string;
    readonly patterns: readonly [readonly PatternId[], readonly PatternId[]];
    /** What each of the two would answer to it. */
    readonly answers: readonly [string, string];
  } | null;
  /** Where no second explanation is close: a problem on which the first would show again, what it would answer, and what is right. */
  readonly twin: { readonly problem: string; readonly answer: string; readonly right: string } | null;
}

const kept = waysKept();

/** From this share on a second explanation is close enough to the first to be told apart from it. */
const CLOSE = 0.1;

/** What `explainRequested` tells, and a problem to set next where the answer does not decide between two accounts. */
export function explainedRequested(request: ExplainRequest): Result<ExplainedJson, Refusal> {
  const explained = explainRequested(request);
  if (!explained.ok) return explained;
  const house = houseRulesFrom(request.house ?? {});
  const [first, second] = explained.value.explanations;
  const none = done({ ...explained.value, separating: null, twin: null });
  if (!house.ok || first === undefined) return none;
  const problem = readProblem(request.problem, house.value);
  if (!problem.ok) return none;
  if (second === undefined || second.probability < CLOSE)
    return done({
      ...explained.value,
      separating: null,
      twin: twinJson(twinProblem(problem.value, house.value, first.patterns), house.value),
    });
  const found = separatingProblem(problem.value, house.value, first.patterns, second.patterns);
  return done({
    ...explained.value,
    twin: null,
    separating:
      found === undefined
        ? null
        : {
            problem: writeProblem(found.problem, house.value),
            patterns: [first.patterns, second.patterns],
            answers: mapTwo(found.answers, (answer) => writeAnswer(answer, house.value)),
          },
  });
}

const twinJson = (twin: Twin | undefined, house: HouseRules): ExplainedJson["twin"] =>
  twin === undefined
    ? null
    : {
        problem: writeProblem(twin.problem, house),
        answer: writeAnswer(twin.answers[0], house),
        right: writeAnswer(twin.answers[1], house),
      };

/** Marks an answer to a problem, and says what may lie behind it where it is wrong. */
export function explainRequested(request: ExplainRequest): Result<ExplainJson, Refusal> {
  const house = houseRulesFrom(request.house ?? {});
  if (!house.ok) return failed({ code: house.error.kind, message: houseRefusalWords(house.error) });
  const problem = readProblem(request.problem, house.value);
  if (!problem.ok) {
    const { code, at } = problem.error;
    return failed({ code, message: readErrorWords(problem.error, house.value), at });
  }
  const given = readLearnerAnswer(request.given, problem.value, house.value);
  if (!given.ok) {
    const { code } = given.error;
    return failed({ code: `given.${code}`, message: givenErrorWords(given.error, house.value) });
  }
  const key = `${JSON.stringify(request.house ?? {})} ${request.problem}`;
  const ways = kept(key, problem.value, house.value);
  const { verdict, explanations } = markedAnswer(ways, given.value, house.value);
  const error = { problem: problem.value, wrong: writeAnswer(given.value.answer, house.value) };
  return done({
    problem: request.problem,
    given: request.given,
    verdict: verdict.kind,
    faults: verdict.kind === "form" ? verdict.faults.map((fault) => FORM_FAULT_WORDS[fault]) : [],
    wanted: verdict.kind === "form" ? writeAnswer(ways.right, house.value) : null,
    explanations: explanations.map((one) => {
      const told = explanationView(ways, given.value.answer, one, house.value);
      return {
        ...told,
        probability: Math.round(told.probability * 10_000) / 10_000,
        does: one.patterns.map((id) => patternWords(id).does),
        helps: one.patterns.map((id) => remedyWords(id, error, house.value)),
      };
    }),
  });
}
