import type { Layout, Mark } from "@/core/board";
import type { HouseRules } from "@/core/house";
import { type Decimal, decimalSign, writeDecimal } from "@/core/number";
import { type Answer, type Problem, type SignedOperation, writeForm } from "@/core/problem";
import { type Cell, cellsOf } from "./cells";

/** A numeral in LaTeX: a decimal comma is braced, so that no space follows it. */
const numeral = (number: Decimal, house: HouseRules): string =>
  writeDecimal(number, house).replaceAll(",", "{,}").replaceAll("\u00a0", "\\,").replace("−", "-");

function signLatex(op: SignedOperation, house: HouseRules): string {
  switch (op) {
    case "add":
      return "+";
    case "subtract":
      return "-";
    case "multiply":
      return house.timesSign === "cross" ? "\\times" : "\\cdot";
    case "divide":
      return house.divideSign === "obelus" ? "\\div" : ":";
  }
}

/** A problem with its answer as a line of LaTeX: `7.2 \div 0.08 = 90`. A wanted form stands behind it in words. */
export function problemLatex(problem: Problem, answer: Answer, house: HouseRules): string {
  const numbers = problem.operands.map((operand) => numeral(operand, house));
  const form = writeForm(problem.wanted, house).trim();
  const note = form === "" ? "" : ` \\quad \\text{(${form})}`;
  if (problem.op === "round") return `${numbers.join("")} ${answerLatex(answer, house)}${note}`;
  if (problem.op === "compare") return answerLatex(answer, house);
  const equals = answer.kind === "rounded" ? " " : " = ";
  return `${numbers.join(` ${signLatex(problem.op, house)} `)}${equals}${answerLatex(answer, house)}${note}`;
}

/** An answer in LaTeX. */
function answerLatex(answer: Answer, house: HouseRules): string {
  switch (answer.kind) {
    case "decimal":
      return numeral(answer, house);
    case "rounded":
      return `\\approx ${numeral(answer.numeral, house)}`;
    case "remainder":
      return `${numeral(answer.quotient, house)} \\text{ r } ${numeral(answer.remainder, house)}`;
    case "mixed": {
      const whole = answer.whole === 0n && answer.numerator > 0n ? "" : answer.whole.toString();
      return answer.numerator === 0n ? whole : `${whole}\\tfrac{${answer.numerator}}{${answer.denominator}}`;
    }
    case "recurring": {
      const sign = decimalSign(house).replace(",", "{,}");
      return `${answer.whole}${sign}${answer.fixed}\\overline{${answer.block}}`;
    }
    case "comparison":
      return `${numeral(answer.left, house)} ${answer.relation} ${numeral(answer.right, house)}`;
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
