import type { Numeral } from "../../number";
import type { Quantity } from "../../quantity";
import { done, failed, type Result } from "../../result";
import type { Problem, ReadingNotation } from "../problem";
import type { ReadError } from "./readError";
import { currencyOfTokens, oneQuantity, readExpression } from "./readExpression";
import { partForm, refusesForm } from "./readForm";
import type { LineToRead } from "./readQuantity";
import { readTask } from "./readTask";
import { joinSpacedGroups, stretchOf, type TokenStretch, tokensOf } from "./tokens";

/** The longest line that is looked at at all, in characters. */
export const LONGEST_LINE = 2000;

type Read<Value = Problem> = Result<Value, ReadError>;

/**
 * Reads a typed line as a problem in the notation of the house: `40.3 + 7.865 + 12`, `2 1/3 − 3/4`,
 * `−7 − (−12)`, `$10 − 3 × $1.25`, `3 × 2 ft 7 in`, `7.2 ÷ 0.08 to tenths`, `simplify 12/18`. One `=` or `?` at
 * the end is allowed. Refuses, with the place where reading stopped, whatever it cannot read, and asks
 * (`readings`) where the line fits another meaning. The line is cut into tokens once; the form is found at
 * their end, the task by their first word, and the rest is read in one descent: linear in the line's length.
 */
export function readProblem(typed: string, notation: ReadingNotation): Read {
  const cut = cutLine(typed, notation);
  if (!cut.ok) return cut;
  const { line, stretch } = cut.value;
  const formed = partForm(stretch.tokens, line.text);
  if (!formed.ok) return formed;
  const problem = readTask(formed.value, line);
  if (!problem.ok) return failed({ ...problem.error, at: Math.min(problem.error.at, formed.value.formAt) });
  const { form } = problem.value;
  const refused = refusesForm(problem.value, form);
  if (refused === undefined) return problem;
  return failed(
    refused === "round"
      ? { code: "roundToWhat", at: formed.value.formAt }
      : { code: "otherForm", at: formed.value.formAt, of: refused },
  );
}

/** A line cut into tokens, without an equals sign at its end; refuses one that is empty or too long. */
function cutLine(
  typed: string,
  notation: ReadingNotation,
): Result<{ readonly line: LineToRead; readonly stretch: TokenStretch }, ReadError> {
  if (typed.length > LONGEST_LINE) return failed({ code: "tooLong", at: LONGEST_LINE, most: LONGEST_LINE });
  const all = joinSpacedGroups(tokensOf(typed), notation);
  if (all.length === 0) return failed({ code: "empty", at: 0 });
  const [before, last] = all.slice(-2);
  // In 2/3 = 8/? the question mark is a number that is asked for.
  const open = all.at(-1)?.text === "=" || (last?.text === "?" && before?.kind !== "slash");
  const stretch = stretchOf(all, 0, open ? all.length - 1 : all.length);
  // Small money that does not say whose it is belongs to the currency that the line names.
  const currency = currencyOfTokens(all, notation.currency);
  const text = typed.slice(0, stretch.end);
  return done({
    line: { text, notation: currency ? { ...notation, currency } : notation, currency },
    stretch,
  });
}

/** Reads one number on its own, below zero or a fraction too: a guess, an answer. Errors are those of a problem. */
export function readNumber(text: string, notation: ReadingNotation): Read<Numeral> {
  const quantity = readOneQuantity(text, notation);
  if (!quantity.ok) return quantity;
  if (quantity.value.kind === "amount" || quantity.value.kind === "measure")
    return failed({ code: "moreThanANumber", at: text.search(/\S/) });
  return done(quantity.value);
}

/** Reads one quantity of any kind on its own. */
export function readOneQuantity(text: string, notation: ReadingNotation): Read<Quantity> {
  if (text.length > LONGEST_LINE) return failed({ code: "tooLong", at: LONGEST_LINE, most: LONGEST_LINE });
  const tokens = joinSpacedGroups(tokensOf(text), notation);
  if (tokens.length === 0) return failed({ code: "empty", at: 0 });
  const line = { text, notation, currency: currencyOfTokens(tokens, notation.currency) };
  return oneQuantity(readExpression(stretchOf(tokens, 0, tokens.length), line));
}
