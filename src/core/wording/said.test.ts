import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { runOf } from "../checks";
import { PRESETS } from "../house";
import { EVERY_METHOD, METHOD_IDS, workingOf } from "../methods";
import { anyProblemFor } from "../testing/arbitrary";
import { problemOf } from "../testing/problems";
import { runsOf } from "../testing/runs";
import { claimsOf } from "../testing/said/claimsOf";
import { claimsOfWorking } from "../testing/said/claimsOfWorking";
import { lawsBroken } from "../testing/said/laws";
import { plain, stepWords } from "./index";

const house = PRESETS.fillersTrueValue;
const comma = PRESETS.commaBelow;

describe("what is said of numbers", () => {
  it.each(METHOD_IDS)("holds in every line of %s, in every school's hand", (method) => {
    let read = 0;
    for (const preset of Object.values(PRESETS))
      for (const problem of fc.sample(anyProblemFor(method), { numRuns: runsOf("linesSaid"), seed: 20 })) {
        const claims = claimsOfWorking(problem, preset, method);
        expect(claims.faults).toEqual([]);
        read += claims.read;
      }
    expect(read).toBeGreaterThan(runsOf("linesSaid"));
  });
});

describe("the reader of claims", () => {
  it.each([
    ["With these digits −0.02 is too small and −2 too large: −0.2 is right.", house],
    ["8 and 9 twelfths make 17.", house],
    ["The 1 and the 1 halves make 2 halves.", house],
    ["In 902 the 2 is two tens: open its row with a zero.", house],
    ["9 times 8 is 74: write 4, carry 7.", house],
    ["8 and the 7 carried make 15: write 1, carry 5.", house],
    ["3 goes once into 7.", house],
    ["3 goes twice into 7, and 4 are left: 2 4/3.", house],
    ["3 goes once into 7, and 1 is left: 1 1/3.", house],
    ["36 hundredths are four tenths and six hundredths.", house],
    ["Three hundredths take away five hundredths leaves two hundredths: write 2.", house],
    ["Back again: 3 · 6, + 1,99 = 19,99, the dividend.", comma],
    ["The answer is 6.03: six and three thousandths.", house],
    ["The answer is $4.07: four dollars and seventy cents.", house],
    ["1 lb 4 oz is 18 oz.", house],
    ["First, roughly: 40 × 6 makes about 2400.", house],
    ["12 is 1 tens and 2.", house],
    ["Two 5p and one 2p make £0.12 up to £0.35.", house],
    ["it begins small.", house],
    ["It has no end", house],
  ])("finds what is wrong in: %s", (line, rules) => {
    expect(claimsOf(line, rules).faults).not.toEqual([]);
  });

  it.each([
    ["With these digits −2 is too small and −0.02 too large: −0.2 is right.", house],
    ["8 twelfths and 9 twelfths make 17 twelfths: 17/12.", house],
    ["In 9020 the 2 is two tens: open its row with a zero.", house],
    ["8 times 7 is 56, and the 5 carried make 61: write 1, carry 6.", house],
    ["3 goes twice into 7, and 1 is left: 2 1/3.", house],
    ["36 hundredths are three tenths and six hundredths.", house],
    ["Twelve hundredths take away five hundredths leaves seven hundredths: write 7.", house],
    ["Back again: 3 · 6 + 1,99 = 19,99, the dividend.", comma],
    ["The answer is −6.003: minus six and three thousandths.", house],
    ["The answer is $4.07: four dollars and seven cents.", house],
    ["1 lb 4 oz is 20 oz.", house],
    ["First, roughly: 40 × 6 makes about 240.", house],
    ["Two 5p and one 2p make £0.23 up to £0.35.", house],
    ["Two hundred-millionths and nine hundred-millionths make eleven hundred-millionths: write 1.", house],
    ["5096996990909 > 0,5: five and one tenth is more than nine hundred five thousandths.", comma],
  ])("finds nothing wrong in: %s", (line, rules) => {
    const { read, faults } = claimsOf(line, rules);
    expect(faults).toEqual([]);
    expect(read).toBeGreaterThan(0);
  });
});

describe("laws that are stated", () => {
  it.each(METHOD_IDS)("hold in the steps of %s that state them", (method) => {
    for (const preset of Object.values(PRESETS))
      for (const problem of fc.sample(anyProblemFor(method), { numRuns: runsOf("lawsStated"), seed: 21 }))
        for (const { reason } of runOf(workingOf(problem, preset, method), EVERY_METHOD).steps)
          expect(lawsBroken(plain(stepWords(reason, preset).why), reason)).toEqual([]);
  });
});

describe("the table of laws", () => {
  const [step] = runOf(workingOf(problemOf("4.2 + 0.35"), house), EVERY_METHOD).steps.slice(-1);

  it.each(["Adding undoes taking away, so it must lead back.", "A longer number is always the larger."])(
    "finds a law where it does not hold: %s",
    (why) => {
      expect(step && lawsBroken(why, step.reason)).toEqual([why]);
    },
  );
});
