import Exact from "fraction.js";
import type { Mark } from "../../board";
import type { Bar } from "../reading/bars";
import { type Sign, type Sorted, type Spot, spotKey } from "../reading/glyphs";
import { type JudgingTarget, valueFrom } from "../reading/judgingTarget";
import { digitOf, exactly } from "../reading/pieces";
import { type Claim, claimOf, type Fault, isSameExact } from "./claim";

/** What pictures and things on the paper state: parts of wholes that are shaded, counters, coins and pieces. */

type Token = Extract<Mark, { kind: "token" }>;
type Shape = Extract<Mark, { kind: "shape" }>;

const ZERO = new Exact(0);
const sum = (values: readonly Exact[]): Exact => values.reduce((all, one) => all.add(one), ZERO);

/** What a thing is worth; coins in the major unit. */
function worthOfToken({ look, text }: Token, { money }: JudgingTarget): Exact {
  switch (look) {
    case "plus":
      return new Exact(1);
    case "minus":
      return new Exact(-1);
    case "piece":
      return exactly(/^\d+(?:\.\d+)?$/.test(text) ? text : "0");
    case "coin": {
      const count = exactly(/\d+/.exec(text)?.[0] ?? "0");
      return money !== undefined && text.includes(money.minorSign) && !text.includes(money.sign)
        ? count.div(100)
        : count;
    }
  }
}

/** The part of its whole that is shaded. */
const shadedOf = ({ shaded, across, down }: Shape): Exact => new Exact(shaded.length, across * down);

/** A claim of what is laid, which has no numerals. */
const laid = (
  at: Spot,
  rest: { readonly state: Claim["state"]; readonly parts?: readonly Exact[]; readonly fault?: Fault },
): Claim => claimOf("laid", [], { ...rest, at, top: at.row, bottom: at.row, left: at.col });

/**
 * What the shapes and things on the paper claim. A shape is held against the fraction written beside, over or under it,
 * counters against the operation; anything else has to come to a number of the work, or it can't be made out. Nothing
 * is said before the hand is lifted.
 */
export function laidClaims(
  { shapes, tokens, strikes }: Sorted,
  bars: readonly Bar[],
  asked: JudgingTarget,
  made: readonly Exact[],
  settled: boolean,
): readonly Claim[] {
  const known = [
    ...asked.numbers.map(valueFrom),
    ...(asked.value === undefined ? [] : [valueFrom(asked.value)]),
    ...made,
  ];
  const isKnown = (value: Exact): boolean => known.some((one) => isSameExact(one.abs(), value.abs()));
  const struck = new Set(strikes.filter(({ target }) => target === "square").map(spotKey));
  return [
    ...shapeClaims(shapes, bars, isKnown, settled),
    ...(tokens.length === 0 ? [] : [tokenClaim(tokens, struck, asked, isKnown, settled)]),
  ];
}

/** Every shape with a fraction beside it, and all others together. */
function shapeClaims(
  shapes: readonly Shape[],
  bars: readonly Bar[],
  isKnown: (value: Exact) => boolean,
  settled: boolean,
): readonly Claim[] {
  const claims: Claim[] = [];
  const free: Shape[] = [];
  for (const shape of shapes) {
    const value = shadedOf(shape);
    const label = bars.find((bar) => isBeside(shape, bar));
    if (label === undefined || value.equals(0)) {
      free.push(shape);
      continue;
    }
    const [over, under] = [numberOf(label.over), numberOf(label.under)];
    const is = over === undefined || under === undefined || under.equals(0) ? undefined : over.div(under);
    const at = { col: shape.col, row: shape.row };
    const wrong = settled && is !== undefined && !isSameExact(is, value);
    claims.push(
      wrong
        ? laid(at, { state: "wrong", fault: { kind: "picture", at, written: "" }, parts: [value] })
        : laid(at, { state: "right", parts: [value] }),
    );
  }
  const values = free.map(shadedOf);
  const all = sum(values);
  const whole = isKnown(all);
  for (const [nth, shape] of free.entries()) {
    const value = values[nth] ?? ZERO;
    const at = { col: shape.col, row: shape.row };
    const read = value.equals(0) || whole || isKnown(value);
    claims.push(laid(at, { state: read ? "right" : settled ? "unread" : "unfinished", parts: [value, all] }));
  }
  return claims;
}

/** The whole number that some signs are; none where they are something else. */
function numberOf(signs: readonly Sign[]): Exact | undefined {
  const text = signs.map(digitOf).join("");
  return /^\d+$/.test(text) ? exactly(text) : undefined;
}

/** How many squares off a shape its fraction may stand. */
const NEAR = 1.6;

/** Whether a fraction stands right beside, over or under a shape. */
function isBeside({ col, row, width, height }: Shape, bar: Bar): boolean {
  const [top, bottom] = [bar.row - 1, bar.row + 1];
  const inRows = bottom > row && top < row + height;
  const inCols = bar.from < col + width && bar.to > col;
  const [right, left] = [bar.from - (col + width), col - bar.to];
  const [under, over] = [top - (row + height), row - bottom];
  const near = (one: number, other: number): boolean =>
    Math.max(one, other) >= 0 && Math.max(one, other) < NEAR;
  return (inRows && near(right, left)) || (inCols && near(under, over));
}

/** All things on the paper together: what they come to, and what was struck of them. */
function tokenClaim(
  tokens: readonly Token[],
  struck: ReadonlySet<string>,
  asked: JudgingTarget,
  isKnown: (value: Exact) => boolean,
  settled: boolean,
): Claim {
  const isStruck = (token: Token): boolean => struck.has(spotKey(token));
  const worth = (some: readonly Token[]): Exact => sum(some.map((token) => worthOfToken(token, asked)));
  const rows = new Map<number, Token[]>();
  for (const token of tokens) rows.set(token.row, [...(rows.get(token.row) ?? []), token]);
  const gone = tokens.filter(isStruck);
  const [all, taken] = [worth(tokens), worth(gone)];
  const left = all.sub(taken);
  const parts = [left, all, taken, ...[...rows.values()].map(worth)].filter((one) => !one.equals(0));
  const first = { col: tokens[0]?.col ?? 0, row: tokens[0]?.row ?? 0 };
  const last = (some: readonly Token[]): Spot => ({ col: some.at(-1)?.col ?? 0, row: some.at(-1)?.row ?? 0 });
  const wrong = (kind: "pairs" | "count", some: readonly Token[]): Claim =>
    laid(first, { state: "wrong", parts, fault: { kind, at: last(some), written: "" } });
  if (!settled) return laid(first, { state: "unfinished", parts });
  const value = asked.value && valueFrom(asked.value);
  const [minuend, subtrahend] = asked.numbers.map(valueFrom);
  const takesAway =
    asked.taken[1] === true &&
    minuend !== undefined &&
    subtrahend !== undefined &&
    asked.numbers.length === 2;
  const signed = tokens.every(({ look }) => look === "plus" || look === "minus");
  // A coin or a piece that was struck beside another number of them was only laid wrongly.
  if (takesAway && !taken.equals(0) && (signed || isSameExact(all, minuend))) {
    if (!isSameExact(all, minuend)) return wrong("count", tokens);
    return isSameExact(taken, subtrahend) ? laid(first, { state: "right", parts }) : wrong("pairs", gone);
  }
  if (signed && value !== undefined) {
    if (!taken.equals(0)) return wrong("pairs", gone);
    const begun = takesAway && isSameExact(all, minuend);
    if (begun) return laid(first, { state: "unfinished", parts });
    return isSameExact(all, value) ? laid(first, { state: "right", parts }) : wrong("count", tokens);
  }
  return laid(first, { state: parts.some(isKnown) ? "right" : "unread", parts });
}
