import type { Decimal, Notation } from "../number";
import { done, failed, type Result } from "../result";
import { MOST_ADDENDS, type Operation, type Problem } from "./problem";
import { type NumeralError, readDecimal } from "./readDecimal";
import type { ReadError } from "./readError";

/** The longest line that is looked at at all, in characters. */
export const LONGEST_LINE = 2000;

type NumberToken = { readonly kind: "number"; readonly at: number; readonly text: string };
type Token = NumberToken | { readonly kind: "sign"; readonly at: number; readonly op: Operation };

const TOKEN =
  /(?<space>\s+)|(?<number>[\d.,]+)|(?<plus>[+＋])|(?<minus>[-−–‒－])|(?<letters>\p{L}+)|(?<other>.)/gsu;
const OTHER_OPERATIONS = "×*·÷/:";

/**
 * Reads a typed line as a problem in the notation of the house: `40.3 + 7.865 + 12`, `5-2.004`.
 * One `=` at the end is allowed. Refuses, with the place where reading stopped, whatever it cannot
 * read as one operation on plain decimals, and asks (`readings`) where the line fits another notation.
 */
export function readProblem(text: string, notation: Notation): Result<Problem, ReadError> {
  if (text.trim() === "") return failed({ code: "empty", at: 0 });
  if (text.length > LONGEST_LINE) return failed({ code: "tooLong", at: LONGEST_LINE, most: LONGEST_LINE });
  const line = text.replace(/\s*=\s*$/, "");
  const tokens = tokensOf(line);
  if (!tokens.ok) return tokens;
  return problemOf(joinSpacedGroups(tokens.value, notation), line, notation);
}

/** Reads one number on its own, below zero too: a guess, an answer. Errors are those of a problem. */
export function readNumber(text: string, notation: Notation): Result<Decimal, ReadError> {
  if (text.trim() === "") return failed({ code: "empty", at: 0 });
  if (text.length > LONGEST_LINE) return failed({ code: "tooLong", at: LONGEST_LINE, most: LONGEST_LINE });
  const tokens = tokensOf(text);
  if (!tokens.ok) return tokens;
  const [first, ...rest] = joinSpacedGroups(tokens.value, notation);
  const negative = first?.kind === "sign" && first.op === "subtract";
  const [number, next] = negative ? rest : [first, ...rest];
  if (number?.kind !== "number") return failed({ code: "missingNumber", at: number?.at ?? text.length });
  if (next?.kind === "number") return failed(missingSign(number, next, text));
  if (next !== undefined) return failed({ code: "moreThanANumber", at: next.at });
  const numeral = readDecimal(number.text, notation);
  if (!numeral.ok) return failed(placed(numeral.error, number, text));
  return done({ ...numeral.value, negative });
}

function tokensOf(line: string): Result<readonly Token[], ReadError> {
  const tokens: Token[] = [];
  for (const match of line.matchAll(TOKEN)) {
    const at = match.index;
    const { space, number, plus, minus, letters, other } = match.groups ?? {};
    if (space !== undefined) continue;
    if (number !== undefined) tokens.push({ kind: "number", at, text: number });
    else if (plus !== undefined) tokens.push({ kind: "sign", at, op: "add" });
    else if (minus !== undefined) tokens.push({ kind: "sign", at, op: "subtract" });
    else if (letters !== undefined) return failed({ code: "letters", at, word: letters });
    else if (other !== undefined && OTHER_OPERATIONS.includes(other)) {
      return failed({ code: "otherOperation", at, sign: other });
    } else return failed({ code: "unknownCharacter", at, character: other ?? "" });
  }
  return done(tokens);
}

/** Where the house groups thousands by space, `12 400.5` is one number in several stretches. */
function joinSpacedGroups(tokens: readonly Token[], notation: Notation): readonly Token[] {
  if (notation.grouping !== "space") return tokens;
  const joined: Token[] = [];
  let open = false;
  for (const token of tokens) {
    const last = joined.at(-1);
    if (
      open &&
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

function problemOf(tokens: readonly Token[], line: string, notation: Notation): Result<Problem, ReadError> {
  const operands: Decimal[] = [];
  let op: Operation | undefined;
  let expecting: "number" | "sign" = "number";
  let previous: Token | undefined;
  for (const token of tokens) {
    if (token.kind === "number") {
      if (expecting === "sign") return failed(missingSign(previous, token, line));
      const numeral = readDecimal(token.text, notation);
      if (!numeral.ok) return failed(placed(numeral.error, token, line));
      if (operands.length === MOST_ADDENDS) {
        return failed({ code: "tooManyNumbers", at: token.at, most: MOST_ADDENDS });
      }
      operands.push(numeral.value);
      expecting = "sign";
    } else {
      if (expecting === "number") {
        return failed({ code: token.op === "subtract" ? "signedNumber" : "missingNumber", at: token.at });
      }
      if (op !== undefined && (op !== token.op || op === "subtract")) {
        return failed({ code: "mixedOperations", at: token.at });
      }
      op = token.op;
      expecting = "number";
    }
    previous = token;
  }
  if (expecting === "number") return failed({ code: "missingNumber", at: line.length });
  if (op === undefined) return failed({ code: "onlyOneNumber", at: line.length });
  return done({ op, operands });
}

/** Two numbers with nothing between them; three digits after a space may be a group of thousands. */
function missingSign(previous: Token | undefined, token: NumberToken, line: string): ReadError {
  const grouped =
    previous?.kind === "number" && /^\d{1,3}$/.test(previous.text) && /^\d{3}\b/.test(token.text);
  const readings = grouped ? [line.slice(0, previous.at + previous.text.length) + line.slice(token.at)] : [];
  return { code: "missingSign", at: token.at, readings };
}

/** A numeral's error, moved to its place in the line, its readings grown to whole lines. */
function placed(error: NumeralError, token: NumberToken, line: string): ReadError {
  const at = token.at + error.at;
  if (error.code !== "otherNotation") return { ...error, at };
  const before = line.slice(0, token.at);
  const after = line.slice(token.at + token.text.length);
  return { ...error, at, readings: error.readings.map((reading) => before + reading + after) };
}
