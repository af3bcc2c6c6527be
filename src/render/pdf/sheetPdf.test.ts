import fc from "fast-check";
import { extractText, getDocumentProxy } from "unpdf";
import { describe, expect, it } from "vitest";
import { type HouseRules, houseRulesFrom, PRESETS } from "@/core/house";
import { GIVEN_PARTS } from "@/core/learnerTask";
import { EVERY_METHOD, METHOD_IDS, type Working, workingOf } from "@/core/methods";
import { readProblem, writeAnswer, writeProblem } from "@/core/problem";
import { drawSheet, SKILLS } from "@/core/sheets";
import { runsOf } from "@/core/testing/runs";
import { valueOfResult } from "@/core/testing/valueOfResult";
import { PLAIN_PRINTING, type Printing } from "../print";
import { sheetPdf } from "./sheetPdf";

const POINT = PRESETS.fillersTrueValue;
const COMMA: HouseRules = { ...POINT, decimalMark: "comma" };

/** The text of every page as another library reads it, without the spaces, whose widths are the letters' own. */
async function readBack(pdf: Uint8Array): Promise<readonly string[]> {
  const { text } = await extractText(await getDocumentProxy(new Uint8Array(pdf)), { mergePages: false });
  return text.map((page) => page.replaceAll(/\s/g, ""));
}

const squeezed = (line: string): string => line.replaceAll(/\s/g, "");

async function printed(workings: readonly Working[], house: HouseRules, more: Partial<Printing>) {
  const pdf = valueOfResult(
    await sheetPdf(
      { title: "Cables and spokes", code: "K7M3PQ", house, workings },
      { ...PLAIN_PRINTING, ...more },
    ),
    "letters are missing",
  );
  return { pdf, pages: await readBack(pdf) };
}

/** Where each text begins, each looked for behind the one before; −1 where one is missing. */
function placesInOrder(text: string, wanted: readonly string[]): readonly number[] {
  let from = 0;
  return wanted.map((one) => {
    const at = text.indexOf(squeezed(one), from);
    if (at >= 0) from = at + squeezed(one).length;
    return at;
  });
}

const printing = fc.record({
  paper: fc.constantFrom("a4" as const, "letter" as const),
  turned: fc.boolean(),
  layout: fc.constantFrom("lines" as const, "squares" as const),
  columns: fc.constantFrom(1 as const, 2 as const, 3 as const),
  given: fc.constantFrom(...GIVEN_PARTS),
  large: fc.boolean(),
  tearOff: fc.boolean(),
  key: fc.constantFrom("answers" as const, "workings" as const),
});

describe("a sheet as a PDF", () => {
  it("says the sheet's problems and answers in their order, however it is printed", async () => {
    const run = fc.asyncProperty(
      fc.constantFrom(...SKILLS),
      fc.constantFrom(POINT, COMMA),
      fc.integer({ min: 1, max: 500 }),
      printing,
      async ({ climb }, house, seed, how) => {
        const drawn = drawSheet(climb, 9, house, seed);
        if (!drawn.ok) return;
        const workings = drawn.value.map(({ working }) => working);
        const { pages } = await printed(workings, house, how);
        const text = pages.join("");
        const problems = workings.map((one) => writeProblem(one.problem, house));
        const solved = workings.map((one) => writeAnswer(one.answer, house));
        const [before, key = ""] = text.split("Key:CablesandspokesK");
        const sheetText = before?.split("Key:Cablesandspokes")[0] ?? "";
        expect(placesInOrder(sheetText, problems)).not.toContain(-1);
        const keyText = text.slice(sheetText.length) + key;
        expect(
          placesInOrder(
            keyText,
            problems.flatMap((problem, nth) => [problem, solved[nth] ?? ""]),
          ),
        ).not.toContain(-1);
        if (how.tearOff) {
          const cut = sheetText.slice(sheetText.indexOf("Cuthere"));
          expect(placesInOrder(cut, solved)).not.toContain(-1);
        }
      },
    );
    await fc.assert(run, { numRuns: runsOf("printedSheets") });
  });

  it("has letters for all that the methods write and say, in every house and money", async () => {
    const houses = [
      ...Object.values(PRESETS),
      COMMA,
      ...["GBP", "EUR", "INR", "PHP", "ZAR", "own|kr|øre|krone|kroner|øre|øre|100|500"].flatMap(
        (currency) => {
          const house = houseRulesFrom({ currency });
          return house.ok ? [house.value] : [];
        },
      ),
    ];
    const everySo = Math.round(METHOD_IDS.length / runsOf("printedMethods"));
    for (const [nth, house] of houses.entries()) {
      const methods = METHOD_IDS.filter((_, at) => at % everySo === nth % everySo);
      const workings = methods.flatMap((id) => {
        const read = readProblem(EVERY_METHOD.card(id).sample, {
          decimalMark: "point",
          grouping: "none",
          currency: "USD",
        });
        return read.ok ? [workingOf(read.value, house, id)] : [];
      });
      const pdf = await sheetPdf(
        { title: "Everything ≈ ≤ ≥ ≠ √", code: undefined, house, workings },
        { ...PLAIN_PRINTING, key: "workings" },
      );
      expect(pdf.ok ? [] : pdf.error.missing).toEqual([]);
    }
  });

  it("says which signs it has no letters for, and writes nothing", async () => {
    const pdf = await sheetPdf(
      { title: "自転車", code: undefined, house: POINT, workings: [] },
      PLAIN_PRINTING,
    );
    expect(pdf).toEqual({ ok: false, error: { missing: ["自", "転", "車"] } });
  });
});
