import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { runOf } from "@/core/checks";
import { PRESETS } from "@/core/house";
import { EVERY_METHOD, libraryOf, type MethodId, type Reason } from "@/core/methods";
import { writeProblem } from "@/core/problem";
import { anyHouse, anyProblem } from "@/core/testing/arbitrary";
import { problemOf } from "@/core/testing/problems";
import { runsOf } from "@/core/testing/runs";
import { stepWords as everyWords, wordsFrom } from "@/core/wording";
import { PART as CHAIN } from "./chain";
import { PART as FRACTIONS } from "./fractions";
import { PART as MEASURES } from "./measures";
import { PART as MENTAL } from "./mental";
import { PART as MONEY } from "./money";
import { partsRegistry } from "./parts";
import { PART as PRODUCTS } from "./products";
import { PART as QUANTITIES } from "./quantities";
import { PART as SIGNED } from "./signed";

const HOUSE = PRESETS.fillersTrueValue;
const sample = problemOf("54 lb 3 oz − 27 lb 9 oz");
const { addPart, partsInMenu, partsMissing, partsThere, partsUsed, partsWelcome, stepWords, watchParts } =
  partsRegistry();
const [DECIMALS] = partsThere().parts;
if (DECIMALS === undefined) throw new Error("the part of decimals is always there");
const PARTS = [DECIMALS, PRODUCTS, FRACTIONS, SIGNED, MONEY, MEASURES, QUANTITIES, CHAIN, MENTAL];

/** Measures and amounts that come to plain numbers on the way. */
const rare = fc.constantFrom("6 lb ÷ 2 lb ÷ 7 × 2", "(−3) × ($6 ÷ $2)", "9 L ÷ 3 L − 5").map(problemOf);

describe("the parts of a problem", () => {
  it("are all that its board needs: the same run and the same words as with every part", () => {
    fc.assert(
      fc.property(fc.oneof({ weight: 20, arbitrary: anyProblem }, rare), anyHouse, (problem, house) => {
        const kinds = new Set<string>(["decimals", ...partsUsed(writeProblem(problem, house), house, [])]);
        const parts = PARTS.filter(({ id }) => kinds.has(id));
        const library = libraryOf<Reason, MethodId>(parts.map(({ methods }) => methods));
        const books = parts.map(({ book }) => book);
        const run = runOf(library.workingOf(problem, house), library);
        const whole = runOf(EVERY_METHOD.workingOf(problem, house), EVERY_METHOD);
        expect(run.working.method).toBe(whole.working.method);
        expect(run.working.answer).toEqual(whole.working.answer);
        for (const { reason } of run.working.steps) {
          expect(wordsFrom(books, reason, house)).toEqual(everyWords(reason, house));
        }
        expect(run.steps.map(({ reason }) => reason)).toEqual(whole.steps.map(({ reason }) => reason));
        for (const { reason } of run.steps) expect(wordsFrom(books, reason, house).say).not.toBe("");
      }),
      { numRuns: runsOf("loadedParts") },
    );
  });

  it("are missing until they come, and are then told to those who watch", () => {
    expect(partsMissing("54 lb − 27 lb", HOUSE)).toEqual(["products", "measures"]);
    expect(partsMissing("1.5 + 2", HOUSE)).toEqual([]);
    expect(partsWelcome("3 − 8", HOUSE)).toEqual(["products", "signed"]);
    expect(partsInMenu(problemOf("3 − 8"))).toEqual(["mental"]);
    expect(partsMissing("3 − 8", HOUSE, ["subtraction-by-decomposition", undefined])).toEqual([]);
    expect(partsMissing("3 − 8", HOUSE, ["compensation"])).toEqual(["mental"]);
    expect(partsMissing("3 lb + ", HOUSE)).toEqual([]);
    let told = 0;
    const stop = watchParts(() => told++);
    addPart(MEASURES);
    addPart(MEASURES);
    stop();
    addPart(MONEY);
    addPart(PRODUCTS);
    expect(told).toBe(1);
    expect(partsMissing("54 lb − 27 lb", HOUSE)).toEqual([]);
    expect(partsThere().parts.map(({ id }) => id)).toEqual(["decimals", "products", "money", "measures"]);
    const { steps } = EVERY_METHOD.workingOf(sample, HOUSE);
    const [first] = steps;
    expect(first && stepWords(first.reason, HOUSE)).toEqual(first && everyWords(first.reason, HOUSE));
  });
});
