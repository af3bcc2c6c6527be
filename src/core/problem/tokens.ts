import type { Notation } from "../number";
import { done, failed, type Result } from "../result";
import type { SignedOperation } from "./operation";
import type { ReadError } from "./readError";

/** A stretch of a typed line. A slash may divide or make a fraction; that is seen by what stands round it. */
export type Token =
  | { readonly kind: "number"; readonly at: number; readonly text: string }
  /** A fraction that is one character: ½. */
  | { readonly kind: "vulgar"; readonly at: number; readonly text: string }
  | { readonly kind: "sign"; readonly at: number; readonly text: string; readonly op: SignedOperation }
  | { readonly kind: "slash"; readonly at: number; readonly text: string }
  | { readonly kind: "money"; readonly at: number; readonly text: string }
  | { readonly kind: "word"; readonly at: number; readonly text: string }
  | { readonly kind: "open" | "close"; readonly at: number; readonly text: string };

const TOKEN = new RegExp(
  [
    String.raw`(?<space>\s+)`,
    String.raw`(?<number>[\d.,]+)`,
    "(?<vulgar>[¼½¾⅐⅑⅒⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞])",
    String.raw`(?<money>\p{Sc}|(?:Rs|R)(?=\s?[\d.,]))`,
    "(?<add>[+＋])",
    "(?<subtract>[-−–‒－])",
    String.raw`(?<multiply>[×*·⋅∙✕]|[xX](?!\p{L}))`,
    "(?<divide>[÷:∶])",
    "(?<slash>[/⁄∕])",
    "(?<open>[([])",
    String.raw`(?<close>[)\]])`,
    String.raw`(?<word>\p{L}+|[°′'’″"])`,
    "(?<other>.)",
  ].join("|"),
  "gsu",
);

const SIGNS = ["add", "subtract", "multiply", "divide"] as const;
const KINDS = ["number", "vulgar", "money", "slash", "open", "close", "word"] as const;

/** The tokens of a line, spaces left out; refuses a character that has no meaning here. */
export function tokensOf(line: string): Result<readonly Token[], ReadError> {
  const tokens: Token[] = [];
  for (const match of line.matchAll(TOKEN)) {
    const at = match.index;
    const [text] = match;
    const groups = match.groups ?? {};
    if (groups.space !== undefined) continue;
    const op = SIGNS.find((name) => groups[name] !== undefined);
    const kind = KINDS.find((name) => groups[name] !== undefined);
    if (op !== undefined) tokens.push({ kind: "sign", at, text, op });
    else if (kind !== undefined) tokens.push({ kind, at, text });
    else return failed({ code: "unknownCharacter", at, character: text });
  }
  return done(tokens);
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
      joined[joined.length - 1] = { ...last, text: last.text + token.text };
      open = /^\d{3}$/.test(token.text);
    } else {
      joined.push(token);
      open = token.kind === "number" && /^\d{1,3}$/.test(token.text);
    }
  }
  return joined;
}

/** Whether one token ends where another begins. */
export const touches = (before: Token, after: Token): boolean => before.at + before.text.length === after.at;
