import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { blockFrom, csvOf, fieldsOf, isBlock, sheetFromCsv } from "./columns";
import { type Cell, keyOf } from "./marks";

const LEARNERS = [
  { id: "a", name: "Ada" },
  { id: "b", name: "Bo" },
];

describe("a pasted block", () => {
  it("is laid over the sheet from its square on; what reaches past it is counted", () => {
    const fields = fieldsOf("1\t2\n3\t4\n5\t6\n", "\t");
    const { sent, outside } = blockFrom(fields, 1, "a", 3, LEARNERS);
    expect(sent).toEqual([
      { row: 1, learner: "a", given: "1" },
      { row: 1, learner: "b", given: "2" },
      { row: 2, learner: "a", given: "3" },
      { row: 2, learner: "b", given: "4" },
    ]);
    expect(outside).toBe(2);
    expect(isBlock("3 1/4\n")).toBe(false);
    expect(isBlock("3\n4")).toBe(true);
  });

  it("of any text is laid or left out, never lost without a word", () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 80 }), fc.nat(5), (text, row) => {
        const fields = fieldsOf(text, "\t");
        const { sent, outside } = blockFrom(fields, row, "b", 4, LEARNERS);
        const filled = fields.flat().filter((field) => field.trim() !== "").length;
        expect(sent.filter(({ given }) => given !== "").length + outside).toBe(filled);
        for (const one of sent) expect(one.row).toBeLessThan(4);
      }),
      { numRuns: 200 },
    );
  });
});

describe("a sheet as CSV", () => {
  it("comes back as it was written: problems, names and answers, whatever is in them", () => {
    const anyField = fc.string({ maxLength: 12 }).map((text) => text.replace(/[\r\n\t\0]/g, "").trim());
    fc.assert(
      fc.property(
        fc.array(
          anyField.filter((text) => text !== "" && !text.startsWith("'")),
          { minLength: 1, maxLength: 5 },
        ),
        fc.array(
          anyField.filter((text) => !text.startsWith("'")),
          { minLength: 5, maxLength: 5 },
        ),
        (problems, answers) => {
          const rows = problems.map((problem) => ({ problem, right: "1" }));
          const cells = new Map<string, Cell>(
            answers.map((typed, row) => [keyOf(row, "a"), { typed, mark: undefined, keeping: "kept" }]),
          );
          const read = sheetFromCsv(csvOf(rows, LEARNERS, cells));
          expect(read?.problems).toEqual(problems);
          expect(read?.columns.map(({ name }) => name)).toEqual(["Ada", "Bo"]);
          expect(read?.columns[0]?.answers).toEqual(problems.map((_, row) => answers[row]));
        },
      ),
      { numRuns: 150 },
    );
  });

  it("without problems is none", () => {
    for (const text of ["", "problem,Ada", "\n\n", "problem,Ada\n,3"])
      expect(sheetFromCsv(text)).toBeUndefined();
  });
});
