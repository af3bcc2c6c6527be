import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Mark } from "../../board";
import { problemOf } from "../../testing/problems";
import { judgePaper, judgingTarget } from "..";

const look = (problem: string, marks: readonly Mark[], settled = true) =>
  judgePaper({ marks }, judgingTarget(problemOf(problem)), { settled, units: [] });

type Token = Extract<Mark, { kind: "token" }>;

const row = (look: Token["look"], text: string, count: number, at: number): readonly Token[] =>
  Array.from({ length: count }, (_, col) => ({ kind: "token", look, text, col, row: at }));
const struck = (tokens: readonly Token[]): readonly Mark[] =>
  tokens.map(({ col, row: at }) => ({ kind: "strike", col, row: at, target: "square" }));
const plus = (count: number, at: number) => row("plus", "+", count, at);
const minus = (count: number, at: number) => row("minus", "−", count, at);

const bar = (across: number, shaded: number, at = 2): Mark => ({
  kind: "shape",
  look: "bar",
  col: 3,
  row: at,
  width: 12,
  height: 1,
  across,
  down: 1,
  shaded: Array.from({ length: shaded }, (_, nth) => nth),
});
const fraction = (over: string, under: string, col: number, at: number): readonly Mark[] => [
  ...[...over].map((text, nth): Mark => ({ kind: "glyph", text, col: col + nth, row: at, look: "written" })),
  { kind: "rule", row: at + 1, from: col, to: col + Math.max(over.length, under.length), strokes: 1 },
  ...[...under].map(
    (text, nth): Mark => ({ kind: "glyph", text, col: col + nth, row: at + 1, look: "written" }),
  ),
];

describe("counters", () => {
  it("are struck in pairs where numbers are put together, whatever their order and number", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 9 }),
        fc.integer({ min: 1, max: 9 }),
        fc.nat(9),
        (a, b, extra) => {
          const problem = `-${a} + ${b}`;
          const pairs = Math.min(a, b);
          const all = [...minus(a, 0), ...plus(b, 1)];
          const some = [...struck(minus(pairs, 0)), ...struck(plus(pairs, 1))];
          expect(look(problem, all).fault).toBeUndefined();
          expect(look(problem, [...all, ...some]).fault).toBeUndefined();
          // A pair laid over and above changes nothing.
          expect(
            look(problem, [...all, ...some, ...minus(extra, 3), ...plus(extra, 4)]).fault,
          ).toBeUndefined();
          expect(look(problem, [...all, ...struck(minus(1, 0))]).fault?.kind).toBe("pairs");
          expect(look(problem, [...all, ...plus(1, 5)]).fault?.kind).toBe("count");
        },
      ),
      { numRuns: 60 },
    );
  });

  it("may be taken away alone where the problem takes them away", () => {
    // Five above zero, three pairs that come to nothing, and three below zero taken away.
    const laid = [...plus(5, 0), ...plus(3, 1), ...minus(3, 2)];
    expect(look("5 - (-3)", [...laid, ...struck(minus(3, 2))]).fault).toBeUndefined();
    expect(look("5 - (-3)", [...laid, ...struck(minus(2, 2))]).fault?.kind).toBe("pairs");
    expect(look("5 - (-3)", [...plus(4, 0), ...minus(3, 2), ...struck(minus(3, 2))]).fault?.kind).toBe(
      "count",
    );
  });

  it("say nothing while they are laid", () => {
    expect(look("-3 + 5", [...minus(2, 0), ...struck(minus(1, 0))], false).fault).toBeUndefined();
  });
});

describe("coins and pieces", () => {
  it("are read where they come to a number of the work, and said with their square where they don't", () => {
    const coins = [...row("coin", "$1", 3, 0), ...row("coin", "25c", 2, 1), ...row("coin", "5c", 3, 2)];
    expect(look("$10 − $6.35", coins).unread).toEqual([]);
    expect(look("$10 − $6.35", coins.slice(1)).unread).toEqual([{ col: 1, row: 0 }]);
    const pieces = [...row("piece", "0.1", 3, 0), ...row("piece", "0.01", 4, 1)];
    expect(look("0.34 + 0.18", pieces).unread).toEqual([]);
    expect(look("0.34 + 0.18", pieces.slice(0, 2)).unread).toHaveLength(1);
  });

  it("that are struck have to be what is taken away", () => {
    const pieces = [...row("piece", "0.1", 3, 0)];
    expect(look("0.3 − 0.1", [...pieces, ...struck(pieces.slice(0, 1))]).fault).toBeUndefined();
    expect(look("0.3 − 0.1", [...pieces, ...struck(pieces.slice(0, 2))]).fault?.kind).toBe("pairs");
    // A coin that was laid wrongly and struck is no more than that.
    const change = [...row("coin", "$1", 4, 0), ...row("coin", "25c", 2, 1), ...row("coin", "5c", 3, 2)];
    expect(look("$10 − $6.35", [...change, ...struck(change.slice(0, 1))])).toMatchObject({
      fault: undefined,
      unread: [],
    });
  });
});

describe("a whole that is cut and shaded", () => {
  it("has to show the fraction that stands beside, under or over it, in any parts", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 0, max: 12 }),
        fc.constantFrom([4, 3], [16, 2], [8, 0], [1, 2]),
        (times, shaded, [col = 0, at = 0]) => {
          const { fault } = look("2/3 + 1/4", [
            bar(3 * times, Math.min(shaded, 3 * times)),
            ...fraction("2", "3", col, at),
          ]);
          const shows = shaded === 0 || shaded === 2 * times;
          expect(fault?.kind).toBe(shows ? undefined : "picture");
        },
      ),
      { numRuns: 80 },
    );
  });

  it("without a fraction is read where it comes to a number of the work, alone or with the others", () => {
    expect(look("2/3 + 1/4", [bar(12, 8), bar(12, 3, 4)]).unread).toEqual([]);
    expect(look("2/3 + 1/4", [bar(12, 11)]).unread).toEqual([]);
    expect(look("2/3 + 1/4", [bar(12, 7)]).unread).toEqual([{ col: 3, row: 2 }]);
    expect(look("2/3 + 1/4", [bar(12, 7)], false).unread).toEqual([]);
  });
});
