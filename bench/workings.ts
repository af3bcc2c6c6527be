import Exact from "decimal.js";
import { Bench } from "tinybench";
import { PRESETS } from "@/core/house";
import { METHOD_IDS, workingOf } from "@/core/methods";
import { readProblem } from "@/core/problem";
import { plainText } from "@/core/testing/answers";
import { chanceFrom, evenLine } from "./problems";

const SIZES = [2, 6, 15] as const;
const SAMPLE = 64;
const Wide = Exact.clone({ precision: 60 });

/** For each method and size: workings a second, bare sums a second, and how the time grows with the digits. */
export async function measureWorkings() {
  const rows: {
    readonly method: string;
    readonly digitsEachSide: number;
    readonly workingsPerSecond: number;
    readonly millisecondsEach: number;
    readonly bareSumsPerSecond: number;
    readonly ratio: number;
    readonly microsecondsPerDigit: number;
  }[] = [];
  for (const method of METHOD_IDS) {
    const sign = method === "column-addition" ? "+" : "-";
    for (const size of SIZES) {
      const chance = chanceFrom(size);
      const house = PRESETS.fillersTrueValue;
      const problems = Array.from({ length: SAMPLE }, () => {
        const problem = readProblem(evenLine(chance, sign, size), house);
        if (!problem.ok) throw new Error("measureWorkings: a problem does not read");
        return problem.value;
      });
      const bare = problems.map(({ operands }) => operands.map((operand) => new Wide(plainText(operand))));
      const bench = new Bench({ time: 700 });
      bench.add("workings", () => {
        for (const problem of problems) workingOf(problem, house, method);
      });
      bench.add("bare", () => {
        for (const [first, second] of bare) {
          if (first && second) sign === "+" ? first.plus(second) : first.minus(second);
        }
      });
      await bench.run();
      const [working, arithmetic] = ["workings", "bare"].map((name) => {
        const result = bench.getTask(name)?.result;
        if (result === undefined || !("latency" in result))
          throw new Error(`measureWorkings: ${name} did not run`);
        return result.latency.mean / SAMPLE;
      });
      if (working === undefined || arithmetic === undefined) continue;
      rows.push({
        method,
        digitsEachSide: size,
        workingsPerSecond: Math.round(1000 / working),
        millisecondsEach: rounded(working, 4),
        bareSumsPerSecond: Math.round(1000 / arithmetic),
        ratio: rounded(working / arithmetic, 0),
        microsecondsPerDigit: rounded((working * 1000) / (2 * size), 2),
      });
    }
  }
  return rows;
}

export const rounded = (value: number, digits: number): number => Number(value.toFixed(digits));
