import { describe, expect, it } from "vitest";
import type { Mark } from "../../board";
import { PRESETS } from "../../house";
import { drawnSteps } from "../contract/step";
import { newPad, type PadItem, padText, squaresOf, stack } from "./pad";
import { carryMarks, rewriteMarks, timesBefore } from "./smallMarks";

const written = (marks: readonly Mark[]): string =>
  marks.flatMap((mark) => (mark.kind === "glyph" ? [`${mark.text}@${mark.col},${mark.row}`] : [])).join(" ");

describe("a pad", () => {
  it("writes line under line, two rows apart, and three where a fraction stands in one", () => {
    const pad = newPad<string>();
    pad.line("setOut", "a", () => [padText("3+4")]);
    pad.line("work", "b", () => [padText("="), stack("7", "2")]);
    pad.line("answer", "c", () => [padText("=3")]);
    const [a, b, c] = drawnSteps(pad.onPaper().steps).map(({ marks }) => written(marks));
    expect(a).toBe("3@0,0 +@1,0 4@2,0");
    expect(b).toBe("=@0,2.5 7@1,2 2@1,3");
    expect(c).toBe("=@0,5 3@1,5");
  });

  it("makes no line before one is looked at, then all that were written, in their order", () => {
    const made: string[] = [];
    const line = (name: string) => (): readonly PadItem[] => {
      made.push(name);
      return [padText(name)];
    };
    const pad = newPad<string>();
    pad.line("setOut", "a", line("1"));
    pad.line("work", "b", line("2"));
    expect(made).toEqual([]);
    expect(pad.onPaper().steps.map(({ reason }) => reason)).toEqual(["a", "b"]);
    // The second is looked at first: it stands under the first all the same.
    expect(written(pad.onPaper().steps[1]?.draw?.() ?? [])).toBe("2@0,2");
    expect(made).toEqual(["1", "2"]);
    expect(written(pad.onPaper().steps[0]?.draw?.() ?? [])).toBe("1@0,0");
    pad.line("answer", "c", line("3"));
    expect(written(pad.onPaper().steps[2]?.draw?.() ?? [])).toBe("3@0,4");
    expect(made).toEqual(["1", "2", "3"]);
  });

  it("goes on at the end of the line that was written last", () => {
    const pad = newPad<string>();
    pad.line("work", "a", () => [padText("12÷4")]);
    pad.goOn("work", "b", () => [padText("=3")]);
    expect(written(drawnSteps(pad.onPaper().steps)[1]?.marks ?? [])).toBe("=@4,0 3@5,0");
  });

  it("tells where each item of a line stands, for what is written beside it later", () => {
    const pad = newPad<string>();
    const placed = pad.line("work", "a", () => [stack("12", "5"), padText("×"), stack("3", "40")], {
      above: 2,
    });
    pad.mark("work", "b", () => [
      { kind: "ring", col: placed()[2]?.col ?? -1, row: placed()[2]?.under ?? -1 },
    ]);
    expect(drawnSteps(pad.onPaper().steps)[1]?.marks).toEqual([{ kind: "ring", col: 3, row: 3 }]);
  });

  it("writes a block of lines close under one another, its own marks among them", () => {
    const pad = newPad<string>(2);
    pad.block(
      "work",
      "a",
      () => ["3: 3 6", "4: 4 8"],
      (top) => [{ kind: "ring", col: 0, row: top + 1 }],
    );
    pad.line("work", "b", () => [padText("x")]);
    const [block, line] = drawnSteps(pad.onPaper().steps);
    expect(block?.marks.at(-1)).toEqual({ kind: "ring", col: 0, row: 3 });
    expect(written(line?.marks ?? [])).toBe("x@0,5");
  });

  it("gives a point no square, and a word one for every two letters", () => {
    expect(squaresOf("12.5")).toBe(3);
    expect(squaresOf("kg")).toBe(1);
    expect(squaresOf("litre")).toBe(3);
    expect(squaresOf("")).toBe(0);
  });
});

describe("small numbers", () => {
  const house = PRESETS.fillersTrueValue;
  const square = { col: -3, above: -1, rule: 2 };

  it("are carried where the house carries: above, under the rule, or nowhere; and nothing carries nothing", () => {
    expect(carryMarks(square, 1, { ...house, carryPlace: "above" })).toEqual([
      { kind: "small", col: -3, row: -1, position: "low", text: "1" },
    ]);
    expect(carryMarks(square, 12n, { ...house, carryPlace: "below" })).toEqual([
      { kind: "small", col: -3, row: 2, position: "high", text: "12" },
    ]);
    expect(carryMarks(square, 1, { ...house, carryPlace: "unwritten" })).toEqual([]);
    expect(carryMarks(square, 0, house)).toEqual([]);
  });

  it("are struck and written anew above one another, never on the same place, however often", () => {
    const nth = timesBefore();
    const all = [9, 10, 9, 8, 7].flatMap((value) =>
      rewriteMarks({ middle: 0, digits: [0], row: 0 }, nth(0), value),
    );
    const places = all.flatMap((mark) => (mark.kind === "small" ? [`${mark.row} ${mark.position}`] : []));
    expect(places).toEqual(["-1 low", "-1 high", "-2 low", "-2 high", "-3 low"]);
    const struck = all.flatMap((mark) => (mark.kind === "strike" ? [`${mark.row} ${mark.target}`] : []));
    expect(struck).toEqual(["0 square", "-1 low", "-1 high", "-2 low", "-2 high"]);
  });

  it("are counted by what they stand over", () => {
    const nth = timesBefore();
    expect([nth(1), nth(2), nth(1), nth(1), nth(2)]).toEqual([0, 0, 1, 2, 1]);
  });
});
