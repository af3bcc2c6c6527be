import { type HouseChoices, houseRulesFrom } from "@/core/house";
import { readGiven } from "@/core/marking";
import { readProblem } from "@/core/problem";
import { done, failed, type Result } from "@/core/result";
import { markedAnswer, type SlipId, waysKept } from "@/core/slips";
import { givenErrorWords, houseRefusalWords, readErrorWords } from "@/core/wording";
import type { ProgramError } from "./workJson";

/** What a program asks about: a problem and an answer to it as typed, and house choices if it likes. */
export interface ExplainRequest {
  readonly problem: string;
  readonly given: string;
  readonly house?: HouseChoices | undefined;
}

/** An answer explained, as programs get it. */
export interface ExplainJson {
  readonly problem: string;
  readonly given: string;
  readonly verdict: "right" | "form" | "wrong";
  readonly explanations: readonly {
    readonly slips: readonly SlipId[];
    /** Of all that could have led to the answer, between 0 and 1; to four places. */
    readonly probability: number;
  }[];
}

const kept = waysKept();

/** Marks an answer to a problem, and says what may lie behind it where it is wrong. */
export function explainRequested(request: ExplainRequest): Result<ExplainJson, ProgramError> {
  const house = houseRulesFrom(request.house ?? {});
  if (!house.ok) return failed({ code: house.error.kind, message: houseRefusalWords(house.error) });
  const problem = readProblem(request.problem, house.value);
  if (!problem.ok) {
    const { code, at } = problem.error;
    return failed({ code, message: readErrorWords(problem.error, house.value), at });
  }
  const given = readGiven(request.given, problem.value, house.value);
  if (!given.ok) {
    const { code } = given.error;
    return failed({ code: `given.${code}`, message: givenErrorWords(given.error, house.value) });
  }
  const key = `${JSON.stringify(request.house ?? {})} ${request.problem}`;
  const ways = kept(key, problem.value, house.value);
  const { verdict, explanations } = markedAnswer(ways, given.value, house.value);
  return done({
    problem: request.problem,
    given: request.given,
    verdict: verdict.kind,
    explanations: explanations.map(({ slips, probability }) => ({
      slips,
      probability: Math.round(probability * 10_000) / 10_000,
    })),
  });
}
