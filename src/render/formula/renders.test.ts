import { XMLParser, XMLValidator } from "fast-xml-parser";
import katex from "katex";
import { describe, expect, it } from "vitest";
import { boardAfter } from "@/core/board";
import { type HouseRules, houseRulesFrom, PRESETS } from "@/core/house";
import { EVERY_METHOD, METHOD_IDS, type Working, workingOf } from "@/core/methods";
import { readProblem } from "@/core/problem";
import { boardSvg, drawnBoard } from "../svg";
import { boardLatex, boardMathml, problemLatex, problemMathml } from ".";

const houses: readonly HouseRules[] = [
  ...Object.values(PRESETS),
  ...["GBP", "INR", "own|kr|øre|krone|kroner|øre|øre|100|500"].flatMap((currency) => {
    const house = houseRulesFrom({ currency, decimalMark: "comma" });
    return house.ok ? [house.value] : [];
  }),
];

/** Every method's sample worked in every house, with all its marks. */
const samples = houses.flatMap((house) =>
  METHOD_IDS.flatMap((id) => {
    const read = readProblem(EVERY_METHOD.card(id).sample, {
      decimalMark: "point",
      grouping: "none",
      currency: "USD",
    });
    return read.ok ? [{ id, house, working: workingOf(read.value, house, id) }] : [];
  }),
);

const marksOf = ({ layout, steps }: Working) => {
  const { settled, fresh, layout: page } = boardAfter(layout, steps, steps.length);
  return { marks: [...settled, ...fresh], page };
};

/** That the renderer of web pages takes some LaTeX, or what it says instead. */
function rendered(latex: string): string {
  try {
    katex.renderToString(latex, { throwOnError: true, strict: "ignore", trust: false });
    return "rendered";
  } catch (error) {
    return String(error);
  }
}

/** Elements of MathML's core, as browsers draw them. */
const MATHML = new Set(
  "math mrow mn mo mi mtext mspace mfrac mtable mtr mtd mover munder munderover msup msub menclose mstyle mpadded mphantom semantics".split(
    " ",
  ),
);
const SVG = new Set("svg rect path text".split(" "));

/** The names of all elements of a document, after a look that it is well formed. */
function elementsOf(markup: string): ReadonlySet<string> {
  const valid = XMLValidator.validate(markup);
  expect(valid).toBe(true);
  const names = new Set<string>();
  const gather = (nodes: readonly Readonly<Record<string, unknown>>[]): void => {
    for (const node of nodes)
      for (const [name, inside] of Object.entries(node)) {
        if (name === "#text" || name === ":@") continue;
        names.add(name);
        if (Array.isArray(inside)) gather(inside);
      }
  };
  gather(new XMLParser({ preserveOrder: true, ignoreAttributes: true }).parse(markup));
  return names;
}

describe("what is copied out of every method's sample, in every house", () => {
  it("is LaTeX that the renderer of web pages takes, and that asks for nothing it lacks", () => {
    for (const { id, house, working } of samples) {
      const { marks, page } = marksOf(working);
      for (const latex of [
        boardLatex(page, marks, house),
        problemLatex(working.problem, working.answer, house),
      ]) {
        expect([id, latex, rendered(latex)]).toEqual([id, latex, "rendered"]);
        expect(latex).not.toMatch(/\\(?:cline|multicolumn)/);
      }
    }
  });

  it("is well-formed MathML and SVG of known elements only", () => {
    const inks = { page: "#fff", squares: "#ccc", ink: "#111", soft: "#555", plumb: "#0a0" };
    for (const { house, working } of samples) {
      const { marks, page } = marksOf(working);
      const line = elementsOf(problemMathml(working.problem, working.answer, house));
      const board = elementsOf(boardMathml(page, marks, house));
      expect([...line, ...board].filter((name) => !MATHML.has(name))).toEqual([]);
      const svg = elementsOf(boardSvg(drawnBoard(page, marks, house), inks));
      expect([...svg].filter((name) => !SVG.has(name))).toEqual([]);
    }
  });
});
