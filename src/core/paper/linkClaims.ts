import Exact from "fraction.js";
import { type Claim, type Fault, isSameExact, type Made } from "./claims/claim";
import type { Judged, Standing } from "./judged";
import { type JudgingTarget, valueFrom } from "./reading/judgingTarget";
import { exactly, type WrittenNumeral, worthOfNumeral } from "./reading/pieces";
import type { StackRow } from "./reading/stacks";

/** Joins the claims by the numbers they use and make, and finds what is first, what follows, and what the work comes to. */
export function linkClaims(
  claims: readonly Claim[],
  rows: readonly StackRow[],
  alone: readonly Made[],
  asked: JudgingTarget,
  writingIn: number | undefined,
): Judged {
  const numbers = asked.numbers.map(valueFrom);
  const { standings, fault, follows, aside, best } = followed(claims, asked, numbers);
  const worked = claims.some(({ read }) => read.length > 0);
  const lone = loneNumbers(worked ? claims : [], alone, numbers, rows);
  const value = asked.value && valueFrom(asked.value);
  const [last, more] = lone;
  // What stands alone under all the work is its answer where that came to nothing yet, or to no answer; else either may be meant.
  const isLast =
    last !== undefined &&
    more === undefined &&
    (best === undefined || (value !== undefined && isSameExact(last.value, value)));
  const answer = isLast ? last : best;
  // A line whose other side is empty, or wholly struck, still waits for its number.
  const waits = claims.some(({ kind, state }) => kind === "line" && state === "unfinished");
  const answered =
    fault === undefined &&
    !waits &&
    answer !== undefined &&
    value !== undefined &&
    answers(answer, value, asked);
  return {
    claims,
    standings,
    fault,
    follows,
    aside,
    answer,
    choices:
      isLast || lone.length === 0
        ? []
        : [...new Set([...(best ? [best] : []), ...lone].map(({ text }) => text))],
    inForm: asked.wanted === undefined || withoutSpaces(answer?.text ?? "") === withoutSpaces(asked.wanted),
    unread: unreadIn(claims, rows, numbers, { writingIn, answerIn: isLast ? last.row : undefined }),
    state: answered ? "answered" : "begun",
  };
}

/** A value that was made on the way: which of the problem's numbers it goes back to, and whether all of that way is right. */
interface MadeOnTheWay {
  readonly value: Exact;
  readonly from: ReadonlySet<number>;
  readonly sound: boolean;
}

/** Where a number that a claim uses comes from: the problem's own numbers of that value, and what was made before. */
interface Source {
  readonly own: readonly number[];
  readonly before: MadeOnTheWay | undefined;
}

/** How the claims stand to one another: the first fault among those that belong to the problem, the first aside, and the number that covers most of it. */
interface Followed {
  readonly standings: readonly Standing[];
  readonly fault: Fault | undefined;
  readonly follows: boolean;
  readonly aside: Fault | undefined;
  readonly best: Made | undefined;
}

/**
 * Goes through the claims in order. Of 4.7 + 3.8 × 2 written as "3.8 × 2 = 7.6" and "4.7 + 7.6 = 12.3", the first makes
 * 7.6 from numbers 1 and 2 of the problem; the second uses 7.6 and so goes back to all three. "5 × 5 = 25" beside them
 * uses nothing that was given or made: it stands aside.
 */
function followed(claims: readonly Claim[], asked: JudgingTarget, numbers: readonly Exact[]): Followed {
  // Of a measure each count is a number of the problem too.
  const counts = asked.numbers.map(({ text }) =>
    asked.kind === "measures" ? text.split(" ").map(exactly) : [],
  );
  const made: MadeOnTheWay[] = [];
  const parts: MadeOnTheWay[] = [];
  const sourceOf = (value: Exact): Source => ({
    own: numbers.flatMap((one, at) =>
      isSameExact(one, value) ||
      isSameExact(one, value.neg()) ||
      counts[at]?.some((count) => isSameExact(count, value))
        ? [at]
        : [],
    ),
    before: made.filter((one) => isSameExact(one.value, value)).at(-1) ?? together(value, parts),
  });
  let fault: Fault | undefined;
  let aside: Fault | undefined;
  let [follows, nth] = [false, -1];
  let best: { readonly made: Made; readonly covers: number; readonly asGiven: boolean } | undefined;
  const standings: Standing[] = [];
  for (const [index, claim] of claims.entries()) {
    const sources = claim.uses.map(sourceOf);
    const belongs =
      claim.uses.length === 0 ||
      isShifted(claim, asked) ||
      claim.fault?.kind === "copied" ||
      sources.some(({ own, before }) => own.length > 0 || before !== undefined);
    if (!belongs) {
      aside ??= claim.fault;
      standings.push(claim.fault === undefined ? claim.state : "aside");
      continue;
    }
    const from = new Set(sources.flatMap(({ own, before }) => [...own, ...(before?.from ?? [])]));
    const sound = claim.fault === undefined && sources.every(({ before }) => before?.sound ?? true);
    standings.push(
      claim.fault !== undefined ? "wrong" : claim.state === "right" && !sound ? "followsOn" : claim.state,
    );
    if (claim.fault !== undefined && fault === undefined) {
      fault = claim.fault;
      follows = claim.follows;
      nth = index;
    } else if (claim.fault === undefined && fault !== undefined && index > nth && claim.state === "right")
      follows ||= !sound;
    for (const value of claim.parts) {
      made.push({ value, from, sound });
      parts.push({ value, from, sound });
    }
    for (const [at, { own, before }] of sources.entries()) {
      const value = claim.uses[at];
      if (own.length === 0 && before === undefined && value !== undefined)
        made.push({ value, from, sound: true });
    }
    const { makes } = claim;
    if (makes === undefined) continue;
    numbers.forEach((one, at) => {
      if (isSameExact(one, makes.value) && claim.kind === "line") from.add(at);
    });
    made.push({ value: makes.value, from, sound });
    const isOpen = makes.open || claim.state === "unfinished";
    if (isOpen || !mayAnswer(makes, from.size, asked, numbers)) continue;
    // A help with the same numbers, their signs left out, is no answer where the work with the signs has come to one.
    const asGiven = !claim.uses.some((use) => isOnlySize(use, numbers));
    const covers = best?.covers ?? 0;
    if (from.size > covers || (from.size === covers && (asGiven || best?.asGiven !== true)))
      best = { made: makes, covers: from.size, asGiven };
  }
  return { standings, fault, follows, aside, best: best?.made };
}

/** The most parts that are looked through for those that come to a number together. */
const MOST_PARTS = 9;

/** Parts that come to a value together, added without a word; none where none do. */
function together(value: Exact, parts: readonly MadeOnTheWay[]): MadeOnTheWay | undefined {
  if (parts.length > MOST_PARTS) return undefined;
  let sums: readonly { readonly sum: Exact; readonly of: readonly MadeOnTheWay[] }[] = [
    { sum: new Exact(0), of: [] },
  ];
  for (const part of parts) {
    sums = [...sums, ...sums.map(({ sum, of }) => ({ sum: sum.add(part.value), of: [...of, part] }))];
    const found = sums.find(({ sum, of }) => of.length > 1 && isSameExact(sum, value));
    if (found !== undefined)
      return {
        value,
        from: new Set(found.of.flatMap(({ from }) => [...from])),
        sound: found.of.every(({ sound }) => sound),
      };
  }
  return undefined;
}

/** Whether a value is one of the problem's numbers but for its sign. */
const isOnlySize = (value: Exact, numbers: readonly Exact[]): boolean =>
  !numbers.some((one) => isSameExact(one, value)) && numbers.some((one) => isSameExact(one, value.neg()));

/** Whether what was made can be the answer: one of the problem's own numbers only where it is that, and was worked for. */
function mayAnswer(
  { value }: Made,
  covers: number,
  asked: JudgingTarget,
  numbers: readonly Exact[],
): boolean {
  const isOld = numbers.some((one) => isSameExact(one, value));
  const isAnswer = asked.value !== undefined && isSameExact(valueFrom(asked.value), value);
  return !isOld || (isAnswer && (covers >= 2 || numbers.length <= 1));
}

/** The squares of what no claim has read: but for the row that is being written in, the answer's, and the problem's own numbers. */
function unreadIn(
  claims: readonly Claim[],
  rows: readonly StackRow[],
  numbers: readonly Exact[],
  { writingIn, answerIn }: { readonly writingIn: number | undefined; readonly answerIn: number | undefined },
): Judged["unread"] {
  const read = new Set(claims.flatMap((claim) => (claim.state === "unread" ? [] : claim.read)));
  const unclaimed = rows
    .flatMap(({ numerals }) => numerals)
    .filter(
      (numeral) =>
        numeral.row !== writingIn &&
        numeral.row !== answerIn &&
        !read.has(numeral) &&
        !isCovered(numeral, read) &&
        !numbers.some((one) => isSameExact(one, worthOfNumeral(numeral))),
    );
  const begun = claims.flatMap((claim) => (claim.state === "unread" ? claim.read.slice(0, 1) : []));
  return [
    ...[...begun, ...unclaimed].map(({ from, row }) => ({ col: from, row })),
    ...claims.flatMap(({ state, at }) => (state === "unread" && at !== undefined ? [at] : [])),
  ];
}

const withoutSpaces = (text: string): string => text.replace(/\s/g, "");

/** Whether a number answers a problem: exactly, rounded to the place that is asked, or with what is left over. */
function answers(
  { value: is, rest }: Made,
  value: Exact,
  { place, withRest, numbers }: JudgingTarget,
): boolean {
  if (isSameExact(is, value)) return true;
  const divisor = numbers[1];
  if (withRest && rest !== undefined && divisor !== undefined)
    return isSameExact(is.add(rest.div(valueFrom(divisor))), value);
  if (place === undefined) return false;
  const unit = place >= 0 ? new Exact(10n ** BigInt(place)) : new Exact(1n, 10n ** BigInt(-place));
  return is.sub(value).abs().mul(2).compare(unit) <= 0;
}

/** Whether a line answers the problem by its own operation with other numbers, as where both are shifted alike. */
const isShifted = ({ line, makes, fault }: Claim, { op, value }: JudgingTarget): boolean =>
  fault === undefined &&
  line?.op === op &&
  makes !== undefined &&
  value !== undefined &&
  isSameExact(makes.value, valueFrom(value));

/** Whether a numeral is the same one that was read in a line of its own. */
const isCovered = (numeral: WrittenNumeral, read: ReadonlySet<WrittenNumeral>): boolean =>
  [...read].some((one) => one.row === numeral.row && one.from <= numeral.from && one.to >= numeral.to);

/** The numbers that stand alone under all that was worked, and are none of the problem's. */
function loneNumbers(
  claims: readonly Claim[],
  alone: readonly Made[],
  numbers: readonly Exact[],
  rows: readonly StackRow[],
): readonly Made[] {
  // A row of a working has the next one right under it.
  const isLast = ({ row }: Made): boolean =>
    !rows.some((other) => other.row === row + 1 && other.numerals.length > 0);
  const done = claims.filter(({ makes, fault }) => makes !== undefined || fault !== undefined);
  const bottom = Math.max(...done.map((claim) => claim.bottom));
  return alone.filter(
    (one) => one.row > bottom && isLast(one) && !numbers.some((number) => isSameExact(number, one.value)),
  );
}
