import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { workingOf } from "@/core/methods";
import { readProblem, writeProblem } from "@/core/problem";
import { wrongAnswer } from "@/core/testing/answers";
import { anyHouse, anyProblem } from "@/core/testing/arbitrary";
import { formsOf, formWords, takesForms } from "./forms";

describe("the forms that are offered", () => {
  it("can each be typed, worked and read back, and are each named once", () => {
    fc.assert(
      fc.property(anyProblem, anyHouse, (problem, house) => {
        if (!takesForms(problem.op)) return;
        const forms = formsOf(problem.op);
        expect(new Set(forms.map(({ form }) => formWords(form, house))).size).toBe(forms.length);
        for (const { form, about } of forms) {
          const asked = { ...problem, wanted: form };
          expect(readProblem(writeProblem(asked, house), house)).toEqual({ ok: true, value: asked });
          expect(wrongAnswer(workingOf(asked, house))).toBeUndefined();
          expect(about).toMatch(/\.$/);
        }
      }),
      { numRuns: 120 },
    );
  });
});
