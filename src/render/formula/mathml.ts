import type { Layout, Mark } from "@/core/board";
import type { HouseRules } from "@/core/house";
import { type Decimal, decimalSign, writeDecimal } from "@/core/number";
import { type Answer, type Problem, signOf, writeForm } from "@/core/problem";
import { type Cell, cellsOf } from "./cells";

const mn = (text: string): string => `<mn>${text}</mn>`;
const mo = (sign: string): string => `<mo>${sign.replace("<", "&lt;").replace(">", "&gt;")}</mo>`;
const mtext = (text: string): string => `<mtext>${text}</mtext>`;
const numeral = (number: Decimal, house: HouseRules): string => {
  const size = mn(writeDecimal({ ...number, negative: false }, house));
  return number.negative ? `<mrow>${mo("−")}${size}</mrow>` : size;
};

const math = (content: string, block: boolean): string =>
  `<math xmlns="http://www.w3.org/1998/Math/MathML"${block ? ' display="block"' : ""}>${content}</math>`;

/** A problem with its answer as a line of MathML. */
export function problemMathml(problem: Problem, answer: Answer, house: HouseRules): string {
  const numbers = problem.operands.map((operand) => numeral(operand, house));
  const form = writeForm(problem.wanted, house).trim();
  const note = form === "" ? "" : mtext(` (${form})`);
  if (problem.op === "round")
    return math(`<mrow>${numbers.join("")}${answerMathml(answer, house)}${note}</mrow>`, false);
  if (problem.op === "compare") return math(`<mrow>${answerMathml(answer, house)}</mrow>`, false);
  const equals = answer.kind === "rounded" ? "" : mo("=");
  const asked = numbers.join(mo(signOf(problem.op, house)));
  return math(`<mrow>${asked}${equals}${answerMathml(answer, house)}${note}</mrow>`, false);
}

function answerMathml(answer: Answer, house: HouseRules): string {
  switch (answer.kind) {
    case "decimal":
      return numeral(answer, house);
    case "rounded":
      return mo("≈") + numeral(answer.numeral, house);
    case "remainder":
      return numeral(answer.quotient, house) + mtext(" r ") + numeral(answer.remainder, house);
    case "mixed": {
      const whole = answer.whole === 0n && answer.numerator > 0n ? "" : mn(answer.whole.toString());
      const part = `<mfrac>${mn(answer.numerator.toString())}${mn(answer.denominator.toString())}</mfrac>`;
      return answer.numerator === 0n ? whole : whole + part;
    }
    case "recurring": {
      const block = `<mover accent="true">${mn(answer.block)}${mo("‾")}</mover>`;
      return `${mn(answer.whole + decimalSign(house) + answer.fixed)}${block}`;
    }
    case "comparison":
      return numeral(answer.left, house) + mo(answer.relation) + numeral(answer.right, house);
  }
}

/** A board as a MathML table, a cell a square. */
export function boardMathml(layout: Layout, marks: readonly Mark[], house: HouseRules): string {
  const rows = cellsOf(layout, marks).map(
    (cells) => `<mtr>${cells.map((cell) => cellMathml(cell, house)).join("")}</mtr>`,
  );
  return math(`<mtable>\n${rows.join("\n")}\n</mtable>`, true);
}

function cellMathml(cell: Cell, house: HouseRules): string {
  const { text, struck, smalls, pointBefore, strokeBefore, ruledAbove, recurring } = cell;
  const borders = [
    ...(ruledAbove > 0 ? [`border-top:${ruledAbove === 2 ? "3px double" : "1px solid"}`] : []),
    ...(strokeBefore ? ["border-left:1px solid"] : []),
  ];
  const style = borders.length > 0 ? ` style="${borders.join(";")}"` : "";
  const written = text === "" ? "" : /^\d+$/.test(text) ? mn(text) : mo(text);
  const looked = recurring && written ? `<mover accent="true">${written}${mo("‾")}</mover>` : written;
  const small = smalls
    .map((one) => `<mstyle scriptlevel="1">${strike(mn(one.text), one.struck)}</mstyle>`)
    .join("");
  return `<mtd${style}>${pointBefore ? mo(decimalSign(house)) : ""}${small}${strike(looked, struck)}</mtd>`;
}

const strike = (content: string, struck: boolean): string =>
  struck ? `<menclose notation="updiagonalstrike">${content}</menclose>` : content;
