import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { judgePaper, judgingTarget, type Paper } from "@/core/paper";
import { problemOf } from "@/core/testing/problems";
import { type Desk, type HandStroke, squaresGiven, startPaper } from "./hand";
import { strokeOf } from "./strokeKeys";
import { afterStroke } from "./strokes";

const SIZE = { cols: 24, rows: 10, margin: 5 };
const DESK: Desk = { size: SIZE, given: new Set(), work: "columns", carries: "above" };
const FRACTIONS: Desk = { ...DESK, work: "fractions" };
const START = startPaper({ marks: [] }, { col: 3, row: 2 });

const worked = (strokes: readonly HandStroke[], desk = DESK) =>
  strokes.reduce((state, stroke) => afterStroke(state, stroke, desk), START);
const keys = (text: string): readonly HandStroke[] =>
  text.split(" ").flatMap((key) => {
    const ctrl = key.length > 1 && key.startsWith("^");
    const stroke = strokeOf({
      key: ctrl ? key.slice(1) : key === "_" ? " " : key,
      ctrlKey: ctrl,
      metaKey: false,
      altKey: false,
      shiftKey: false,
    });
    return stroke === undefined ? [] : [stroke];
  });

describe("the learner's hand", () => {
  it("writes to the right, and under a rule to the left", () => {
    const { paper, at } = worked(keys("4 7 ArrowDown ArrowLeft ArrowLeft 3 8 ArrowDown ArrowLeft r 5 8"));
    const row = (nth: number): string =>
      paper.marks
        .flatMap((mark) => (mark.kind === "glyph" && mark.row === nth ? [mark] : []))
        .sort((a, b) => a.col - b.col)
        .map(({ text }) => text)
        .join("");
    expect([row(2), row(3), row(4)]).toEqual(["47", "38", "85"]);
    expect(at).toEqual({ col: 2, row: 4 });
  });

  it("puts the point on the line beside the square, small digits over it, and strikes what is there", () => {
    const { paper } = worked(keys("5 . 2 ArrowLeft s 1 2"));
    expect(paper.marks).toContainEqual({ kind: "point", line: 4, row: 2, look: "written" });
    expect(paper.marks).toContainEqual({ kind: "strike", col: 4, row: 2, target: "square" });
    expect(paper.marks).toContainEqual({ kind: "small", col: 4, row: 1, position: "low", text: "12" });
  });

  it("writes a subtraction with two exchanges in 21 strokes, numbers and all", () => {
    const desk: Desk = { ...DESK, work: "exchanges" };
    // The digit that gives is struck from the empty square; its neighbour gets its ten, and the hand comes home.
    const strokes = keys("5 3 . 2 Enter - 1 7 . 8 r s 2 1 4 . s 4 1 5 3");
    const { paper, at } = worked(strokes, desk);
    expect(strokes).toHaveLength(21);
    const smalls = paper.marks.flatMap((mark) => (mark.kind === "small" ? [`${mark.col} ${mark.text}`] : []));
    expect(smalls).toEqual(["5 1", "3 4", "4 12"]);
    expect(at).toEqual({ col: 2, row: 4 });
    const asked = judgingTarget(problemOf("53.2 - 17.8"));
    const { state, fault, answer } = judgePaper(paper, asked, { settled: true, units: [] });
    expect([state, fault, answer?.text]).toEqual(["answered", undefined, "35.4"]);
  });

  it("goes on as a fraction, a product, a division and a lattice are written", () => {
    const row = (paper: Paper, nth: number): string =>
      paper.marks
        .flatMap((mark) => (mark.kind === "glyph" && mark.row === nth ? [mark] : []))
        .sort((a, b) => a.col - b.col)
        .map(({ text }) => text)
        .join("");
    const fraction = worked(keys("2 / 3 + 3 / 4 = 8 / 1 2 + 9 / 1 2 = 1 7 / 1 2"), FRACTIONS);
    const alone = worked(keys("1 1 / 1 2"), FRACTIONS);
    expect([row(alone.paper, 2), row(alone.paper, 3)]).toEqual(["11", "12"]);
    expect([row(fraction.paper, 2), row(fraction.paper, 3)]).toEqual(["2+3=8+9=17", "34121212"]);
    // Every bar is as wide as what stands under it.
    expect(
      fraction.paper.marks.flatMap((mark) => (mark.kind === "rule" ? [mark.to - mark.from] : [])),
    ).toEqual([1, 1, 2, 2, 2]);
    const product = worked(keys("4 6 Enter * 2 3 r 8 3 1 Enter ArrowLeft 2 9 r 8 5 0 1"));
    expect([4, 5, 6].map((nth) => row(product.paper, nth))).toEqual(["138", "92", "1058"]);
    const division = worked(keys("6 b b 6 2 4 q 1 0 4 q"), { ...DESK, work: "division" });
    expect([row(division.paper, 1), row(division.paper, 2), division.at.col]).toEqual(["104", "6624", 7]);
    expect(division.paper.marks).toContainEqual({ kind: "rule", row: 2, from: 4, to: 7, strokes: 1 });
    const cells = [3, 4].map((col) => ({ kind: "diagonal", col, row: 2, size: 1 }) as const);
    const lattice = worked([{ kind: "put", marks: cells }, ...keys("_ 6 1 2")]);
    expect(lattice.paper.marks.filter(({ kind }) => kind === "small")).toEqual([
      { kind: "small", col: 3, row: 2, position: "ones", text: "6" },
      { kind: "small", col: 4, row: 2, position: "tens", text: "1" },
      { kind: "small", col: 4, row: 2, position: "ones", text: "2" },
    ]);
  });

  it("goes from under a fraction to under the beginning of its line", () => {
    const line = worked(keys("7 / 8 + 1 / 6 = 2 1 / 2 4 + 4 / 2 4 Enter"), FRACTIONS);
    expect(line.at).toEqual({ col: 3, row: 5 });
    const over = worked(keys("7 / 8 + 1 Enter"), FRACTIONS);
    expect(over.at).toEqual({ col: 3, row: 5 });
  });

  it("writes what is left in a short division at the digit that it goes with, and leaves the quotient its room", () => {
    const { paper } = worked(keys("6 b b 8 5 2 q 1 ArrowDown ArrowLeft ArrowRight s 2"), {
      ...DESK,
      work: "division",
    });
    const small = paper.marks.find((mark) => mark.kind === "small");
    expect(small).toMatchObject({ row: 2, position: "corner", text: "2" });
  });

  it("writes a carry over the column it is in, or under the rule as the school does", () => {
    const sum = "3 8 6 Enter + 2 4 7 r 3 c 1 3";
    for (const [carries, row, position] of [
      ["above", 1, "low"],
      ["below", 4, "high"],
    ] as const) {
      const { paper, hand } = worked(keys(sum), { ...DESK, carries });
      expect(paper.marks).toContainEqual({ kind: "small", col: 4, row, position, text: "1" });
      expect(hand).toBe("digit");
    }
  });

  it("leaves what was given as it is, wherever a stroke would write over it", () => {
    const given = keys("2 / 3 + 3 / 4 = 8 / 1 2").reduce(
      (state, one) => afterStroke(state, one, FRACTIONS),
      START,
    );
    const desk: Desk = { ...FRACTIONS, given: squaresGiven(given.paper.marks) };
    const signs = (paper: Paper) => paper.marks.filter((mark) => mark.kind === "glyph");
    const anyKey = fc.constantFrom(
      ..."0 7 + - = / . s c r b w a p e u _ Enter ArrowLeft ArrowRight ArrowUp ArrowDown Backspace".split(
        " ",
      ),
    );
    fc.assert(
      fc.property(fc.array(anyKey, { maxLength: 50 }), (pressed) => {
        const done = pressed
          .flatMap((key) => (key === "u" ? [{ kind: "unit", units: ["ft", "in"] } as const] : keys(key)))
          .reduce((state, one) => afterStroke(state, one, desk), startPaper(given.paper, { col: 3, row: 2 }));
        expect(signs(done.paper)).toEqual(expect.arrayContaining([...signs(given.paper)]));
      }),
      { numRuns: 150 },
    );
  });

  it("cuts a whole into the number that is typed, and every part again", () => {
    const cut = (typed: string) =>
      worked(keys(typed)).paper.marks.flatMap((mark) =>
        mark.kind === "shape" ? [[mark.across, mark.down, mark.shaded.length]] : [],
      );
    expect(cut("w 1 2")).toEqual([[12, 1, 0]]);
    expect(cut("w 2 4")).toEqual([[24, 1, 0]]);
    expect(cut("w 3 a a * 4")).toEqual([[12, 1, 8]]);
    // Come back to later, it is cut anew; a square is cut across first, then down.
    expect(cut("w 2 ArrowRight 3")).toEqual([[3, 1, 0]]);
    expect(cut("w w w 3 a a * 5")).toEqual([[3, 5, 10]]);
    expect(cut("w 9 9 * 9 * 9")).toEqual([[9, 1, 0]]);
  });

  it("keeps notes in their margin, from row to row", () => {
    const { paper } = [...keys("1 2 + 3 4 = 4 6")].reduce(
      (state, one) => afterStroke(state, one, DESK),
      startPaper({ marks: [] }, { col: -5, row: 2 }),
    );
    const signs = paper.marks.flatMap((mark) => (mark.kind === "glyph" ? [[mark.col, mark.row]] : []));
    expect(signs.every(([col = 0]) => col < 0)).toBe(true);
    expect(signs.at(-1)).toEqual([-3, 3]);
  });

  it("draws jumps and boxes by keys, from where it takes hold to where it lets go", () => {
    const { paper } = worked(keys("j _ ArrowRight ArrowRight _ j f _ ArrowRight ArrowDown _"));
    expect(paper.marks).toEqual([
      { kind: "jump", row: 2, from: 3, to: 5, rise: 1 },
      { kind: "frame", col: 5, row: 2, width: 2, height: 2 },
    ]);
  });

  it("undoes and does again without end, whatever was done", () => {
    const anyKey = fc.constantFrom(
      ..."0 1 5 9 . / + = c s r d b q f j w a m e _ Enter ArrowLeft ArrowRight ArrowUp ArrowDown Backspace".split(
        " ",
      ),
    );
    fc.assert(
      fc.property(fc.array(anyKey, { maxLength: 60 }), (pressed) => {
        const strokes = pressed.flatMap((key) => keys(key));
        const done = worked(strokes);
        const changes = done.before.length;
        const undone = Array.from({ length: changes }).reduce<typeof done>(
          (state) => afterStroke(state, { kind: "undo" }, DESK),
          done,
        );
        expect(undone.paper.marks).toEqual([]);
        const again = Array.from({ length: changes }).reduce<typeof done>(
          (state) => afterStroke(state, { kind: "redo" }, DESK),
          undone,
        );
        expect(again.paper).toEqual(done.paper);
        expect(done.at.col).toBeGreaterThanOrEqual(-SIZE.margin);
        expect(done.at.col).toBeLessThan(SIZE.cols);
        expect(done.at.row).toBeLessThan(SIZE.rows);
      }),
      { numRuns: 150 },
    );
  });

  it("fills the halves of a lattice's square, tens first, and draws jumps between lines", () => {
    const grid = { kind: "put", marks: [{ kind: "diagonal", col: 3, row: 2, size: 1 }] } as const;
    const { paper, at } = worked([grid, ...keys("1 2")]);
    expect(paper.marks).toContainEqual({ kind: "small", col: 3, row: 2, position: "tens", text: "1" });
    expect(paper.marks).toContainEqual({ kind: "small", col: 3, row: 2, position: "ones", text: "2" });
    expect(at).toEqual({ col: 4, row: 2 });
    const jumped = worked([{ kind: "jump", from: { col: 2, row: 5 }, to: { col: 6, row: 5 } }]);
    expect(jumped.paper.marks).toEqual([{ kind: "jump", row: 5, from: 2, to: 6, rise: 1 }]);
    expect(worked([{ kind: "jump", from: { col: 2, row: 5 }, to: { col: 2, row: 5 } }]).paper.marks).toEqual(
      [],
    );
  });

  it("leaves other keys to the page", () => {
    for (const key of ["Tab", "Escape", "F5", "é", "y"]) expect(keys(key)).toEqual([]);
    expect(keys("^z ^y ^c").map(({ kind }) => kind)).toEqual(["undo", "redo"]);
  });
});
