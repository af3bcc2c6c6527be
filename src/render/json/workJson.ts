import { runOf } from "@/core/checks";
import { featuresOf } from "@/core/features";
import { choicesOf, type HouseChoices, type HouseRules, houseRulesFrom } from "@/core/house";
import { METHOD_IDS, type MethodId, methodsFor, type Working, workingOf } from "@/core/methods";
import { writeDecimal } from "@/core/number";
import { fractionOf, readProblem, writeProblem } from "@/core/problem";
import { done, failed, type Result } from "@/core/result";
import {
  estimateLine,
  houseRefusalWords,
  numeralWords,
  plain,
  readErrorWords,
  refusalWords,
  stepWords,
} from "@/core/wording";

/** An error as programs get it: a code that stays the same, a sentence, and the place in the line where there is one. */
export interface ProgramError {
  readonly code: string;
  readonly message: string;
  readonly at?: number;
}

/** What a program asks for: a problem as typed, and if it likes a method and house choices. */
export interface WorkRequest {
  readonly problem: string;
  readonly method?: string | undefined;
  readonly house?: HouseChoices | undefined;
}

/** Reads and works a program's problem: the verified working, or the error to give. */
export function workRequested(request: WorkRequest): Result<Working, ProgramError> {
  const house = houseRulesFrom(request.house ?? {});
  if (!house.ok) return failed({ code: house.error.kind, message: houseRefusalWords(house.error) });
  const problem = readProblem(request.problem, house.value);
  if (!problem.ok) {
    const { code, at } = problem.error;
    return failed({ code, message: readErrorWords(problem.error, house.value), at });
  }
  if (request.method === undefined) return done(workingOf(problem.value, house.value));
  const method = METHOD_IDS.find((id): id is MethodId => id === request.method);
  if (method === undefined) {
    const message = `There is no method “${request.method}”. The methods are ${METHOD_IDS.join(", ")}.`;
    return failed({ code: "unknownMethod", message });
  }
  const refusal = methodsFor(problem.value).find(({ id }) => id === method)?.refusal;
  if (refusal) return failed({ code: "methodRefuses", message: refusalWords(method, refusal) });
  return done(workingOf(problem.value, house.value, method));
}

/** The exact value of a working's answer in lowest terms, as `n/d`: `5` is `5/1`. */
const exactValue = (working: Working): string => {
  const value = fractionOf(working.answer);
  return `${value.s < 0n ? "-" : ""}${value.n}/${value.d}`;
};

/** A working as one line of a list: the answer as written in the house rules, and its exact value. */
export const workLine = (working: Working) => ({
  method: working.method,
  answer: writeDecimal(working.answer, working.house),
  value: exactValue(working),
  unit: null,
});

/** A working as a whole: its answer, every step with marks, reason and words, its features and checks. */
export function workJson(working: Working) {
  const { problem, house, answer } = working;
  const { steps, estimate, inverse } = runOf(working);
  const near = steps.some(({ reason }) => reason.kind === "compareWithEstimate" && reason.near);
  return {
    problem: writeProblem(problem, house),
    method: working.method,
    house: choicesOf(house),
    answer: {
      written: writeDecimal(answer, house),
      words: numeralWords(answer, house),
      value: exactValue(working),
    },
    steps: steps.map((step) => ({
      stage: step.stage,
      ...wordsOf(step.reason, house),
      reason: step.reason.kind,
      marks: step.marks,
    })),
    features: featuresOf(working),
    checks: {
      estimate: {
        line: estimateLine(estimate, problem.op, house),
        result: writeDecimal(estimate.result, house),
        near,
      },
      inverse: {
        problem: writeProblem(inverse.working.problem, house),
        answer: writeDecimal(inverse.working.answer, house),
        agrees: inverse.agrees,
      },
    },
  };
}

function wordsOf(reason: Parameters<typeof stepWords>[0], house: HouseRules) {
  const { say, why, ask } = stepWords(reason, house);
  return { say: plain(say), why: plain(why), ask: plain(ask) };
}
