import type { Layout, Mark } from "@/core/board";
import type { HouseRules } from "@/core/house";
import { decimalSign, type Part } from "@/core/number";
import type { Answer, Problem } from "@/core/problem";
import { type Cell, cellsOf } from "./cells";
import { lineOf } from "./line";

/** Signs and numbers as LaTeX has them: a decimal comma is braced, so that no space follows it. */
const plainLatex = (text: string): string =>
  text.replaceAll(",", "{,}").replaceAll("\u00a0", "\\,").replace("−", "-");

/** Letters that LaTeX would take for orders of its own. */
const wordsLatex = (text: string): string => `\\text{${text.replace(/[$%&#_]/g, "\\$&")}}`;

/** A problem with its answer as a line of LaTeX: `7.2 \div 0.08 = 90`. A wanted form stands behind it in words. */
export const problemLatex = (problem: Problem, answer: Answer, house: HouseRules): string =>
  lineOf(problem, answer, house).map(partLatex).join("").trim().replaceAll("  ", " ");

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

/** A board as a LaTeX array, a column a square. Struck digits need the `cancel` package. */
export function boardLatex(layout: Layout, marks: readonly Mark[], house: HouseRules): string {
  const rows = cellsOf(layout, marks);
  const columns = rows[0]?.length ?? 0;
  const lines = rows.map(
    (cells) => `${rulesAbove(cells)}${cells.map((cell) => cellLatex(cell, house)).join(" & ")} \\\\`,
  );
  return [`\\begin{array}{${"c".repeat(columns)}}`, ...lines, "\\end{array}"].join("\n");
}

/** The rules along the top of a row, each over the columns it covers. */
function rulesAbove(cells: readonly Cell[]): string {
  const strokes = [1, 2].flatMap((least) => {
    const ruled = cells.map(({ ruledAbove }) => ruledAbove >= least);
    const starts = ruled.flatMap((on, at) => (on && !ruled[at - 1] ? [at] : []));
    return starts.map((start) => {
      const length = ruled.slice(start).findIndex((on) => !on);
      const end = length < 0 ? ruled.length : start + length;
      return `\\cline{${start + 1}-${end}}`;
    });
  });
  return strokes.length > 0 ? `${strokes.join("")} ` : "";
}

const SIGN_LATEX: Readonly<Record<string, string>> = {
  "×": "\\times",
  "·": "\\cdot",
  "÷": "\\div",
  "−": "-",
  "≈": "\\approx",
};

function cellLatex(
  { text, struck, smalls, pointBefore, strokeBefore, recurring }: Cell,
  house: HouseRules,
): string {
  const point = pointBefore ? decimalSign(house).replace(",", "{,}") : "";
  const sign = SIGN_LATEX[text] ?? text;
  const digit = struck ? `\\cancel{${sign}}` : recurring ? `\\overline{${sign}}` : sign;
  const small = smalls
    .map((one) => `{\\scriptstyle ${one.struck ? `\\cancel{${one.text}}` : one.text}}`)
    .join("");
  const content = `${point}${small}${digit}`;
  return strokeBefore ? `\\multicolumn{1}{|c}{${content}}` : content;
}
