import type { Notation } from "../../number";
import type { SignedOperation } from "../operation";

interface Stretched {
  /** Where it begins and ends in the line, in characters. */
  readonly at: number;
  readonly end: number;
  readonly text: string;
}

/**
 * A stretch of a typed line. A slash may divide or make a fraction; that is seen by what stands round it.
 * `vulgar` is a fraction in one character, `other` a character that has no meaning in a sum.
 */
export type Token =
  | (Stretched & {
      readonly kind: "number" | "vulgar" | "slash" | "money" | "word" | "open" | "close" | "power" | "other";
    })
  | (Stretched & { readonly kind: "sign"; readonly op: SignedOperation });

const TOKEN = /\s+|[\d.,]+|(?:Rs|R)(?=\s?[\d.,])|[xX](?!\p{L})|\p{L}+|./gsu;

/** What the characters are that stand by themselves. */
const CHARACTERS: ReadonlyMap<string, Exclude<Token["kind"], "sign"> | SignedOperation> = new Map([
  ...[..."¼½¾⅐⅑⅒⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞"].map((character) => [character, "vulgar"] as const),
  ...[..."+＋"].map((character) => [character, "add"] as const),
  ...[..."-−–‒－"].map((character) => [character, "subtract"] as const),
  ...[..."×*·⋅∙✕"].map((character) => [character, "multiply"] as const),
  ...[..."÷:∶"].map((character) => [character, "divide"] as const),
  ...[..."/⁄∕"].map((character) => [character, "slash"] as const),
  ...[..."(["].map((character) => [character, "open"] as const),
  ...[...")]"].map((character) => [character, "close"] as const),
  ...[..."^²³⁴⁵⁶"].map((character) => [character, "power"] as const),
  ...[..."°′'’″\""].map((character) => [character, "word"] as const),
]);

/** The sign that stands after small money, read as its letter is. */
const CENT = "¢";

/** The tokens of a line, spaces left out, in one pass over it. */
export function tokensOf(line: string): readonly Token[] {
  const tokens: Token[] = [];
  for (const { index: at, 0: text } of line.matchAll(TOKEN)) {
    const end = at + text.length;
    if (text === CENT) {
      tokens.push({ kind: "word", at, end, text: "c" });
      continue;
    }
    const kind = kindOf(text, line.slice(end, end + 2));
    if (kind === undefined) continue;
    if (kind === "add" || kind === "subtract" || kind === "multiply" || kind === "divide")
      tokens.push({ kind: "sign", op: kind, at, end, text });
    else tokens.push({ kind, at, end, text });
  }
  return tokens;
}

/** What a stretch is; none where it is space. `after` are the two characters after it. */
function kindOf(text: string, after: string): Exclude<Token["kind"], "sign"> | SignedOperation | undefined {
  const known = CHARACTERS.get(text);
  if (known !== undefined) return known;
  if (/^[\d.,]/.test(text)) return "number";
  if (text === "R" || text === "Rs") return /^\s?[\d.,]/.test(after) ? "money" : "word";
  if (text === "x" || text === "X") return "multiply";
  if (/^\p{L}/u.test(text)) return "word";
  if (/^\p{Sc}/u.test(text)) return "money";
  return /^\s/.test(text) ? undefined : "other";
}

/** Where the house groups thousands by space, `12 400.5` is one number in several stretches. */
export function joinSpacedGroups(tokens: readonly Token[], notation: Notation): readonly Token[] {
  if (notation.grouping !== "space") return tokens;
  const joined: Token[] = [];
  let open = false;
  for (const [index, token] of tokens.entries()) {
    const last = joined.at(-1);
    const next = tokens[index + 1];
    // In 2 100/15 the 100 is a numerator beside a whole number.
    const over = next?.kind === "slash" && touches(token, next);
    if (
      open &&
      !over &&
      last?.kind === "number" &&
      token.kind === "number" &&
      /^\d{3}(?:[.,]\d*)?$/.test(token.text)
    ) {
      joined[joined.length - 1] = { ...last, end: token.end, text: last.text + token.text };
      open = /^\d{3}$/.test(token.text);
    } else {
      joined.push(token);
      open = token.kind === "number" && /^\d{1,3}$/.test(token.text);
    }
  }
  return joined;
}

/** Whether one token ends where another begins. */
export const touches = (before: Token, after: Token): boolean => before.end === after.at;

/** The word a token is, in small letters; empty where it is none. */
export const wordOf = (token: Token | undefined): string =>
  token?.kind === "word" ? token.text.toLowerCase() : "";

/** Whether a token is a word that stands by itself, with a space before it. */
export const standsAlone = (tokens: readonly Token[], index: number): boolean => {
  const [before, token] = [tokens[index - 1], tokens[index]];
  return token?.kind === "word" && before !== undefined && !touches(before, token);
};

const standsTight = (before: Token | undefined, after: Token): boolean =>
  before !== undefined && touches(before, after);

/** Some tokens of a line, and where they end in it, which is where something that is missing is missed. */
export interface TokenStretch {
  readonly tokens: readonly Token[];
  readonly end: number;
}

/** The tokens from one to before another, as a stretch. An empty one ends where the one before it does. */
export function stretchOf(tokens: readonly Token[], from: number, to: number): TokenStretch {
  const part = tokens.slice(from, to);
  return { tokens: part, end: tokens[Math.max(from, to) - 1]?.end ?? 0 };
}

/** A stretch without a comma that stands at the end of its last number: `1.85,` in `3 × $1.85, from $10`. */
export function withoutComma({ tokens, end }: TokenStretch): TokenStretch {
  const last = tokens.at(-1);
  if (last?.kind !== "number" || !last.text.endsWith(",")) return { tokens, end };
  const before = tokens.slice(0, -1);
  if (last.text === ",") return { tokens: before, end: before.at(-1)?.end ?? last.at };
  const cut = { ...last, end: last.end - 1, text: last.text.slice(0, -1) };
  return { tokens: [...before, cut], end: cut.end };
}

/**
 * The things of a list: between them stand some words, a semicolon, or a comma. A comma parts where a space
 * comes after it, or a number after a word; before one of the words it parts unless it may be a number's own.
 */
export function listedTokens(
  { tokens, end }: TokenStretch,
  words: readonly string[],
  { decimalMark }: Notation,
): readonly TokenStretch[] {
  const found: TokenStretch[] = [];
  let part: Token[] = [];
  const close = (at: number): void => {
    found.push({ tokens: part, end: at });
    part = [];
  };
  for (const [index, token] of tokens.entries()) {
    const [before, next] = [tokens[index - 1], tokens[index + 1]];
    const isJoint = (one: Token | undefined): boolean => words.includes(wordOf(one));
    if (isJoint(token) && next !== undefined && standsAlone(tokens, index)) {
      // After a comma that parted already, the word parts nothing more.
      if (part.length > 0 || before === undefined || !before.text.endsWith(",") || decimalMark === "comma")
        close(before?.end ?? token.at);
    } else if (token.kind === "other" && (token.text === ";" || token.text === "?")) {
      close(token.at);
    } else if (
      token.kind === "number" &&
      token.text.startsWith(",") &&
      wordOf(before) !== "" &&
      standsTight(before, token)
    ) {
      close(token.at);
      if (token.text.length > 1) part.push({ ...token, at: token.at + 1, text: token.text.slice(1) });
    } else if (
      token.kind === "number" &&
      token.text.endsWith(",") &&
      next !== undefined &&
      !touches(token, next) &&
      !(decimalMark === "comma" && isJoint(next))
    ) {
      const cut = withoutComma({ tokens: [token], end: token.end });
      part.push(...cut.tokens);
      close(cut.end);
    } else part.push(token);
  }
  found.push({ tokens: part, end });
  return found;
}
