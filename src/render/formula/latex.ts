import type { Mark, PaperLayout } from "@/core/board";
import type { HouseRules } from "@/core/house";
import { decimalSign, type Part } from "@/core/number";
import { type Answer, answerParts, type Problem, problemParts, writeProblem } from "@/core/problem";
import { type TableCell, tableCells } from "./cells";
import { equationParts } from "./line";

/** Signs and numbers as LaTeX has them: a decimal comma is braced, so that no space follows it. */
const plainLatex = (text: string): string =>
  text
    .replaceAll(",", "{,}")
    .replaceAll("\u00a0", "\\,")
    .replace("−", "-")
    .replaceAll(/[^\d{},\\.\s-]+/g, wordsLatex);

/** Letters that LaTeX would take for orders of its own. */
const wordsLatex = (text: string): string => `\\text{${text.replace(/[$%&#_]/g, "\\$&")}}`;

/** A problem with its answer as a line of LaTeX: `7.2 \div 0.08 = 90`. A wanted form stands behind it in words. */
export const problemLatex = (problem: Problem, answer: Answer, house: HouseRules): string =>
  equationParts(problem, answer, house).map(partLatex).join("").trim().replaceAll("  ", " ");

/** Operations whose problems are formulas; those of others are asked in words. */
const FORMULAS: readonly Problem["op"][] = ["add", "subtract", "multiply", "divide", "terms", "chain"];

/** A problem as it is asked, in LaTeX: a formula up to its equals sign, or words. */
export const askedLatex = (problem: Problem, house: HouseRules): string =>
  FORMULAS.includes(problem.op)
    ? `${problemParts(problem, house).map(partLatex).join("").trim().replaceAll("  ", " ")} =`
    : wordsLatex(writeProblem(problem, house));

/** An answer by itself in LaTeX. */
export const answerLatex = (answer: Answer, house: HouseRules): string =>
  answerParts(answer, house).map(partLatex).join("").trim();

function partLatex(part: Part): string {
  switch (part.kind) {
    case "number":
      return plainLatex(part.text);
    case "sign":
      return ` ${SIGN_LATEX[part.text] ?? part.text} `;
    case "bracket":
      return part.text;
    case "fraction":
      return `\\tfrac{${part.over}}{${part.under}}`;
    case "repetend":
      return `\\overline{${part.text}}`;
    case "words":
      return /^ \(/.test(part.text) ? ` \\quad ${wordsLatex(part.text.trim())}` : wordsLatex(part.text);
  }
}

/**
 * A board as a LaTeX array, a column a square, in what LaTeX and the renderers of web pages both know: a rule over all
 * columns is a line of the array, one over some of them stands over their squares. Struck digits need the `cancel`
 * package.
 */
export function boardLatex(layout: PaperLayout, marks: readonly Mark[], house: HouseRules): string {
  const rows = tableCells(layout, marks);
  const columns = rows[0]?.length ?? 0;
  const lines = rows.map((cells) => {
    const across = strokesAcross(cells);
    const written = cells.map((cell) => ruledLatex(cellLatex(cell, house), cell.ruledAbove - across));
    return `${"\\hline ".repeat(across)}${written.join(" & ")} \\\\`;
  });
  return [`\\begin{array}{${"c".repeat(columns)}}`, ...lines, "\\end{array}"].join("\n");
}

/** How many strokes run over every square of a row. */
const strokesAcross = (cells: readonly TableCell[]): number =>
  Math.min(...cells.map(({ ruledAbove }) => ruledAbove));

/** Half of the space between two columns: a rule over a square reaches over it, so that it meets its neighbour's. */
const REACH = "5pt";

/** The content of a square with so many strokes over it. */
function ruledLatex(content: string, strokes: number): string {
  if (strokes <= 0) return content;
  const inside = `\\kern${REACH}\\rule{0pt}{2.2ex}${content === "" ? "\\phantom{0}" : content}\\kern${REACH}`;
  const over = Array.from({ length: strokes }).reduce<string>((under) => `\\overline{${under}}`, inside);
  return `\\kern-${REACH}${over}\\kern-${REACH}`;
}

const SIGN_LATEX: Readonly<Record<string, string>> = {
  "×": "\\times",
  "·": "\\cdot",
  "÷": "\\div",
  "−": "-",
  "≈": "\\approx",
};

/** What stands in a square: a sign, digits, or letters such as those of units and money. */
const glyphLatex = (text: string): string =>
  SIGN_LATEX[text] ?? (/^[\d.=+\-()<>:/]*$/.test(text) ? text : wordsLatex(text));

function cellLatex(
  { text, struck, smalls, pointBefore, strokeBefore, recurring }: TableCell,
  house: HouseRules,
): string {
  const point = pointBefore ? decimalSign(house).replace(",", "{,}") : "";
  const sign = glyphLatex(text);
  const digit = struck ? `\\cancel{${sign}}` : recurring ? `\\overline{${sign}}` : sign;
  const small = smalls
    .map(
      (one) => `{\\scriptstyle ${one.struck ? `\\cancel{${glyphLatex(one.text)}}` : glyphLatex(one.text)}}`,
    )
    .join("");
  const content = `${point}${small}${digit}`;
  return strokeBefore ? `\\vert{}${content}` : content;
}
