import { type Token, wordOf } from "../problem";

const isComma = (token: Token | undefined): boolean => token?.text === ",";

/**
 * A quotient and what is left over, parted: `$1.25 each, 3c left`, `5 r 3`, `5 remainder 3`, `5, 3 left`.
 * None where the tokens say no such thing.
 */
export function quotientAndRest(
  tokens: readonly Token[],
): { readonly quotient: readonly Token[]; readonly rest: readonly Token[] } | undefined {
  const left = wordOf(tokens.at(-1)) === "left";
  const whole = left ? tokens.slice(0, -1) : tokens;
  const each = whole.findIndex((token, index) => index > 0 && wordOf(token) === "each");
  if (each > 0) {
    const from = isComma(whole[each + 1]) ? each + 2 : each + 1;
    return from < whole.length ? { quotient: whole.slice(0, each), rest: whole.slice(from) } : undefined;
  }
  const sign = tokens.findIndex((token, index) => index > 0 && isRemainderSign(token, tokens[index - 1]));
  if (sign > 0) {
    const from = tokens[sign + 1]?.text === "." ? sign + 2 : sign + 1;
    return from < tokens.length ? { quotient: tokens.slice(0, sign), rest: tokens.slice(from) } : undefined;
  }
  if (!left) return undefined;
  const number = whole.map(({ kind }) => kind).lastIndexOf("number");
  const from = whole[number - 1]?.kind === "money" ? number - 1 : number;
  return from > 0 ? { quotient: whole.slice(0, from), rest: whole.slice(from) } : undefined;
}

/** `r`, `rem` or `remainder`; a capital R after a number is one too, where it can't be money's. */
const isRemainderSign = (token: Token, before: Token | undefined): boolean =>
  ["r", "rem", "remainder"].includes(wordOf(token)) ||
  (token.kind === "money" && token.text === "R" && before?.kind === "number");
