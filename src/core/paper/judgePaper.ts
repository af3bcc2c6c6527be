import Exact from "fraction.js";
import { type Asked, valueFrom } from "./asked";
import { type Claim, type Fault, isSame, type Made } from "./claims/claim";
import { columnClaim, type Known } from "./claims/columnClaims";
import { divisionClaim } from "./claims/divisionClaims";
import { areaClaim, latticeClaim } from "./claims/gridClaims";
import { jumpClaim } from "./claims/jumpClaims";
import { leapClaim } from "./claims/leapClaims";
import { isStatement, readLines } from "./claims/lineClaims";
import { productClaim, sumUnder } from "./claims/productClaims";
import { unitClaim } from "./claims/unitClaims";
import { withCopying } from "./copied";
import type { Paper } from "./paper";
import { fractionBars } from "./reading/bars";
import { keyOf, rowsOf, type Sorted, type Spot, sorted } from "./reading/glyphs";
import { linesOf } from "./reading/lines";
import { exactly, type Numeral, worthOf } from "./reading/pieces";
import { type Stack, type StackRow, stackRows, stacksOf } from "./reading/stacks";

/** What a learner's paper says, judged by what it claims. */
export interface Judged {
  /** Everything that is claimed, from the top. */
  readonly claims: readonly Claim[];
  /** The first wrong mark of the work; none where nothing is wrong. */
  readonly fault: Fault | undefined;
  /** Whether what comes after it is right, given that. */
  readonly follows: boolean;
  /** A wrong mark in what belongs to nothing: a note, a check of something else. */
  readonly aside: Fault | undefined;
  /** What the work comes to; none where it has come to nothing yet. */
  readonly answer: Made | undefined;
  /** Whether every number on the paper was looked at. */
  readonly allRead: boolean;
  /** Where something stands that could not be made out. */
  readonly unread: readonly Spot[];
  /** Nothing written, something written, or the question answered by what stands. */
  readonly state: "blank" | "begun" | "answered";
}

const NOTHING: Judged = {
  claims: [],
  fault: undefined,
  follows: false,
  aside: undefined,
  answer: undefined,
  allRead: true,
  unread: [],
  state: "blank",
};

/** How a paper is looked at: while it is written, or once the hand is lifted. */
export interface Looking {
  readonly settled: boolean;
  /** The signs of the units of the problem, the largest first. */
  readonly units: readonly string[];
}

/**
 * Reads a paper and judges it by what it claims: every block is read by its shape alone and checked by exact
 * arithmetic as it stands, whatever the method; the claims are then joined by the numbers they use and make.
 */
export function judgePaper(paper: Paper, asked: Asked, { settled, units }: Looking): Judged {
  const marks = sorted(paper.marks);
  if (marks.glyphs.length === 0 && marks.jumps.length === 0) return NOTHING;
  const signs = rowsOf(marks);
  const bars = fractionBars(marks, new Map(signs.map((one) => [one.row, one.signs])), asked.fractions);
  const lines = linesOf(marks, signs, bars);
  const statements = lines.filter(isStatement);
  const last = !settled && marks.last !== undefined && "row" in marks.last ? marks.last.row : undefined;
  const writingIn =
    last === undefined ? undefined : statements.find(({ row }) => row === last || row === last + 1)?.row;
  const readings = readLines(lines, asked, writingIn);
  const inStatements = readings.flatMap(({ claims }) => claims);
  const goingOn = new Set(
    readings.flatMap(({ goesOn, claims: [first] }) => (goesOn && first !== undefined ? [first] : [])),
  );
  const barred = new Set(bars.flatMap(({ over, under }) => [...over, ...under].map(keyOf)));
  const rows = stackRows(
    marks,
    signs.map(({ row, signs: all }) => ({ row, signs: all.filter((sign) => !barred.has(keyOf(sign))) })),
  );
  const stated = new Set(inStatements.map(({ top }) => top));
  const blocks = blockClaims(
    marks,
    rows,
    rows.filter(({ row }) => !stated.has(row)),
    bars,
    asked,
    { settled, units, writingIn: last },
    inStatements,
  );
  const claims = withCopying(
    [
      ...inStatements.map((claim) => (goingOn.has(claim) ? goneOn(claim, blocks, asked) : claim)),
      ...blocks,
    ].sort((a, b) => a.top - b.top || a.left - b.left),
    asked,
    last,
  );
  return threaded(claims, rows, asked);
}

/** A line that begins with a sign of equality may go on from the block above it, as well as from the line. */
function goneOn(claim: Claim, blocks: readonly Claim[], asked: Asked): Claim {
  const { makes } = claim;
  const above = blocks.find(
    (block) =>
      block.makes !== undefined &&
      block.bottom < claim.top &&
      makes !== undefined &&
      isSame(block.makes.value, makes.value),
  );
  const isAnswer =
    makes !== undefined && asked.value !== undefined && isSame(makes.value, valueFrom(asked.value));
  return (above === undefined && !isAnswer) || claim.state === "right"
    ? claim
    : {
        ...claim,
        state: "right",
        fault: undefined,
        uses: [...claim.uses, ...(makes === undefined ? [] : [makes.value])],
      };
}

/** The blocks that are no lines: a division, a grid, columns of units, jumps, hops, and every column over a rule. */
function blockClaims(
  marks: Sorted,
  rows: readonly StackRow[],
  plainRows: readonly StackRow[],
  bars: ReturnType<typeof fractionBars>,
  asked: Asked,
  { settled, units, writingIn }: Looking & { readonly writingIn: number | undefined },
  lines: readonly Claim[],
): readonly Claim[] {
  const stacks = stacksOf(marks, plainRows, bars);
  const found: Claim[] = [];
  const add = (claim: Claim | undefined): void => {
    if (claim !== undefined) found.push(claim);
  };
  add(latticeClaim(rows, marks));
  add(areaClaim(rows, marks, asked));
  add(jumpClaim(rows, marks, asked, settled));
  add(leapClaim(rows, stacks, asked));
  if (marks.diagonals.length === 0) add(divisionClaim(rows, marks, asked, writingIn));
  const taken = (stack: Stack): boolean =>
    found.some((claim) => {
      if (claim.kind === "jumps") return stack.rule.row === claim.bottom - 1;
      const first = stack.above[0]?.row ?? stack.rule.row;
      const covers = claim.read.filter((numeral) =>
        stack.above.some(({ numerals }) => numerals.includes(numeral)),
      );
      return covers.length > 0 && first >= claim.top - 1 && stack.rule.row <= claim.bottom + 1;
    });
  if (asked.kind === "measures" || asked.kind === "chain")
    add(
      unitClaim(stacks[0] ?? unruled(plainRows, asked), plainRows, asked, settled ? undefined : marks, units),
    );
  const known: Exact[] = [
    ...asked.numbers.map(valueFrom),
    ...found.flatMap(({ parts, makes }) => [...parts, ...(makes ? [makes.value] : [])]),
    ...lines.flatMap(({ makes, uses }) => [...uses, ...(makes ? [makes.value] : [])]),
  ];
  const isKnown: Known = { has: (value) => known.some((one) => isSame(one, value)) };
  const done = new Set<Stack>();
  const free = [...stacks, ...bareStack(rows, stacks, asked, lines, found, settled)].filter(
    (stack) => !taken(stack) && stack.rule.strokes === 1,
  );
  for (const stack of free) {
    if (done.has(stack)) continue;
    const claim =
      productClaim(stack, free, asked, isKnown, writingIn) ?? columnClaim(stack, asked, isKnown, marks);
    if (claim === undefined) continue;
    add(claim);
    known.push(...claim.parts, ...(claim.makes === undefined ? [] : [claim.makes.value]));
    // The rule that adds up a product's rows belongs to it.
    const sum = claim.kind === "product" ? sumUnder(stack, free) : undefined;
    if (sum !== undefined && sum.rule.row <= claim.bottom) done.add(sum);
  }
  return found;
}

/** Rows of counts with no rule drawn: those of the problem's measures, and what stands below them. */
function unruled(rows: readonly StackRow[], { numbers }: Asked): Stack | undefined {
  const counts = rows.filter(({ numerals }) => numerals.length > 0);
  const [above, below] = [counts.slice(0, numbers.length), counts.slice(numbers.length)];
  const [first] = below;
  if (first === undefined) return undefined;
  const numerals = above.flatMap((row) => row.numerals);
  const from = Math.min(...numerals.map((one) => one.from));
  const to = Math.max(...numerals.map((one) => one.to));
  return { rule: { kind: "rule", row: first.row, from, to, strokes: 1 }, above, below, closed: false };
}

/** The numbers of the problem under one another with no rule drawn, and what stands below them. */
function bareStack(
  rows: readonly StackRow[],
  stacks: readonly Stack[],
  asked: Asked,
  lines: readonly Claim[],
  found: readonly Claim[],
  settled: boolean,
): readonly Stack[] {
  if (stacks.length > 0 || lines.length > 0 || found.length > 0) return [];
  const numbers = rows.filter(({ numerals }) => numerals.length > 0);
  const count = asked.numbers.length;
  const [above, below] = [numbers.slice(0, count), numbers.slice(count)];
  const strange = above
    .flatMap(({ numerals }) => numerals)
    .filter((numeral) => !asked.numbers.some((one) => isSame(valueFrom(one), worthOf(numeral))));
  // One of them may be copied wrongly, but that is only said once the hand is lifted.
  const isAsked = strange.length <= (settled && below.length > 0 ? 1 : 0);
  const next = below[0] ?? { row: (above.at(-1)?.row ?? 0) + 1 };
  if (above.length < count || count < 2 || !isAsked) return [];
  const [from, to] = [
    Math.min(...above.flatMap(({ numerals }) => numerals.map((one) => one.from))),
    Math.max(...above.flatMap(({ numerals }) => numerals.map((one) => one.to))),
  ];
  return [{ rule: { kind: "rule", row: next.row, from, to, strokes: 1 }, above, below, closed: false }];
}

/** Joins the claims by the numbers they use and make, and finds what is first, what follows, and what the work comes to. */
function threaded(claims: readonly Claim[], rows: readonly StackRow[], asked: Asked): Judged {
  const numbers = asked.numbers.map(valueFrom);
  // Of a measure each count is a number of the problem too.
  const counts = asked.numbers.map(({ text }) =>
    asked.kind === "measures" ? text.split(" ").map(exactly) : [],
  );
  /** Which of the problem's numbers each value that was made goes back to. */
  const made: { readonly value: Exact; readonly from: ReadonlySet<number>; readonly sound: boolean }[] = [];
  let fault: Fault | undefined;
  let aside: Fault | undefined;
  let [follows, nth] = [false, -1];
  let best: { readonly made: Made; readonly covers: number } | undefined;
  const loose: Claim[] = [];
  for (const [index, claim] of claims.entries()) {
    const sources = claim.uses.map((value) => {
      const own = numbers.flatMap((one, at) =>
        isSame(one, value) || isSame(one, value.neg()) || counts[at]?.some((count) => isSame(count, value))
          ? [at]
          : [],
      );
      const before = made.filter((one) => isSame(one.value, value)).at(-1);
      return { own, before };
    });
    const joined =
      claim.uses.length === 0 ||
      claim.fault?.kind === "copied" ||
      sources.some(({ own, before }) => own.length > 0 || before !== undefined);
    if (!joined) {
      loose.push(claim);
      continue;
    }
    const from = new Set(sources.flatMap(({ own, before }) => [...own, ...(before?.from ?? [])]));
    const sound = claim.fault === undefined && sources.every(({ before }) => before?.sound ?? true);
    if (claim.fault !== undefined && fault === undefined) {
      fault = claim.fault;
      follows = claim.follows;
      nth = index;
    } else if (claim.fault === undefined && fault !== undefined && index > nth && claim.state === "right")
      follows ||= !sound;
    for (const value of claim.parts) made.push({ value, from, sound });
    for (const [at, { own, before }] of sources.entries()) {
      const value = claim.uses[at];
      if (own.length === 0 && before === undefined && value !== undefined)
        made.push({ value, from, sound: true });
    }
    if (claim.makes === undefined) continue;
    const { makes } = claim;
    numbers.forEach((one, at) => {
      if (isSame(one, makes.value) && claim.kind === "line") from.add(at);
    });
    made.push({ value: makes.value, from, sound });
    if (makes.open) continue;
    const isOld = numbers.some((one) => claim.makes !== undefined && isSame(one, claim.makes.value));
    const isAnswer = asked.value !== undefined && isSame(valueFrom(asked.value), claim.makes.value);
    if (isOld && (!isAnswer || (from.size < 2 && numbers.length > 1))) continue;
    if (best === undefined || from.size >= best.covers) best = { made: claim.makes, covers: from.size };
  }
  for (const claim of loose) aside ??= claim.fault;
  const answer = best?.made ?? loneNumber(claims, rows, asked);
  const read = new Set(claims.filter(({ state }) => state !== "unread").flatMap((claim) => claim.read));
  const unread = rows
    .flatMap(({ numerals }) => numerals)
    .filter(
      (numeral) =>
        !read.has(numeral) &&
        !isCovered(numeral, read) &&
        !numbers.some((one) => isSame(one, worthOf(numeral))),
    );
  const value = asked.value && valueFrom(asked.value);
  const answered =
    fault === undefined && answer !== undefined && value !== undefined && answers(answer, value, asked);
  return {
    claims,
    fault,
    follows,
    aside,
    answer,
    allRead: unread.length === 0 && !claims.some(({ state }) => state === "unread"),
    unread: unread.map(({ from, row }) => ({ col: from, row })),
    state: answered ? "answered" : "begun",
  };
}

/** Whether a number answers a problem: exactly, rounded to the place that is asked, or with what is left over. */
function answers({ value: is, rest }: Made, value: Exact, { place, withRest, numbers }: Asked): boolean {
  if (isSame(is, value)) return true;
  const divisor = numbers[1];
  if (withRest && rest !== undefined && divisor !== undefined)
    return isSame(is.add(rest.div(valueFrom(divisor))), value);
  if (place === undefined) return false;
  const unit = place >= 0 ? new Exact(10n ** BigInt(place)) : new Exact(1n, 10n ** BigInt(-place));
  return is.sub(value).abs().mul(2).compare(unit) <= 0;
}

/** Whether a numeral is the same one that was read in a line of its own. */
const isCovered = (numeral: Numeral, read: ReadonlySet<Numeral>): boolean =>
  [...read].some((one) => one.row === numeral.row && one.from <= numeral.from && one.to >= numeral.to);

/** A number that stands alone where nothing was worked: an answer from the head. */
function loneNumber(claims: readonly Claim[], rows: readonly StackRow[], asked: Asked): Made | undefined {
  if (claims.some(({ read }) => read.length > 0)) return undefined;
  const all = rows.flatMap(({ numerals }) => numerals);
  const last = all.at(-1);
  const isOld = (numeral: Numeral): boolean =>
    asked.numbers.some((one) => isSame(valueFrom(one), worthOf(numeral)));
  if (last === undefined || all.filter((one) => !isOld(one)).length !== 1 || isOld(last)) return undefined;
  return { value: worthOf(last), text: last.mended, row: last.row };
}
