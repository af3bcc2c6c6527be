import { describe, expect, it } from "vitest";
import { PRESETS } from "../house";
import { readOneQuantity, worthOf } from "../problem";
import { problemOf } from "../testing/problems";
import { slippedWorking } from "./slipped";
import { SLIPS } from "./slips";

const house = PRESETS.fillersTrueValue;

describe("the catalogue", () => {
  for (const slip of Object.values(SLIPS).flat()) {
    if (slip.id === "check-times-always-grows") continue;
    it(`${slip.id} gives the answer of its worked example`, () => {
      const [line, given] = slip.example;
      const problem = problemOf(line);
      const working = slippedWorking(problem, house, [slip]);
      expect(working).toBeDefined();
      if (working === undefined) return;
      if (working.answer.kind === "comparison") {
        const { relation, left, right } = working.answer;
        const larger = relation === ">" ? left : right;
        expect(`${larger.kind === "decimal" ? `${larger.whole}.${larger.fraction}` : ""}`).toBe(given);
        return;
      }
      const wanted = readOneQuantity(given, house);
      if (!wanted.ok) throw new Error(`${given} can't be read`);
      expect(worthOf(working.answer, undefined).toFraction()).toBe(
        worthOf(
          wanted.value.kind === "amount" || wanted.value.kind === "measure" ? wanted.value : wanted.value,
          undefined,
        ).toFraction(),
      );
    });
  }
});
