import { runOf } from "@/core/checks";
import { featuresOf } from "@/core/features";
import { choicesOf, type HouseChoices, type HouseRules, houseRulesFrom } from "@/core/house";
import { EVERY_METHOD, METHOD_IDS, type MethodId, methodsFor, type Working, workingOf } from "@/core/methods";
import {
  type Answer,
  answerValueOf,
  divisorOf,
  type Problem,
  readProblem,
  writeAnswer,
  writeProblem,
} from "@/core/problem";
import { UNITS, unitOf, writeQuantity } from "@/core/quantity";
import { done, failed, type Result } from "@/core/result";
import {
  answerInWords,
  estimateLine,
  houseRefusalWords,
  methodWords,
  plain,
  readErrorWords,
  refusalSentence,
  stepWords,
} from "@/core/wording";
import type { Refusal } from "../refusal";

/** What a program asks for: a problem as typed, and if it likes a method and house choices. */
export interface WorkRequest {
  readonly problem: string;
  readonly method?: string | undefined;
  readonly house?: HouseChoices | undefined;
}

/** A program's problem read under its house rules, or the error to give. */
export function problemRequested({
  problem: line,
  house: choices,
}: Omit<WorkRequest, "method">): Result<{ readonly problem: Problem; readonly house: HouseRules }, Refusal> {
  const house = houseRulesFrom(choices ?? {});
  if (!house.ok) return failed({ code: house.error.kind, message: houseRefusalWords(house.error) });
  const problem = readProblem(line, house.value);
  if (!problem.ok) {
    const { code, at } = problem.error;
    return failed({ code, message: readErrorWords(problem.error, house.value), at });
  }
  return done({ problem: problem.value, house: house.value });
}

/** Reads and works a program's problem: the verified working, or the error to give. */
export function workRequested(request: WorkRequest): Result<Working, Refusal> {
  const read = problemRequested(request);
  if (!read.ok) return read;
  const { problem, house } = read.value;
  if (request.method === undefined) return done(workingOf(problem, house));
  const method = METHOD_IDS.find((id): id is MethodId => id === request.method);
  if (method === undefined) {
    const message = `There is no method “${request.method}”. The methods are ${METHOD_IDS.join(", ")}.`;
    return failed({ code: "unknownMethod", message });
  }
  const refusal = methodsFor(problem).find(({ id }) => id === method)?.refusal;
  if (refusal)
    return failed({ code: "methodRefuses", message: refusalSentence(methodWords(method), refusal) });
  return done(workingOf(problem, house, method));
}

/** What a working's answer is worth in lowest terms, as `n/d`: `5` is `5/1`. A comparison is worth the difference. */
const exactValue = ({ problem, answer }: Working): string => {
  const value = answerValueOf(answer, divisorOf(problem));
  return `${value.s < 0n ? "-" : ""}${value.n}/${value.d}`;
};

/** The unit that an answer's value counts: the currency of money, the smallest unit of a measure's scale; none for plain numbers. */
function unitOfAnswer(answer: Answer): string | null {
  switch (answer.kind) {
    case "amount":
      return answer.currency;
    case "roundedAmount":
      return answer.amount.currency;
    case "share":
      return answer.each.currency;
    case "sufficiency":
      return answer.difference.currency;
    case "handed":
      return answer.currency;
    case "measure":
      return smallestOf(answer.parts[0]?.unit);
    case "measureLeft":
      return smallestOf(answer.left.parts[0]?.unit);
    case "decimal":
    case "fraction":
    case "mixed":
    case "rounded":
    case "remainder":
    case "recurring":
    case "comparison":
    case "ordered":
    case "timesLeft":
      return null;
  }
}

/** The smallest unit of a unit's scale, which values are told in. */
const smallestOf = (unit: Parameters<typeof unitOf>[0] | undefined): string | null => {
  if (unit === undefined) return null;
  const { scale } = unitOf(unit);
  return UNITS.filter((one) => one.scale === scale).at(-1)?.id ?? null;
};

/** A working as one line of a list: the answer as written in the house rules, and its exact value. */
export const workLine = (working: Working) => ({
  method: working.method,
  answer: writeAnswer(working.answer, working.house),
  value: exactValue(working),
  unit: unitOfAnswer(working.answer),
});

/** A working as a whole: its answer, every step with marks, reason and words, its features and checks. */
export function workJson(working: Working) {
  const { problem, house, answer } = working;
  const { steps, estimate, inverse } = runOf(working, EVERY_METHOD);
  const near = steps.some(({ reason }) => reason.kind === "compareWithEstimate" && reason.near);
  return {
    problem: writeProblem(problem, house),
    method: working.method,
    house: choicesOf(house),
    answer: {
      written: writeAnswer(answer, house),
      words: answerInWords(answer, house),
      value: exactValue(working),
    },
    steps: steps.map((step) => ({
      stage: step.stage,
      ...wordsOf(step.reason, house),
      reason: step.reason.kind,
      page: step.page?.index ?? 0,
      marks: step.marks,
    })),
    features: featuresOf(working),
    checks: {
      estimate:
        estimate === undefined
          ? null
          : {
              line: estimateLine(estimate, house),
              result: writeQuantity(estimate.result, house),
              near,
            },
      inverse:
        inverse === undefined
          ? null
          : {
              problem: writeProblem(inverse.working.problem, house),
              answer: writeQuantity(inverse.result, house),
              plus: inverse.plus ? writeQuantity(inverse.plus, house) : null,
              agrees: inverse.agrees,
            },
    },
  };
}

/** Every method with whether it takes a problem, and why not where it does not. */
export function methodsRequested(
  request: Omit<WorkRequest, "method">,
): Result<readonly MethodAnswer[], Refusal> {
  const read = problemRequested(request);
  if (!read.ok) return read;
  return done(
    methodsFor(read.value.problem).map(({ id, refusal }) => ({
      method: id,
      name: methodWords(id).name,
      takes: refusal === undefined,
      reason: refusal ? refusalSentence(methodWords(id), refusal) : null,
    })),
  );
}

/** One method, as a program is told of it. */
export interface MethodAnswer {
  readonly method: MethodId;
  readonly name: string;
  readonly takes: boolean;
  readonly reason: string | null;
}

function wordsOf(reason: Parameters<typeof stepWords>[0], house: HouseRules) {
  const { say, why, ask } = stepWords(reason, house);
  return { say: plain(say), why: plain(why), ask: plain(ask) };
}
