import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type HouseRules, PRESETS } from "../../house";
import { readProblem } from "../../problem";
import { wide } from "../../testing/answers";
import { anyHouse } from "../../testing/arbitrary";
import { DECIMAL_PROBLEMS } from "../../testing/decimalProblems";
import { planDivision, SOUND_SCALING } from "./divisionPlan";

const planOf = (line: string, rules: Partial<HouseRules>) => {
  const house = { ...PRESETS.fillersTrueValue, ...rules };
  const problem = readProblem(line, house);
  if (!problem.ok || problem.value.kind !== "decimals" || problem.value.op !== "divide")
    throw new Error(`${line} does not read`);
  return planDivision(problem.value, { house, decisions: SOUND_SCALING });
};

describe("the plan of a division", () => {
  it("makes the divisor whole without changing the quotient", () => {
    fc.assert(
      fc.property(DECIMAL_PROBLEMS.divide, anyHouse, (problem, house) => {
        const { dividend, divisor, newDividend, newDivisor } = planDivision(problem, {
          house,
          decisions: SOUND_SCALING,
        });
        const [before, after] = [
          wide(dividend).times(newDivisor.toString()),
          wide(newDividend).times(wide(divisor)),
        ];
        expect(before.equals(after)).toBe(true);
        expect(newDivisor > 0n).toBe(true);
      }),
      { numRuns: 200 },
    );
  });

  it.each([
    ["25 ÷ 4", { divisionEnding: "remainder" }, { kind: "remainder" }],
    ["25 ÷ 4", { divisionEnding: "mixed" }, { kind: "mixed" }],
    ["25 ÷ 4", { divisionEnding: "exact" }, { kind: "exact" }],
    ["25 ÷ 4", { divisionEnding: "twoPlaces" }, { kind: "exact" }],
    ["25 ÷ 8", { divisionEnding: "twoPlaces" }, { kind: "rounded", place: -2 }],
    ["2.5 ÷ 4", { divisionEnding: "remainder" }, { kind: "exact" }],
    ["2.5 ÷ 4 with remainder", { divisionEnding: "exact" }, { kind: "remainder" }],
    ["25 ÷ 4 exactly", { divisionEnding: "remainder" }, { kind: "exact" }],
    ["25 ÷ 3 to tenths", { divisionEnding: "mixed" }, { kind: "rounded", place: -1 }],
    ["1 ÷ 97", { divisionEnding: "exact" }, { kind: "tooLong", place: -7 }],
  ] as const)("of %s under %o ends as wanted, else as the house ends", (line, rules, ending) => {
    expect(planOf(line, rules).ending).toMatchObject(ending);
  });

  it("works a rounded quotient one place further, and never stops short of the ones", () => {
    expect(planOf("2 ÷ 3 to hundredths", {}).stop).toEqual({ kind: "place", place: -3 });
    expect(planOf("2000 ÷ 3 to hundreds", {}).stop).toEqual({ kind: "place", place: 0 });
    expect(planOf("2 ÷ 3 with remainder", {}).stop).toEqual({ kind: "place", place: 0 });
    expect(planOf("2 ÷ 3 exactly", {}).stop).toEqual({ kind: "end" });
  });
});
