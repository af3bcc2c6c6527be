import type { Numeral } from "./fraction";
import { type Notation, writeDecimal } from "./notation";

/** What a line of numbers, signs and words is made of, for every medium that sets one. */
export type Part =
  /** A number as the house writes it, its minus before it; or a minus by itself, before a fraction. */
  | { readonly kind: "number"; readonly text: string }
  /** A sign between two things, or before what is rounded. */
  | { readonly kind: "sign"; readonly text: string }
  | { readonly kind: "bracket"; readonly text: "(" | ")" }
  | { readonly kind: "fraction"; readonly over: string; readonly under: string }
  /** Digits that come again for ever. */
  | { readonly kind: "repetend"; readonly text: string }
  /** Letters with the spaces round them: a unit, a sign of money, what is asked or said. */
  | { readonly kind: "words"; readonly text: string };

export const number = (text: string): Part => ({ kind: "number", text });
export const sign = (text: string): Part => ({ kind: "sign", text });
export const words = (text: string): Part => ({ kind: "words", text });

/** A number: a fraction after its sign, a mixed number after its whole. */
export function numeralParts(numeral: Numeral, notation: Notation): readonly Part[] {
  if (numeral.kind === "decimal") return [number(writeDecimal(numeral, notation))];
  const minus = numeral.negative ? "−" : "";
  const over = String(numeral.numerator);
  const part: Part = { kind: "fraction", over, under: String(numeral.denominator) };
  if (numeral.kind === "fraction") return minus === "" ? [part] : [number(minus), part];
  return [number(`${minus}${numeral.whole}`), part];
}

/** Parts in one line of text: `2 1/3 + 0.1(6)`, `≈ 0.67`. */
export function partsText(parts: readonly Part[]): string {
  let text = "";
  for (const part of parts) text += textAfter(part, text);
  return text;
}

function textAfter(part: Part, before: string): string {
  switch (part.kind) {
    case "number":
    case "bracket":
    case "words":
      return part.text;
    case "sign":
      return before === "" ? `${part.text} ` : ` ${part.text} `;
    case "repetend":
      return `(${part.text})`;
    case "fraction":
      return `${/\d$/.test(before) ? " " : ""}${part.over}/${part.under}`;
  }
}
