import { opposite } from "../../number";
import { type CurrencyId, currencyTyped, type Quantity } from "../../quantity";
import { done, failed, type Result } from "../../result";
import type { Expression } from "../expression";
import type { SignedOperation } from "../operation";
import { MOST_BRACKETS, MOST_OPERANDS } from "../problem";
import type { ReadError } from "./readError";
import { type LineToRead, MOST_TOKENS, readQuantity } from "./readQuantity";
import { type Token, type TokenStretch, wordOf } from "./tokens";

/** Signs in a line beyond which it is not looked at further: more than any problem's with brackets to spare. */
const FAR_TOO_MANY = 40;

/**
 * Reads quantities with signs and brackets between them, in the order of operations: brackets, then × and ÷
 * from the left, then + and −. A slash with spaces divides; one without makes a fraction. `of` multiplies.
 */
export function readExpression(
  { tokens, end }: TokenStretch,
  line: LineToRead,
): Result<Expression, ReadError> {
  const unknown = tokens.find(({ kind }) => kind === "other");
  if (unknown !== undefined)
    return failed({ code: "unknownCharacter", at: unknown.at, character: unknown.text });
  const many = tooMany(tokens);
  if (many !== undefined) return failed(many);
  const read = sumAt({ tokens, end, line }, 0, 0);
  if (!read.ok) return read;
  const rest = tokens[read.value.next];
  if (rest === undefined) return done(read.value.expression);
  if (rest.kind === "close") return failed({ code: "closeBracket", at: rest.at });
  return failed(missingSign(tokens[read.value.next - 1], rest, line.text));
}

/** The quantity that an expression is, where it is one. */
export function oneQuantity(read: Result<Expression, ReadError>): Result<Quantity, ReadError> {
  if (!read.ok) return read;
  return read.value.kind === "quantity"
    ? done(read.value.quantity)
    : failed({ code: "moreThanANumber", at: firstSign(read.value) });
}

const firstSign = (expression: Expression): number =>
  expression.kind === "operation" && expression.left.kind === "operation"
    ? firstSign(expression.left)
    : expression.at;

/** Far more numbers than any problem has are not worked through: where the first one too many stands. */
function tooMany(tokens: readonly Token[]): ReadError | undefined {
  const signs = tokens.filter((token) => joinAt(token) !== undefined);
  if (signs.length <= FAR_TOO_MANY) return undefined;
  const of = signs.every((token) => joinAt(token) === "add") ? "add" : "chain";
  const most = MOST_OPERANDS[of];
  return { code: "tooManyNumbers", at: signs[most - 1]?.end ?? 0, most, of };
}

/** The currency that some tokens name by its sign, the first of them. */
export const currencyOfTokens = (tokens: readonly Token[], house: CurrencyId): CurrencyId | undefined =>
  tokens
    .flatMap((token) =>
      token.kind === "money" || token.kind === "word" ? [currencyTyped(token.text, house)] : [],
    )
    .find((currency) => currency !== undefined);

interface Typed extends TokenStretch {
  readonly line: LineToRead;
}

/** What was read, and the token that comes next. */
type Read = Result<{ readonly expression: Expression; readonly next: number }, ReadError>;

/** The operation a token stands for, if it joins two quantities. */
function joinAt(token: Token | undefined): SignedOperation | undefined {
  if (token?.kind === "sign") return token.op;
  if (token?.kind === "slash") return "divide";
  const word = wordOf(token);
  return word === "of" || word === "x" ? "multiply" : undefined;
}

const isSum = (op: SignedOperation | undefined): boolean => op === "add" || op === "subtract";

function sumAt(typed: Typed, from: number, depth: number): Read {
  return joinedAt(
    typed,
    from,
    (at) => joinedAt(typed, at, (next) => partAt(typed, next, depth), false),
    true,
  );
}

/** Parts with signs of one rank between them, from the left. */
function joinedAt(typed: Typed, from: number, part: (at: number) => Read, sums: boolean): Read {
  let left = part(from);
  for (;;) {
    if (!left.ok) return left;
    const sign = typed.tokens[left.value.next];
    const op = joinAt(sign);
    if (op === undefined || sign === undefined || isSum(op) !== sums) return left;
    const right = part(left.value.next + 1);
    if (!right.ok) return right;
    left = done({
      expression: {
        kind: "operation",
        at: sign.at,
        op,
        left: left.value.expression,
        right: right.value.expression,
      },
      next: right.value.next,
    });
  }
}

/** What is raised to a whole power: so many of it, multiplied. */
function powerOf(typed: Typed, base: Read): Read {
  if (!base.ok) return base;
  const [sign, number] = typed.tokens.slice(base.value.next, base.value.next + 2);
  if (sign?.kind !== "power") return base;
  const raised = SUPERSCRIPTS.indexOf(sign.text);
  const exponent = raised >= 0 ? raised + 2 : number?.kind === "number" ? Number(number.text) : 0;
  const last = raised >= 0 ? sign : (number ?? sign);
  if (!Number.isInteger(exponent) || exponent < 2 || exponent > HIGHEST_POWER)
    return failed({ code: "power", at: sign.at, most: HIGHEST_POWER });
  const factor = base.value.expression;
  const expression = Array.from({ length: exponent - 1 }).reduce<Expression>(
    (left) => ({ kind: "operation", at: sign.at, op: "multiply", left, right: factor }),
    factor,
  );
  return done({ expression, next: base.value.next + (last === sign ? 1 : 2) });
}

const SUPERSCRIPTS = ["²", "³", "⁴", "⁵", "⁶"];
const HIGHEST_POWER = 6;

/** A quantity, one with a sign of its own, or brackets; with a power after it. */
const partAt = (typed: Typed, at: number, depth: number): Read =>
  powerOf(typed, unraisedAt(typed, at, depth));

function unraisedAt(typed: Typed, at: number, depth: number): Read {
  const { tokens, end, line } = typed;
  const token = tokens[at];
  if (token?.kind === "sign" && isSum(token.op)) {
    const [before, after] = [tokens[at - 1], tokens[at + 1]];
    // A minus after a sign is a number's own; a plus there is one too many.
    if (before?.kind === "sign" && token.op === "add") return failed({ code: "missingNumber", at: token.at });
    if (after?.kind === "sign" && isSum(after.op)) return failed({ code: "missingNumber", at: after.at });
    const part = partAt(typed, at + 1, depth);
    if (!part.ok || token.op === "add") return part;
    return negated(part.value.expression, part.value.next, token.at);
  }
  if (token?.kind === "open") {
    if (depth === MOST_BRACKETS) return failed({ code: "deepBrackets", at: token.at, most: MOST_BRACKETS });
    const inner = sumAt(typed, at + 1, depth + 1);
    if (!inner.ok) return inner;
    const close = tokens[inner.value.next];
    if (close === undefined) return failed({ code: "openBracket", at: token.at });
    if (close.kind !== "close") return failed(missingSign(tokens[inner.value.next - 1], close, line.text));
    return done({ ...inner.value, next: inner.value.next + 1 });
  }
  const quantity = readQuantity(tokens.slice(at, at + MOST_TOKENS), end, line);
  if (!quantity.ok) return quantity;
  return done({
    expression: { kind: "quantity", at: token?.at ?? end, quantity: quantity.value.quantity },
    next: at + quantity.value.took,
  });
}

/** A minus belongs to a number; before brackets or a measure it has no meaning on paper here. */
function negated(expression: Expression, next: number, at: number): Read {
  if (expression.kind === "operation") return failed({ code: "signedBracket", at });
  const { quantity } = expression;
  switch (quantity.kind) {
    case "decimal":
    case "fraction":
    case "mixed":
      return done({ expression: { kind: "quantity", at, quantity: opposite(quantity) }, next });
    case "amount":
    case "measure":
      return failed({ code: "negativeAmount", at });
  }
}

/** Two things with nothing between them; three digits after a space may be a group of thousands. */
function missingSign(previous: Token | undefined, token: Token, line: string): ReadError {
  if (token.kind === "word") return { code: "letters", at: token.at, word: token.text };
  const grouped =
    previous?.kind === "number" && /^\d{1,3}$/.test(previous.text) && /^\d{3}\b/.test(token.text);
  const readings = grouped ? [line.slice(0, previous.end) + line.slice(token.at)] : [];
  return { code: "missingSign", at: token.at, readings };
}
