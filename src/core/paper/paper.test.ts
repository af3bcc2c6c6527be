import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Mark, moved } from "../board";
import { PRESETS } from "../house";
import { type MethodId, workingOf } from "../methods";
import { anyHouse } from "../testing/arbitrary";
import { problemOf } from "../testing/problems";
import { BLANK_PAPER, type MarkedWay, markWork, type Paper, rubbedOut, written } from ".";

const house = PRESETS.gapsShort;

const wayOf = (line: string, method?: MethodId, rules = house): MarkedWay => {
  const working = workingOf(problemOf(line), rules, method);
  return {
    aligned: method !== "unit-columns" && !(method ?? "").startsWith("denominators"),
    steps: working.steps,
  };
};

/** The rows that the numbers of a problem stand in, as they are set out. */
const rowsSetOut = (line: string, method: MethodId): readonly number[] =>
  workingOf(problemOf(line), house, method)
    .steps.filter(({ stage }) => stage === "setOut")
    .flatMap(({ marks }) =>
      marks.flatMap((mark) => (mark.kind === "glyph" && /\d/.test(mark.text) ? [mark.row] : [])),
    );

const all = (way: MarkedWay): readonly Mark[] => way.steps.flatMap(({ marks }) => marks);
const paperOf = (marks: readonly Mark[]): Paper => written(BLANK_PAPER, ...marks);

const COLUMNS: readonly (readonly [string, MethodId])[] = [
  ["53.2 − 17.8", "subtraction-by-decomposition"],
  ["12.03 − 4.578", "equal-additions"],
  ["386 + 247.5", "column-addition"],
  ["46 × 23", "column-multiplication"],
  ["68 × 47", "lattice"],
  ["8.61 ÷ 7", "long-division"],
  ["3 ft 8 in + 2 ft 7 in", "unit-columns"],
  ["2/5 + 1/3", "denominators-by-multiples"],
];

describe("a learner's paper", () => {
  it("with a whole answer row wrong is told of its first digit in the order of the work", () => {
    const way = wayOf("53.2 − 17.8", "subtraction-by-decomposition");
    const digits = way.steps
      .flatMap(({ marks }) => marks)
      .filter(({ kind }) => kind === "glyph" || kind === "point");
    const answer = Math.max(...digits.map(({ row }) => row));
    const faulty: Readonly<Record<string, string>> = { "4": "6", "5": "4", "3": "4" };
    const paper = paperOf(
      digits.map((mark) =>
        mark.kind === "glyph" && mark.row === answer
          ? { ...mark, text: faulty[mark.text] ?? mark.text }
          : mark,
      ),
    );
    expect(markWork(paper, [way], false).wrong).toMatchObject({ written: "6", ought: "4" });
  });

  it("that holds a sound working is right wherever on the paper it stands, with or without carries and fillers", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...COLUMNS),
        fc.integer({ min: -6, max: 12 }),
        fc.integer({ min: -3, max: 9 }),
        fc.boolean(),
        ([line, method], cols, rows, bare) => {
          const way = wayOf(line, method);
          const marks = all(way).filter(
            (mark) => !bare || mark.kind !== "small" || mark.position === "tens" || mark.position === "ones",
          );
          const found = markWork(paperOf(marks.map((mark) => moved(mark, cols, rows))), [way], false);
          expect(found.wrong).toBeUndefined();
          expect(found.next).toBeUndefined();
        },
      ),
      { numRuns: 120 },
    );
  });

  it("with one wrong digit in it is told of that digit, in the step it belongs to", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...COLUMNS),
        fc.nat(200),
        fc.integer({ min: 1, max: 9 }),
        ([line, method], nth, by) => {
          const way = wayOf(line, method);
          const operands = rowsSetOut(line, method);
          const digits = way.steps.flatMap(({ marks }, step) =>
            step === 0 || operands.length === 0
              ? []
              : marks.flatMap((mark) =>
                  mark.kind === "glyph" && /^\d$/.test(mark.text) && !operands.includes(mark.row)
                    ? [{ mark, step }]
                    : [],
                ),
          );
          const chosen = digits[nth % Math.max(1, digits.length)];
          if (chosen === undefined) return;
          const { mark, step } = chosen;
          const off = String((Number(mark.text) + by) % 10);
          const paper = written(paperOf(all(way)), { ...mark, text: off });
          const found = markWork(paper, [way], false);
          expect(found.wrong).toMatchObject({ written: off, ought: mark.text, step });
        },
      ),
      { numRuns: 150 },
    );
  });

  it("is marked by the way that fits it best", () => {
    const ways = [wayOf("46 × 23", "column-multiplication"), wayOf("46 × 23", "lattice")];
    const [columns, lattice] = ways;
    if (columns === undefined || lattice === undefined) throw new Error("two ways are made");
    expect(markWork(paperOf(all(columns)), ways, false).way).toBe(0);
    expect(markWork(paperOf(all(lattice)), ways, false).way).toBe(1);
  });

  it("lacks its carries only where they have to be written", () => {
    const way = wayOf("386 + 247", "column-addition", PRESETS.fillersTrueValue);
    const bare = paperOf(all(way).filter(({ kind }) => kind !== "small"));
    expect(markWork(bare, [way], false).carries).toBe(0);
    expect(markWork(bare, [way], true).carries).toBe(2);
    expect(markWork(paperOf(all(way)), [way], true).carries).toBe(0);
  });

  it("knows what comes next, step by step", () => {
    const way = wayOf("53.2 − 17.8", "subtraction-by-decomposition");
    for (let step = 1; step < way.steps.length; step++) {
      const paper = paperOf(way.steps.slice(0, step).flatMap(({ marks }) => marks));
      const { next } = markWork(paper, [way], false);
      if (next !== undefined) expect(next.step).toBeGreaterThanOrEqual(step);
    }
  });

  it("takes any marks at all, and gives them up one by one", () => {
    const anyGlyph = fc.record({
      kind: fc.constant("glyph" as const),
      col: fc.integer({ min: 0, max: 8 }),
      row: fc.integer({ min: 0, max: 6 }),
      text: fc.constantFrom(..."0123456789=+"),
      look: fc.constant("written" as const),
    });
    fc.assert(
      fc.property(fc.array(anyGlyph, { maxLength: 40 }), anyHouse, (marks, rules) => {
        const paper = paperOf(marks);
        expect(new Set(paper.marks.map((mark) => JSON.stringify(mark))).size).toBe(paper.marks.length);
        const found = markWork(paper, [wayOf("12.03 − 4.578", undefined, rules)], true);
        expect(found.agree).toBeGreaterThanOrEqual(0);
        const emptied = paper.marks.reduce(
          (rest, mark) => (mark.kind === "glyph" ? rubbedOut(rest, mark.col, mark.row) : rest),
          paper,
        );
        expect(emptied.marks).toEqual([]);
      }),
      { numRuns: 80 },
    );
  });
});
