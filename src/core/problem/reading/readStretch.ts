import type { Quantity } from "../../quantity";
import { failed, type Result } from "../../result";
import type { Expression } from "../expression";
import type { Problem } from "../problem";
import type { ReadError } from "./readError";
import { oneQuantity, readExpression } from "./readExpression";
import type { LineToRead } from "./readQuantity";
import { standsAlone, stretchOf, type Token, type TokenStretch, wordOf } from "./tokens";

/** What is read from a line or a stretch of it: a problem, if nothing else is said. */
export type ReadResult<Value = Problem> = Result<Value, ReadError>;

/** Where what stands in a stretch begins. */
export const startOf = ({ tokens, end }: TokenStretch): number => tokens[0]?.at ?? end;

/** One quantity in a stretch of a line. */
export const quantityIn = (stretch: TokenStretch, line: LineToRead): ReadResult<Quantity> =>
  oneQuantity(expressionIn(stretch, line));

export const expressionIn = (stretch: TokenStretch, line: LineToRead): ReadResult<Expression> =>
  stretch.tokens.length === 0
    ? failed({ code: "missingNumber", at: stretch.end })
    : readExpression(stretch, line);

/** The first of some words that stands by itself and has something after it: its index. */
export const wordAt = (tokens: readonly Token[], words: readonly string[]): number =>
  tokens.findIndex(
    (token, index) =>
      words.includes(wordOf(token)) && standsAlone(tokens, index) && index < tokens.length - 1,
  );

/** A stretch parted before and after a word; none after where the word is not there. */
export function partedAt(
  { tokens, end }: TokenStretch,
  words: readonly string[],
): { readonly before: TokenStretch; readonly after: TokenStretch | undefined } {
  const at = wordAt(tokens, words);
  if (at < 0) return { before: { tokens, end }, after: undefined };
  return { before: stretchOf(tokens, 0, at), after: stretchOf(tokens, at + 1, tokens.length) };
}
