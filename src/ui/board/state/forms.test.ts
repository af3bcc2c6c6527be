import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { workingOf } from "@/core/methods";
import { readProblem, writeForm, writeProblem, writeUnformed } from "@/core/problem";
import { wrongAnswer } from "@/core/testing/answers";
import { anyHouse, anyProblem } from "@/core/testing/arbitrary";
import { valueOfResult } from "@/core/testing/valueOfResult";
import { formsOf, formWords, takesForms } from "./forms";

describe("the forms that are offered", () => {
  it("can each be typed, worked and read back, and are each named once", () => {
    fc.assert(
      fc.property(anyProblem, anyHouse, (problem, house) => {
        if (!takesForms(problem)) return;
        const forms = formsOf(problem);
        expect(new Set(forms.map(({ form }) => formWords(form, house))).size).toBe(forms.length);
        for (const { form, about } of forms) {
          const line = writeUnformed(problem, house) + writeForm(form, house);
          const asked = valueOfResult(readProblem(line, house), `${line} does not read`);
          // A decimal alone that is to be brought to a place is rounded.
          expect([line, `round ${line}`]).toContain(writeProblem(asked, house));
          expect(wrongAnswer(workingOf(asked, house))).toBeUndefined();
          expect(about).toMatch(/\.$/);
        }
      }),
      { numRuns: 120 },
    );
  });
});
