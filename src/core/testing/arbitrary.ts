import fc from "fast-check";
import { type HouseRules, houseRulesFrom, PRESETS, SWITCH_NAMES, SWITCHES } from "../house";
import { EVERY_METHOD, METHOD_IDS, type MethodId, methodsFor } from "../methods";
import { isAmount, operandsOf, type Problem, type ProblemKind, readProblem } from "../problem";
import { DECIMAL_PROBLEMS } from "./decimalProblems";
import { LINES } from "./typedLines";
import { valueOfResult } from "./valueOfResult";

export { anyDecimal } from "./decimalProblems";

/** A typed line as a problem; none where it is refused. */
const asProblem = (line: string): Problem | undefined => {
  const read = readProblem(line, PRESETS.fillersTrueValue);
  return read.ok ? read.value : undefined;
};

const typed = (lines: fc.Arbitrary<string>): fc.Arbitrary<Problem> =>
  lines.map(asProblem).filter((problem): problem is Problem => problem !== undefined);

/** Whether money has its sign somewhere, so that it means the same under every house's currency. */
function saysWhose(problem: Problem): boolean {
  const amounts = operandsOf(problem).filter(isAmount);
  return amounts.length === 0 || amounts.some((amount) => amount.of === "major");
}

/** Any problem of any operation on decimals. */
const anyDecimalProblem = fc.oneof(...Object.values(DECIMAL_PROBLEMS));

/** Any problem of a kind. */
const OF_KIND: Readonly<Record<ProblemKind, fc.Arbitrary<Problem>>> = {
  decimals: anyDecimalProblem,
  fractions: typed(fc.oneof(...Object.values(LINES.fractions))),
  signed: typed(fc.oneof(...Object.values(LINES.signed))),
  money: typed(fc.oneof(...Object.values(LINES.money))).filter(saysWhose),
  measures: typed(fc.oneof(...Object.values(LINES.measures))),
  quantities: typed(fc.oneof(...Object.values(LINES.quantities))).filter(saysWhose),
  chain: typed(fc.oneof(...Object.values(LINES.chain))).filter(saysWhose),
};

/** Any problem of any kind. */
export const anyProblem: fc.Arbitrary<Problem> = fc.oneof(...Object.values(OF_KIND));

const takes = (problem: Problem, method: MethodId): boolean =>
  methodsFor(problem).some(({ id, refusal }) => id === method && refusal === undefined);

/** Any problem with any method that takes it. */
export const anyTask: fc.Arbitrary<{ readonly problem: Problem; readonly method: MethodId }> =
  anyProblem.chain((problem) => {
    const taking = methodsFor(problem).filter(({ refusal }) => refusal === undefined);
    return fc.constantFrom(...taking.map(({ id }) => ({ problem, method: id })));
  });

/** The methods' own samples say of what kind and operation their problems are. */
const SOURCES: ReadonlyMap<MethodId, fc.Arbitrary<Problem>> = new Map(
  METHOD_IDS.map((method): [MethodId, fc.Arbitrary<Problem>] => {
    const sample = asProblem(EVERY_METHOD.card(method).sample);
    if (sample === undefined)
      throw new Error(`anyProblemFor: ${EVERY_METHOD.card(method).sample} does not read`);
    if (sample.kind !== "decimals") {
      const lines: Readonly<Record<string, fc.Arbitrary<string>>> = LINES[sample.kind];
      const worked = Object.entries(lines).filter(([op]) => worksOn(method, op));
      return [method, typed(fc.oneof(...worked.map(([, line]) => line)))];
    }
    const worked = Object.entries(DECIMAL_PROBLEMS).filter(([op]) => worksOn(method, op));
    return [method, fc.oneof(...worked.map(([, problem]) => problem))];
  }),
);

/** Whether a method works problems of an operation at all, by what it says where it refuses the others. */
function worksOn(method: MethodId, op: string): boolean {
  const refusals = METHOD_IDS.map((id) => asProblem(EVERY_METHOD.card(id).sample)).flatMap((problem) =>
    problem === undefined ? [] : [methodsFor(problem).find(({ id }) => id === method)?.refusal],
  );
  const named = refusals.find((refusal) => refusal?.kind === "otherOperation");
  return named?.kind !== "otherOperation" || named.worksOn.some((one) => one === op);
}

/** Any problem that a method takes. */
export function anyProblemFor(method: MethodId): fc.Arbitrary<Problem> {
  const source = SOURCES.get(method);
  if (source === undefined) throw new Error(`anyProblemFor: there is no ${method}`);
  return source.filter((problem) => takes(problem, method));
}

/** Any house rules: every switch by itself. */
export const anyHouse: fc.Arbitrary<HouseRules> = fc
  .tuple(...SWITCH_NAMES.map((name) => fc.constantFrom(...SWITCHES[name])))
  .map((settings) => {
    return valueOfResult(
      houseRulesFrom(Object.fromEntries(SWITCH_NAMES.map((name, index) => [name, settings[index] ?? ""]))),
      "anyHouse: a setting of a switch is refused",
    );
  });
