import type Exact from "fraction.js";
import { Bench } from "tinybench";
import { featuresOf } from "@/core/features";
import { PRESETS } from "@/core/house";
import { answerOf, METHOD_IDS, type MethodId, workingOf } from "@/core/methods";
import { exactValue, fractionOf, operandsOf, type Problem, readProblem } from "@/core/problem";
import { chanceFrom, problemFor, SIZES, type Size } from "./problems";

const SAMPLE = 32;
/** One method at one size. `units` are what its time is to grow with: columns, digit products, digits of the quotient, or steps. */
interface WorkingsRow {
  readonly method: MethodId;
  readonly size: Size;
  readonly workingsPerSecond: number;
  readonly millisecondsEach: number;
  /** The time of the answer alone, verified in the same way but without a mark, as a part of the working's. */
  readonly answerAlone: number;
  readonly barePerSecond: number;
  readonly ratio: number;
  readonly units: number;
  readonly microsecondsPerUnit: number;
}

/** For each method and size: workings a second, the answer alone and bare arithmetic a second on the same operands, and how the time grows. */
export async function measureWorkings(): Promise<readonly WorkingsRow[]> {
  const rows: WorkingsRow[] = [];
  const house = PRESETS.fillersTrueValue;
  for (const method of METHOD_IDS) {
    for (const size of SIZES) {
      const chance = chanceFrom(SIZES.indexOf(size) + 1);
      const problems = Array.from({ length: SAMPLE }, () => {
        const line = problemFor(method, size, chance);
        const problem = readProblem(line, house);
        if (!problem.ok || workingOf(problem.value, house, method).method !== method) {
          throw new Error(`measureWorkings: ${line} is no problem for ${method}`);
        }
        return problem.value;
      });
      const bare = problems.map((problem) => operandsOf(problem).map(fractionOf));
      const bench = new Bench({ time: 400 });
      bench.add("workings", () => {
        for (const problem of problems) workingOf(problem, house, method);
      });
      bench.add("answers", () => {
        for (const problem of problems) answerOf(problem, house, method);
      });
      bench.add("bare", () => {
        problems.forEach((problem, index) => {
          compute(problem, bare[index] ?? []);
        });
      });
      await bench.run();
      const [working, answer, arithmetic] = ["workings", "answers", "bare"].map((name) => {
        const result = bench.getTask(name)?.result;
        if (result === undefined || !("latency" in result))
          throw new Error(`measureWorkings: ${name} did not run`);
        return result.latency.mean / SAMPLE;
      });
      if (working === undefined || answer === undefined || arithmetic === undefined) continue;
      const units = unitsOf(problems, method);
      rows.push({
        method,
        size,
        workingsPerSecond: Math.round(1000 / working),
        millisecondsEach: rounded(working, 4),
        answerAlone: rounded(answer / working, 2),
        barePerSecond: Math.round(1000 / arithmetic),
        ratio: rounded(working / arithmetic, 0),
        units,
        microsecondsPerUnit: rounded((working * 1000) / units, 2),
      });
    }
  }
  return rows;
}

/** The problem's bare arithmetic by a library, on numbers it has read already. */
function compute(problem: Problem, numbers: readonly Exact[]): Exact | number | undefined {
  const [first, ...rest] = numbers;
  if (first === undefined) return undefined;
  switch (problem.op) {
    case "add":
      return rest.reduce((sum, next) => sum.add(next), first);
    case "subtract":
    case "compare":
    case "enough":
      return rest.reduce((sum, next) => sum.sub(next), first);
    case "multiply":
      return rest.reduce((product, next) => product.mul(next), first);
    case "divide":
      return rest.reduce((quotient, next) => quotient.div(next), first);
    case "terms":
      return rest.reduce(
        (sum, next, index) => (problem.more[index]?.join === "add" ? sum.add(next) : sum.sub(next)),
        first,
      );
    case "chain":
      return exactValue(problem.expression);
    case "round":
      return first.round(problem.form.kind === "toPlace" ? Math.max(0, -problem.form.place) : 0);
    case "order":
      return numbers.slice().sort((a, b) => a.compare(b)).length;
    case "rewrite":
    case "pay":
      return first.mul(1);
  }
}

/** What a method's time should grow with, on average over some problems: digit products, digits of the quotient, the digits of the operands, or its steps. */
function unitsOf(problems: readonly Problem[], method: MethodId): number {
  const counts = problems.map((problem) => {
    const { digitProducts, quotientDigits } = featuresOf(
      workingOf(problem, PRESETS.fillersTrueValue, method),
    );
    const digits = operandsOf(problem).map((operand) =>
      operand.kind === "decimal" ? operand.whole.length + operand.fraction.length : 0,
    );
    const { length } = workingOf(problem, PRESETS.fillersTrueValue, method).steps;
    return problem.kind === "decimals" ? digitProducts || quotientDigits || Math.max(...digits) : length;
  });
  return Math.round(counts.reduce((sum, count) => sum + count, 0) / counts.length);
}

export const rounded = (value: number, digits: number): number => Number(value.toFixed(digits));
