import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { boardAfter } from "@/core/board";
import { type HouseRules, PRESETS } from "@/core/house";
import { workingOf } from "@/core/methods";
import { readProblem, writeAnswer, writeProblem, writeUnformed } from "@/core/problem";
import { anyHouse, anyTask } from "@/core/testing/arbitrary";
import { valueOfResult } from "@/core/testing/valueOfResult";
import { boardSvg, drawnBoard, type Inks } from "../svg";
import { boardLatex, boardMathml, problemLatex, problemMathml } from ".";

const anyWorking = fc
  .tuple(anyTask, anyHouse)
  .map(([{ problem, method }, house]) => workingOf(problem, house, method));

const marksOf = ({ layout, steps }: ReturnType<typeof workingOf>) => {
  const { settled, fresh } = boardAfter(layout, steps, steps.length);
  return [...settled, ...fresh];
};

/** What is wrong with the nesting of some markup; none where every tag is closed in its order. */
function badNesting(markup: string): string | undefined {
  const open: string[] = [];
  for (const [, closing, name = "", rest = ""] of markup.matchAll(/<(\/?)([a-z]+)([^>]*)>/g)) {
    if (rest.endsWith("/")) continue;
    if (closing !== "/") open.push(name);
    else if (open.pop() !== name) return `</${name}> closes another`;
  }
  return open.length > 0 ? `<${open.join("><")}> stays open` : undefined;
}

const inks: Inks = { page: "#fff", squares: "#ccc", ink: "#000", soft: "#555", plumb: "#060" };

const lineOf = (line: string, house: HouseRules) => {
  const problem = valueOfResult(readProblem(line, house), `${line} does not read`);
  const { answer } = workingOf(problem, house);
  return {
    latex: problemLatex(problem, answer, house),
    mathml: problemMathml(problem, answer, house),
  };
};

describe("a working as LaTeX", () => {
  it("is an array whose rows have as many cells as it has columns, its braces in pairs", () => {
    fc.assert(
      fc.property(anyWorking, (working) => {
        const latex = boardLatex(working.layout, marksOf(working), working.house);
        const [first = "", ...rest] = latex.split("\n");
        const columns = /\{(c+)\}$/.exec(first)?.[1]?.length;
        for (const row of rest.slice(0, -1)) expect(row.split(" & ")).toHaveLength(columns ?? 0);
        expect(latex.replaceAll(/[^{]/g, "")).toHaveLength(latex.replaceAll(/[^}]/g, "").length);
        expect(latex).not.toMatch(/undefined|NaN/);
      }),
      { numRuns: 150 },
    );
  });

  it.each([
    ["12.5 × 0.4", PRESETS.fillersTrueValue, "12.5 \\times 0.4 = 5"],
    ["12,5 · 0,4", PRESETS.commaBelow, "12{,}5 \\cdot 0{,}4 = 5{,}00"],
    ["1 ÷ 6 exactly", PRESETS.fillersTrueValue, "1 \\div 6 = 0.1\\overline{6} \\quad \\text{(exactly)}"],
    [
      "25 ÷ 4 as a mixed number",
      PRESETS.fillersTrueValue,
      "25 \\div 4 = 6\\tfrac{1}{4} \\quad \\text{(as a mixed number)}",
    ],
    ["2 ÷ 3 to tenths", PRESETS.fillersTrueValue, "2 \\div 3 \\approx 0.7 \\quad \\text{(to tenths)}"],
    ["2 - 5", PRESETS.fillersTrueValue, "2 - 5 = -3"],
    ["compare 0.45 and 0.405", PRESETS.fillersTrueValue, "0.45 > 0.405"],
    ["2 1/3 - 3/4", PRESETS.fillersTrueValue, "2\\tfrac{1}{3} - \\tfrac{3}{4} = 1\\tfrac{7}{12}"],
    ["-7 - (-12)", PRESETS.fillersTrueValue, "-7 - (-12) = 5"],
    ["$10 - $6.35", PRESETS.fillersTrueValue, "\\text{\\$}10 - \\text{\\$}6.35 = \\text{\\$}3.65"],
    [
      "5 lb 3 oz + 13 oz",
      PRESETS.fillersTrueValue,
      "5\\text{ lb}\\text{ }3\\text{ oz} + 13\\text{ oz} = 6\\text{ lb}",
    ],
    ["(1/2 + 1/3) × 6", PRESETS.fillersTrueValue, "(\\tfrac{1}{2} + \\tfrac{1}{3}) \\times 6 = 5"],
    ["order 2/3, 1/2", PRESETS.fillersTrueValue, "\\tfrac{1}{2} < \\tfrac{2}{3}"],
    [
      "17 lb ÷ 3",
      PRESETS.fillersTrueValue,
      "17\\text{ lb} \\div 3 = 5\\text{ lb}\\text{ }10\\text{ oz}\\text{ r }2\\text{ oz}",
    ],
  ])("writes %s as a line", (line, house, latex) => {
    expect(lineOf(line, house).latex).toBe(latex);
  });
});

describe("a line in every medium", () => {
  it("has the same digits in text, in LaTeX and in MathML", () => {
    const digits = (line: string): string => line.replaceAll(/\D/g, "");
    const said = (markup: string): string => markup.replaceAll(/<[^>]*>/g, "");
    fc.assert(
      fc.property(anyWorking, ({ problem, answer, house }) => {
        const answered = problem.op === "compare" || problem.op === "order";
        // The number that is missing from 2/3 = ?/12 is put in its place there.
        const missing = problem.form.kind === "overDenominator" || problem.form.kind === "overNumerator";
        const asked = missing ? writeUnformed(problem, house) : writeProblem(problem, house);
        const text = (answered ? "" : asked) + writeAnswer(answer, house);
        const latex = problemLatex(problem, answer, house).replaceAll("\\,", "");
        const sorted = (line: string): string => [...digits(line)].sort().join("");
        expect(sorted(latex)).toBe(sorted(text));
        expect(digits(said(problemMathml(problem, answer, house)))).toBe(digits(latex));
      }),
      { numRuns: 150 },
    );
  });
});

describe("a working as MathML", () => {
  it("is well nested, line and board, with a cell for every square", () => {
    fc.assert(
      fc.property(anyWorking, (working) => {
        const board = boardMathml(working.layout, marksOf(working), working.house);
        const line = problemMathml(working.problem, working.answer, working.house);
        expect(badNesting(board)).toBeUndefined();
        expect(badNesting(line)).toBeUndefined();
        const counts = new Set(
          board
            .split("\n")
            .slice(1, -1)
            .map((row) => row.split("<mtd").length),
        );
        expect(counts.size).toBe(1);
        expect(board + line).not.toMatch(/undefined|NaN/);
      }),
      { numRuns: 150 },
    );
    expect(lineOf("compare 0.4 and 0.45", PRESETS.fillersTrueValue).mathml).toContain("<mo>&lt;</mo>");
  });
});

describe("a board as SVG", () => {
  it("is one well-nested file with every digit in it and nothing outside its frame", () => {
    fc.assert(
      fc.property(anyWorking, (working) => {
        const marks = marksOf(working);
        const drawn = drawnBoard(working.layout, marks, working.house);
        const svg = boardSvg(drawn, inks);
        expect(badNesting(svg)).toBeUndefined();
        expect(svg).not.toMatch(/undefined|NaN/);
        expect(svg.split("<text")).toHaveLength(
          1 + marks.filter(({ kind }) => kind === "glyph" || kind === "small" || kind === "label").length,
        );
        for (const shape of drawn.shapes) {
          if (shape.kind !== "text") continue;
          expect(shape.x).toBeGreaterThan(drawn.left);
          expect(shape.x).toBeLessThan(drawn.left + drawn.columns);
          expect(shape.y).toBeGreaterThan(drawn.top);
          expect(shape.y).toBeLessThan(drawn.top + drawn.rows);
        }
      }),
      { numRuns: 150 },
    );
  });
});
