import type { Mark, PaperLayout } from "@/core/board";
import type { HouseRules } from "@/core/house";
import { decimalSign, type Part } from "@/core/number";
import type { Answer, Problem } from "@/core/problem";
import { escapedMarkup } from "../escaped";
import { type TableCell, tableCells } from "./cells";
import { equationParts } from "./line";

const mn = (text: string): string => `<mn>${escapedMarkup(text)}</mn>`;
const mo = (sign: string): string => `<mo>${escapedMarkup(sign)}</mo>`;
const mtext = (text: string): string => `<mtext>${escapedMarkup(text)}</mtext>`;

const math = (content: string, block: boolean): string =>
  `<math xmlns="http://www.w3.org/1998/Math/MathML"${block ? ' display="block"' : ""}>${content}</math>`;

/** A problem with its answer as a line of MathML. */
export const problemMathml = (problem: Problem, answer: Answer, house: HouseRules): string =>
  math(`<mrow>${equationParts(problem, answer, house).map(partMathml).join("")}</mrow>`, false);

function partMathml(part: Part): string {
  switch (part.kind) {
    case "number":
      return part.text.startsWith("−") ? `<mrow>${mo("−")}${mn(part.text.slice(1))}</mrow>` : mn(part.text);
    case "sign":
    case "bracket":
      return mo(part.text);
    case "fraction":
      return `<mfrac>${mn(part.over)}${mn(part.under)}</mfrac>`;
    case "repetend":
      return `<mover accent="true">${mn(part.text)}${mo("‾")}</mover>`;
    case "words":
      return mtext(part.text);
  }
}

/** A board as a MathML table, a cell a square. */
export function boardMathml(layout: PaperLayout, marks: readonly Mark[], house: HouseRules): string {
  const rows = tableCells(layout, marks).map(
    (cells) => `<mtr>${cells.map((cell) => cellMathml(cell, house)).join("")}</mtr>`,
  );
  return math(`<mtable>\n${rows.join("\n")}\n</mtable>`, true);
}

function cellMathml(cell: TableCell, house: HouseRules): string {
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
