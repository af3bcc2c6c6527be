import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { PRESETS } from "@/core/house";
import { cleanName } from "@/core/marking";
import { csvOf, fieldsOf } from "./columns";
import { sheetFrom } from "./markingState";
import { BLANK_SHEET } from "./packedSheet";
import { blockFrom, isBlock } from "./pasted";
import { withNews } from "./sendingState";
import { sheetFromCsv } from "./sheetFile";

const LEARNERS = [
  { id: "a", name: "Ada" },
  { id: "b", name: "Bo" },
];
const house = PRESETS.fillersTrueValue;
const row = (id: string, problem = "1 + 2") => ({ id, problem, right: "3" });
const answer = (at: string, learner: string, given: string) => ({
  row: at,
  learner,
  given,
  verdict: "right" as const,
  faults: [],
  patterns: [],
  chosen: false,
  note: "",
  revision: 1,
});

describe("a pasted block", () => {
  const rows = ["r1", "r2", "r3", "r4"].map((id) => row(id));

  it("is laid over the sheet from its square on; what reaches past it is counted", () => {
    const { fields } = fieldsOf("1\t2\n3\t4\n5\t6\n", "\t");
    const { answers, outside } = blockFrom(fields, "r2", "a", rows.slice(0, 3), LEARNERS);
    expect(answers).toEqual([
      { row: "r2", learner: "a", given: "1" },
      { row: "r2", learner: "b", given: "2" },
      { row: "r3", learner: "a", given: "3" },
      { row: "r3", learner: "b", given: "4" },
    ]);
    expect(outside).toBe(2);
    expect(isBlock("3 1/4\n")).toBe(false);
    expect(isBlock("3\n4")).toBe(true);
  });

  it("of any text is laid or left out, never lost without a word", () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 80 }), fc.constantFrom("r1", "r3", "r4"), (text, from) => {
        const { fields } = fieldsOf(text, "\t");
        const { answers, outside } = blockFrom(fields, from, "b", rows, LEARNERS);
        const filled = fields.flat().filter((field) => field.trim() !== "").length;
        expect(answers.filter(({ given }) => given !== "").length + outside).toBe(filled);
      }),
      { numRuns: 200 },
    );
  });
});

describe("a sheet as CSV", () => {
  it("comes back as it was written: problems, names and answers, whatever is in them", () => {
    const anyField = fc
      .oneof(
        fc.string({ maxLength: 12 }),
        fc.constantFrom("=1+2", "'=x", "''-3", "+5", "@x", "right answer", "Ada: marked"),
      )
      .map((text) => text.replace(/[\r\n\t\0]/g, "").trim());
    const anyName = anyField.map((text) => cleanName(text)).filter((text) => text !== "");
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom("1 + 2", "−7 − (−12)", "$10 − $6.35", "1,200"), {
          minLength: 1,
          maxLength: 5,
        }),
        fc.uniqueArray(anyName, { minLength: 2, maxLength: 2 }),
        fc.array(anyField, { minLength: 10, maxLength: 10 }),
        (problems, names, given) => {
          const readable = problems.filter((line) => line !== "1,200");
          fc.pre(readable.length > 0);
          // A learner may not be called as the columns are that come between.
          fc.pre(names[0] !== "right answer" && names[1] !== `${names[0]}: marked`);
          const rows = readable.map((problem, index) => row(`r${index}`, problem));
          const learners = names.map((name, index) => ({ id: `l${index}`, name }));
          const cells = rows.flatMap(({ id }, down) =>
            learners.map((one, across) => answer(id, one.id, given[down * 2 + across] ?? "")),
          );
          const sheet = withNews(sheetFrom(BLANK_SHEET), { revision: 1, rows, learners, cells, waiting: 0 });
          const read = sheetFromCsv(csvOf(sheet), house);
          expect(read?.leftOut).toEqual([]);
          expect(read?.changed).toEqual([]);
          expect(read?.problems).toEqual(readable);
          expect(read?.learners.map(({ name }) => name)).toEqual(names);
          for (const [across, one] of (read?.learners ?? []).entries())
            expect(one.answers).toEqual(rows.map((_, down) => given[down * 2 + across]));
        },
      ),
      { numRuns: 300 },
    );
  });

  it("without problems is none", () => {
    for (const text of ["", "problem,Ada", "\n\n", "problem,Ada\n,3"])
      expect(sheetFromCsv(text, house)).toBeUndefined();
  });

  it("tells beforehand what would be changed or left out, and leaves out nothing else", () => {
    const long = "9".repeat(201);
    const read = sheetFromCsv(
      `problem,Sam,Sam,,${"x".repeat(50)}\n1 + 2,3,4,5,6\nnonsense,7,8,9,1\n,2,2,2,2\n4 − 1,3,${long},3,3\n`,
      house,
    );
    expect(read?.problems).toEqual(["1 + 2", "4 − 1"]);
    expect(read?.learners).toEqual([
      { name: "Sam", answers: ["3", "3"] },
      { name: "Sam 2", answers: ["4", ""] },
      { name: "Learner 3", answers: ["5", "3"] },
      { name: "x".repeat(40), answers: ["6", "3"] },
    ]);
    expect(read?.changed).toEqual([
      "“Sam” stands over two columns; the second becomes “Sam 2”.",
      "Column 4 has no name; it becomes “Learner 3”.",
      `The name “${"x".repeat(50)}…” is cut to “${"x".repeat(40)}”.`,
    ]);
    expect(read?.leftOut).toEqual([
      "1 row is without a problem: line 4.",
      expect.stringContaining("Line 3, “nonsense”:"),
      "1 answer is longer than 200 characters: line 5 of Sam 2.",
    ]);
    expect(read?.answers).toBe(7);
  });

  it("over the limits is counted, not cut in silence", () => {
    const names = Array.from({ length: 62 }, (_, index) => `L${index}`);
    const lines = Array.from({ length: 203 }, () => ["1 + 2", ...names.map(() => "3")].join(","));
    const read = sheetFromCsv([["problem", ...names].join(","), ...lines].join("\n"), house);
    expect([read?.problems.length, read?.learners.length]).toEqual([200, 60]);
    expect(read?.leftOut).toEqual([
      "3 problems are over the 200 that a sheet can have.",
      "2 learners are over the 60 that a sheet can have.",
    ]);
    const full = sheetFromCsv("problem,Ada\n1 + 2,3\n", house, { rows: 0, learners: 0 });
    expect(full).toMatchObject({ problems: [], learners: [] });
    expect(full?.leftOut).toHaveLength(2);
  });
});
