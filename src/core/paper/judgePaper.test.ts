import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Mark } from "../board";
import { writtenPapers } from "../testing/papers";
import { MORE_RIGHT, MORE_WRONG } from "../testing/papers/cases/casesByKind";
import { LATTICES } from "../testing/papers/cases/latticeCases";
import { RIGHT } from "../testing/papers/cases/rightCases";
import { WRONG } from "../testing/papers/cases/wrongCases";
import { drawn } from "../testing/papers/drawn";
import { judged, measured } from "../testing/papers/measured";
import { statedFalsely } from "../testing/papers/statedFalsely";
import { problemOf } from "../testing/problems";
import { worked } from "../testing/said/chains";
import { BLANK_PAPER, judgePaper, judgingTarget, written } from "./";

const look = (problem: string, marks: readonly Mark[], units: readonly string[] = [], settled = true) =>
  judgePaper({ marks }, judgingTarget(problemOf(problem)), { settled, units });

describe("a paper that is right in its own way", () => {
  it.each([...RIGHT, ...MORE_RIGHT])(
    "is told nothing is wrong: $problem $paper",
    ({ problem, paper, answer, units }) => {
      const found = look(problem, drawn(paper).marks, units);
      expect(found).toMatchObject({ fault: undefined, aside: undefined, state: "answered" });
      expect(found.answer?.text).toBe(answer);
    },
  );
});

describe("a paper with one error", () => {
  it.each([...WRONG, ...MORE_WRONG])(
    "is told of it at its mark: $problem $paper",
    ({ problem, paper, kind, units }) => {
      const { marks, wrong } = drawn(paper);
      const { fault, state } = look(problem, marks, units);
      expect(fault?.at).toMatchObject(wrong ?? {});
      if (kind !== undefined) expect(fault?.kind).toBe(kind);
      expect(state).not.toBe("answered");
    },
  );
});

describe("what belongs to nothing", () => {
  it.each([
    ["\n12+3=15\n\n40+2=42", ["right", "right"]],
    ["\n12+3=15\n\n40+2=43", ["right", "aside"]],
    ["\n12+3=15\n\n40+2=", ["right", "unfinished"]],
    ["\n12+3=16\n16+3=19", ["wrong", "followsOn"]],
  ])("stands as it is, in %s", (paper, standings) => {
    expect(look("12 + 3", drawn(paper).marks).standings).toEqual(standings);
  });
});

describe("a lattice", () => {
  it.each(LATTICES)("is right with or without its empty tens, and told of its one error: $problem", (one) => {
    const { fault, answer, state } = look(one.problem, one.marks);
    expect(fault?.at).toEqual(one.wrong);
    if (one.wrong === undefined)
      expect([state, answer?.text.replace(/^0/, "")]).toEqual([
        "answered",
        String(worked(one.problem)?.over),
      ]);
  });
});

describe("papers as people write them", () => {
  it.each(measured(160, 5))("of $kind are read for what they say", (row) => {
    expect(row.right).toBeGreaterThan(60);
    expect(row.wrong).toBeGreaterThan(60);
    expect(row.alarms / row.right).toBeLessThan(0.01);
    expect(row.misread / row.right).toBeLessThan(0.01);
    expect(row.found / row.wrong).toBeGreaterThanOrEqual(0.95);
    expect(row.missed / row.wrong).toBeLessThan(0.02);
  });

  it("are told nothing while they are written, mark by mark", () => {
    const alarms = writtenPapers(24, 8)
      .filter(({ wrong }) => wrong === undefined)
      .flatMap(({ problem, marks, units, way }) =>
        marks.flatMap((_, nth) => {
          const { fault } = look(problem, marks.slice(0, nth + 1), units, false);
          return fault === undefined ? [] : [`${problem} ${way} after ${nth + 1}: ${fault.kind}`];
        }),
      );
    expect(alarms).toEqual([]);
  });
});

describe("what a paper comes to", () => {
  it.each([
    ["53.2 - 17.8", "\n 53.2\n-17.8\n-----\n 44.6", "44.6"],
    ["2/5 + 1/3", "\n2\n_\n5", undefined],
    ["1/5 + 1/5", "\n2\n_\n5", "2/5"],
    ["2/5 + 1/3", "\n2    1\n_ =3 _\n5    4", "3 1/4"],
    ["2 + 3", "\n5", "5"],
    ["2 + 3", "", undefined],
  ])("of %s is read, right or wrong: %s", (problem, paper, answer) => {
    expect(look(problem, drawn(paper).marks).answer?.text).toBe(answer);
  });

  it.each([
    ["1048", true],
    ["1059", false],
  ])("follows from a wrong row where it is their sum: %s", (total, follows) => {
    const found = look("46 × 23", drawn(`\n  46\n× 23\n----\n 128\n 920\n----\n${total}`).marks);
    expect(found).toMatchObject({ follows, fault: { written: "2", at: { col: 2, row: 2 } } });
  });
});

describe("a number that belongs to nothing", () => {
  it.each([
    ["53.2 - 17.8", "\n 53.2\n-17.8\n-----\n 35.4\n\n      91", { col: 6, row: 4 }],
    ["46 × 7", "\n 46\n× 7\n---\n322\n\n       91", { col: 7, row: 4 }],
    ["46 × 7", "\n 46\n× 7\n---\n322\n\n 91", { col: 1, row: 4 }],
    ["386 + 247", "\n 386\n+247\n----\n 633\n\n  91", { col: 2, row: 4 }],
    ["386 + 247", "\n    386\n   +247\n   ----\n9   633", { col: 0, row: 2 }],
    ["624 ÷ 6", "\n624:6=104\n6\n-\n024\n 24\n --\n  0\n\n\n     91", { col: 5, row: 7 }],
  ])("is said with its square beside what is answered: %s", (problem, paper, square) => {
    expect(look(problem, drawn(paper).marks)).toMatchObject({ state: "answered", unread: [square] });
  });
});

describe("jumps on a line with no numbers under it", () => {
  it.each([
    [
      [
        [2, 7],
        [7, 3],
      ],
      undefined,
    ],
    [
      [
        [0, 10],
        [10, 2],
      ],
      undefined,
    ],
    [
      [
        [2, 5],
        [5, 7],
        [7, 3],
      ],
      undefined,
    ],
    [
      [
        [2, 7],
        [7, 11],
      ],
      { nth: 2, wrong: "direction" },
    ],
    [
      [
        [2, 7],
        [7, 5],
      ],
      { nth: 2, wrong: "length" },
    ],
    [
      [
        [2, 7],
        [7, 3],
        [3, 4],
      ],
      { nth: 3, wrong: "tooMany" },
    ],
    [[[7, 2]], { nth: 1, wrong: "direction" }],
    [
      [
        [2, 7],
        [8, 4],
      ],
      { nth: 2, wrong: "apart" },
    ],
  ] as const)(
    "are told of the first that goes wrong, however long a square is taken for: %j",
    (jumps, jump) => {
      const marks = jumps.map(([from, to]): Mark => ({ kind: "jump", row: 4, from, to, rise: 1 }));
      expect(look("−3 + 5 − 4", marks).fault?.jump).toEqual(jump);
    },
  );
});

describe("any paper", () => {
  // Rows of fractions are no lines by themselves.
  const papers = writtenPapers(12, 3).filter(({ kind }) => kind !== "fractions");
  const runs = Number(process.env.PAPERS ?? 1500);
  const anyMark: fc.Arbitrary<Mark> = fc.oneof(
    fc.record({
      kind: fc.constant("glyph" as const),
      col: fc.integer({ min: 0, max: 15 }),
      row: fc.integer({ min: 0, max: 11 }),
      text: fc.constantFrom(..."0123456789=+−×:÷()"),
      look: fc.constant("written" as const),
    }),
    fc.record({
      kind: fc.constant("point" as const),
      line: fc.integer({ min: 0, max: 15 }),
      row: fc.integer({ min: 0, max: 11 }),
      look: fc.constant("written" as const),
    }),
    fc.record({
      kind: fc.constant("rule" as const),
      row: fc.integer({ min: 0, max: 11 }),
      from: fc.integer({ min: 0, max: 9 }),
      to: fc.integer({ min: 10, max: 16 }),
      strokes: fc.constant(1 as const),
    }),
    fc.record({
      kind: fc.constant("strike" as const),
      col: fc.integer({ min: 0, max: 15 }),
      row: fc.integer({ min: 0, max: 11 }),
      target: fc.constant("square" as const),
    }),
    fc.record({
      kind: fc.constant("upright" as const),
      line: fc.integer({ min: 0, max: 15 }),
      row: fc.integer({ min: 0, max: 9 }),
      to: fc.integer({ min: 1, max: 12 }),
      look: fc.constant("straight" as const),
    }),
    fc.record({
      kind: fc.constant("token" as const),
      col: fc.integer({ min: 0, max: 15 }),
      row: fc.integer({ min: 0, max: 11 }),
      look: fc.constantFrom("plus" as const, "minus" as const, "piece" as const, "coin" as const),
      text: fc.constantFrom("+", "0.1", "25c", "$5"),
    }),
    fc.record({
      kind: fc.constant("shape" as const),
      look: fc.constantFrom("bar" as const, "circle" as const, "square" as const),
      col: fc.integer({ min: 0, max: 12 }),
      row: fc.integer({ min: 0, max: 9 }),
      width: fc.constant(3),
      height: fc.integer({ min: 1, max: 3 }),
      across: fc.integer({ min: 1, max: 6 }),
      down: fc.integer({ min: 1, max: 3 }),
      shaded: fc.constantFrom([], [0], [0, 1]),
    }),
    fc.record({
      kind: fc.constant("jump" as const),
      row: fc.integer({ min: 1, max: 11 }),
      from: fc.integer({ min: 0, max: 15 }),
      to: fc.integer({ min: 0, max: 15 }),
      rise: fc.constant(1),
    }),
  );

  it("can be read, and is never called well where a line on it is false", () => {
    fc.assert(
      fc.property(
        fc.nat(papers.length - 1),
        fc.array(anyMark, { maxLength: 6 }),
        fc.array(fc.nat(60), { maxLength: 4 }),
        (nth, more, without) => {
          const paper = papers[nth];
          if (paper === undefined) return;
          const kept = paper.marks.filter((_, at) => !without.includes(at));
          const { marks } = written({ marks: kept }, ...more);
          const found = judged({ ...paper, marks });
          const isWell =
            found.state === "answered" &&
            found.unread.length === 0 &&
            found.fault === undefined &&
            found.aside === undefined;
          if (isWell)
            expect([statedFalsely({ ...paper, marks }), found.answer?.text]).toEqual([
              false,
              found.answer?.text,
            ]);
        },
      ),
      { numRuns: runs },
    );
  });

  it("that is blank says nothing", () => {
    expect(
      judgePaper(BLANK_PAPER, judgingTarget(problemOf("2 + 3")), { settled: true, units: [] }),
    ).toMatchObject({
      state: "blank",
      answer: undefined,
    });
  });
});
