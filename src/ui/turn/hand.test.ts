import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { strokeOf } from "./strokeKeys";
import { reduced, type Stroke, startPaper } from "./strokes";

const SIZE = { cols: 14, rows: 10 };
const START = startPaper({ marks: [] }, { col: 3, row: 2 });

const worked = (strokes: readonly Stroke[]) =>
  strokes.reduce((state, stroke) => reduced(state, stroke, SIZE), START);
const keys = (text: string): readonly Stroke[] =>
  text.split(" ").flatMap((key) => {
    const ctrl = key.startsWith("^");
    const stroke = strokeOf({
      key: ctrl ? key.slice(1) : key,
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
    const { paper } = worked(keys("5 . 2 ArrowLeft s c 1 2 c"));
    expect(paper.marks).toContainEqual({ kind: "point", line: 4, row: 2, look: "written" });
    expect(paper.marks).toContainEqual({ kind: "strike", col: 4, row: 2, target: "square" });
    expect(paper.marks).toContainEqual({ kind: "small", col: 4, row: 2, position: "low", text: "12" });
  });

  it("undoes and does again without end, whatever was done", () => {
    const anyKey = fc.constantFrom(
      ..."0 1 5 9 . / + = c s r d ArrowLeft ArrowRight ArrowUp ArrowDown Backspace".split(" "),
    );
    fc.assert(
      fc.property(fc.array(anyKey, { maxLength: 60 }), (pressed) => {
        const strokes = pressed.flatMap((key) => keys(key));
        const done = worked(strokes);
        const changes = done.before.length;
        const undone = Array.from({ length: changes }).reduce<typeof done>(
          (state) => reduced(state, { kind: "undo" }, SIZE),
          done,
        );
        expect(undone.paper.marks).toEqual([]);
        const again = Array.from({ length: changes }).reduce<typeof done>(
          (state) => reduced(state, { kind: "redo" }, SIZE),
          undone,
        );
        expect(again.paper).toEqual(done.paper);
        expect(done.at.col).toBeGreaterThanOrEqual(0);
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
    for (const key of ["Tab", "Escape", "F5", "é", "Enter", "q"]) expect(keys(key)).toEqual([]);
    expect(keys("^z ^y ^c").map(({ kind }) => kind)).toEqual(["undo", "redo"]);
  });
});
