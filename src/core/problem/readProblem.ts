import { type Decimal, leadingPlace, type Notation } from "../number";
import { done, failed, type Result } from "../result";
import { MOST_OPERANDS, type Problem, type SignedOperation } from "./problem";
import { type NumeralError, readDecimal } from "./readDecimal";
import type { ReadError } from "./readError";
import { type FormedLine, partForm, takesForm } from "./readForm";

/** The longest line that is looked at at all, in characters. */
export const LONGEST_LINE = 2000;

type NumberToken = { readonly kind: "number"; readonly at: number; readonly text: string };
type Token = NumberToken | { readonly kind: "sign"; readonly at: number; readonly op: SignedOperation };

const TOKEN =
  /(?<space>\s+)|(?<number>[\d.,]+)|(?<add>[+＋])|(?<subtract>[-−–‒－])|(?<multiply>[×*·⋅∙✕]|[xX](?!\p{L}))|(?<divide>[÷/:∶])|(?<letters>\p{L}+)|(?<other>.)/gsu;

const SIGNED: readonly SignedOperation[] = ["add", "subtract", "multiply", "divide"];

/** The tasks that are not sums: what stands before their numbers, and between them. */
const TASK = /^\s*(?<task>round|compare)(?=$|[^\p{L}])/iu;

/**
 * Reads a typed line as a problem in the notation of the house: `40.3 + 7.865 + 12`, `7.2 ÷ 0.08 to
 * tenths`, `round 3.748 to tenths`, `compare 0.45 and 0.405`. One `=` at the end is allowed. Refuses,
 * with the place where reading stopped, whatever it cannot read as one operation on plain decimals,
 * and asks (`readings`) where the line fits another notation.
 */
export function readProblem(text: string, notation: Notation): Result<Problem, ReadError> {
  if (text.trim() === "") return failed({ code: "empty", at: 0 });
  if (text.length > LONGEST_LINE) return failed({ code: "tooLong", at: LONGEST_LINE, most: LONGEST_LINE });
  const line = text.replace(/\s*=\s*$/, "");
  const formed = partForm(line);
  if (!formed.ok) return formed;
  const { body, wanted, formAt } = formed.value;
  const task = TASK.exec(body);
  const problem = task
    ? taskOf(
        task[0].trim().toLowerCase() === "round" ? "round" : "compare",
        task[0].length,
        formed.value,
        notation,
      )
    : signedProblem(body, wanted, notation);
  if (!problem.ok) return failed(completed(problem.error, (reading) => reading + formed.value.rest));
  if (!takesForm(problem.value.op, wanted)) {
    return failed(
      problem.value.op === "round"
        ? { code: "roundToWhat", at: formAt }
        : { code: "formOfQuotients", at: formAt },
    );
  }
  return problem;
}

function signedProblem(
  body: string,
  wanted: Problem["wanted"],
  notation: Notation,
): Result<Problem, ReadError> {
  const tokens = tokensOf(body);
  if (!tokens.ok) return tokens;
  return problemOf(joinSpacedGroups(tokens.value, notation), body, wanted, notation);
}

/** Rounding takes one number, comparing two with `and` between them. */
function taskOf(
  op: "round" | "compare",
  from: number,
  { body, wanted, formAt }: FormedLine,
  notation: Notation,
): Result<Problem, ReadError> {
  const joint = op === "compare" ? /\s(?:and|with)\s|[;?]/iu.exec(body.slice(from)) : null;
  if (op === "compare" && joint === null) return failed({ code: "compareTwo", at: body.length });
  const spans =
    joint === null
      ? [[from, body.length] as const]
      : [[from, from + joint.index] as const, [from + joint.index + joint[0].length, body.length] as const];
  const operands: Decimal[] = [];
  for (const [start, end] of spans) {
    // What stands before the number is blanked out, so that errors keep their place in the line.
    const number = readNumber(" ".repeat(start) + body.slice(start, end), notation);
    if (!number.ok)
      return failed(
        number.error.code === "empty"
          ? { code: "missingNumber", at: end }
          : completed(
              number.error,
              (reading) => body.slice(0, start) + reading.slice(start) + body.slice(end),
            ),
      );
    if (number.value.negative)
      return failed({ code: "signedNumber", at: start + body.slice(start).search(/\S/) });
    operands.push(number.value);
  }
  if (op === "round" && wanted.kind !== "toPlace") return failed({ code: "roundToWhat", at: formAt });
  return done({ op, operands, wanted });
}

/** An error with its readings grown to whole lines. */
const completed = (error: ReadError, grow: (reading: string) => string): ReadError =>
  "readings" in error ? { ...error, readings: error.readings.map(grow) } : error;

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
    const groups = match.groups ?? {};
    const op = SIGNED.find((name) => groups[name] !== undefined);
    if (groups.space !== undefined) continue;
    if (groups.number !== undefined) tokens.push({ kind: "number", at, text: groups.number });
    else if (op !== undefined) tokens.push({ kind: "sign", at, op });
    else if (groups.letters !== undefined) return failed({ code: "letters", at, word: groups.letters });
    else return failed({ code: "unknownCharacter", at, character: groups.other ?? "" });
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

function problemOf(
  tokens: readonly Token[],
  line: string,
  wanted: Problem["wanted"],
  notation: Notation,
): Result<Problem, ReadError> {
  const operands: Decimal[] = [];
  let op: SignedOperation | undefined;
  let expecting: "number" | "sign" = "number";
  let previous: Token | undefined;
  for (const token of tokens) {
    if (token.kind === "number") {
      if (expecting === "sign") return failed(missingSign(previous, token, line));
      const numeral = readDecimal(token.text, notation);
      if (!numeral.ok) return failed(placed(numeral.error, token, line));
      if ((op === "add" || op === "multiply") && operands.length === MOST_OPERANDS[op]) {
        return failed({ code: "tooManyNumbers", at: token.at, most: MOST_OPERANDS[op], op });
      }
      if (op === "divide" && leadingPlace(numeral.value) === undefined) {
        return failed({ code: "divisionByZero", at: token.at });
      }
      operands.push(numeral.value);
      expecting = "sign";
    } else {
      if (expecting === "number") {
        return failed({ code: token.op === "subtract" ? "signedNumber" : "missingNumber", at: token.at });
      }
      if (op !== undefined && (op !== token.op || MOST_OPERANDS[op] === 2)) {
        return failed({ code: "mixedOperations", at: token.at });
      }
      op = token.op;
      expecting = "number";
    }
    previous = token;
  }
  if (expecting === "number") return failed({ code: "missingNumber", at: line.length });
  if (op === undefined) return failed({ code: "onlyOneNumber", at: line.length });
  return done({ op, operands, wanted });
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
