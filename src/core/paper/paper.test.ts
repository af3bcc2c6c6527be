import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Mark, moved } from "../board";
import { PRESETS } from "../house";
import { type MethodId, workingOf } from "../methods";
import { writeAnswer } from "../problem";
import { anyHouse } from "../testing/arbitrary";
import { problemOf } from "../testing/problems";
import {
  answerOn,
  BLANK_PAPER,
  jumpsAgainst,
  type MarkedWay,
  markWork,
  type Paper,
  rubbedOut,
  written,
} from ".";

const house = PRESETS.gapsShort;

const wayOf = (line: string, method?: MethodId, rules = house): MarkedWay => {
  const working = workingOf(problemOf(line), rules, method);
  const rows = working.steps
    .filter(({ stage }) => stage === "setOut")
    .flatMap(({ marks }) =>
      marks.flatMap((mark) => (mark.kind === "glyph" && /\d/.test(mark.text) ? [mark.row] : [])),
    );
  return {
    aligned: method !== "unit-columns" && !(method ?? "").startsWith("denominators"),
    steps: working.steps,
    operandRows: [...new Set(rows)].sort((a, b) => a - b),
  };
};

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
    expect(answerOn(paper)).toBe("44.6");
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
          expect(found.misplaced).toBeUndefined();
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
          const digits = way.steps.flatMap(({ marks }, step) =>
            step === 0 || way.operandRows.length === 0
              ? []
              : marks.flatMap((mark) =>
                  mark.kind === "glyph" && /^\d$/.test(mark.text) && !way.operandRows.includes(mark.row)
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

  it("with a number out of line is told which, and by how much", () => {
    const way = wayOf("12.5 + 3.4", "column-addition");
    const marks = way.steps.slice(0, 2).flatMap((step) => step.marks);
    const [first = [], second = []] = [
      marks.filter(({ row }) => row === 0),
      marks.filter(({ row }) => row === 1),
    ];
    const paper = paperOf([...first, ...second.map((mark) => moved(mark, -1, 0))]);
    expect(markWork(paper, [way], false).misplaced).toMatchObject({ digits: "34", by: -1 });
    expect(markWork(paperOf([...first, ...second]), [way], false).misplaced).toBeUndefined();
  });

  it("whose rows are added rightly though one of them is wrong follows on", () => {
    const way = wayOf("46 × 23", "column-multiplication");
    const rows = [
      ...new Set(
        all(way).flatMap((mark) => (mark.kind === "glyph" && /\d/.test(mark.text) ? [mark.row] : [])),
      ),
    ];
    const digit = (text: string, col: number, row: number): Mark => ({
      kind: "glyph",
      col,
      row,
      text,
      look: "written",
    });
    const kept = all(way).filter((mark) => mark.kind === "rule" || (mark.kind === "glyph" && mark.row < 2));
    const row = (digits: string, at: number): readonly Mark[] =>
      [...digits].map((text, index) => digit(text, index - digits.length, at));
    expect(rows.length).toBe(5);
    const [, , first = 2, second = 3, sum = 4] = [...rows].sort((a, b) => a - b);
    // 46 × 3 taken for 128, then 128 and 920 added rightly to 1048, and wrongly to 1058.
    const wrong = (total: string) =>
      paperOf([...kept, ...row("128", first), ...row("920", second), ...row(total, sum)]);
    expect(markWork(wrong("1048"), [way], false)).toMatchObject({
      follows: true,
      wrong: { written: "2", ought: "3" },
    });
    expect(markWork(wrong("1059"), [way], false).follows).toBe(false);
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

  it("says its answer: under the last rule, after the last sign of equality, over and under a rule", () => {
    for (const [line, method] of COLUMNS.filter(
      ([, id]) => id === "subtraction-by-decomposition" || id === "column-addition",
    )) {
      const working = workingOf(problemOf(line), PRESETS.fillersTrueValue, method);
      const marks = working.steps.flatMap((step) => step.marks).filter(({ kind }) => kind !== "strike");
      expect(answerOn(paperOf(marks))).toBe(writeAnswer(working.answer, PRESETS.fillersTrueValue));
    }
    const glyph = (text: string, col: number, row: number): Mark => ({
      kind: "glyph",
      col,
      row,
      text,
      look: "written",
    });
    const bar = (from: number, to: number, row: number): Mark => ({
      kind: "rule",
      from,
      to,
      row,
      strokes: 1,
    });
    const sum = [glyph("2", 0, 0), bar(0, 1, 1), glyph("5", 0, 1)];
    const answer = [glyph("=", 2, 0), glyph("3", 3, 0), glyph("1", 4, 0), bar(4, 5, 1), glyph("4", 4, 1)];
    expect(answerOn(paperOf(sum))).toBe("2/5");
    expect(answerOn(paperOf([...sum, ...answer]))).toBe("3 1/4");
    expect(answerOn(BLANK_PAPER)).toBeUndefined();
  });

  it("with jumps on a line is told of the first that goes wrong, however long a square is taken for", () => {
    const way = { ...wayOf("−3 + 5 − 4", "number-line"), aligned: false };
    const jumps = (...all: readonly (readonly [number, number])[]): Paper =>
      paperOf(all.map(([from, to]) => ({ kind: "jump", row: 4, from, to, rise: 1 })));
    expect(jumpsAgainst(jumps([2, 7], [7, 3]), [way])).toBeUndefined();
    expect(jumpsAgainst(jumps([0, 10], [10, 2]), [way])).toBeUndefined();
    expect(jumpsAgainst(jumps([2, 7], [7, 11]), [way])).toEqual({ nth: 2, wrong: "direction" });
    expect(jumpsAgainst(jumps([2, 7], [7, 5]), [way])).toEqual({ nth: 2, wrong: "length" });
    expect(jumpsAgainst(jumps([2, 7], [7, 3], [3, 4]), [way])).toEqual({ nth: 3, wrong: "tooMany" });
    expect(jumpsAgainst(jumps([7, 2]), [way])).toEqual({ nth: 1, wrong: "direction" });
    expect(jumpsAgainst(BLANK_PAPER, [way])).toBeUndefined();
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
        answerOn(paper);
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
