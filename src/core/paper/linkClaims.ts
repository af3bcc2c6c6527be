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
  const standings: Standing[] = [];
  for (const [index, claim] of claims.entries()) {
    const sources = claim.uses.map((value) => {
      const own = numbers.flatMap((one, at) =>
        isSameExact(one, value) ||
        isSameExact(one, value.neg()) ||
        counts[at]?.some((count) => isSameExact(count, value))
          ? [at]
          : [],
      );
      const before = made.filter((one) => isSameExact(one.value, value)).at(-1);
      return { own, before };
    });
    const joined =
      claim.uses.length === 0 ||
      isShifted(claim, asked) ||
      claim.fault?.kind === "copied" ||
      sources.some(({ own, before }) => own.length > 0 || before !== undefined);
    if (!joined) {
      loose.push(claim);
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
    for (const value of claim.parts) made.push({ value, from, sound });
    for (const [at, { own, before }] of sources.entries()) {
      const value = claim.uses[at];
      if (own.length === 0 && before === undefined && value !== undefined)
        made.push({ value, from, sound: true });
    }
    if (claim.makes === undefined) continue;
    const { makes } = claim;
    numbers.forEach((one, at) => {
      if (isSameExact(one, makes.value) && claim.kind === "line") from.add(at);
    });
    made.push({ value: makes.value, from, sound });
    if (makes.open) continue;
    const isOld = numbers.some((one) => claim.makes !== undefined && isSameExact(one, claim.makes.value));
    const isAnswer = asked.value !== undefined && isSameExact(valueFrom(asked.value), claim.makes.value);
    if (isOld && (!isAnswer || (from.size < 2 && numbers.length > 1))) continue;
    if (best === undefined || from.size >= best.covers) best = { made: claim.makes, covers: from.size };
  }
  for (const claim of loose) aside ??= claim.fault;
  const worked = claims.some(({ read }) => read.length > 0);
  const lone = loneNumbers(worked ? claims : [], alone, numbers);
  const [last, more] = lone;
  // What stands alone under all the work is its answer where that came to nothing yet, or to no answer; else either may be meant.
  const isLast =
    last !== undefined &&
    more === undefined &&
    (best === undefined || (asked.value !== undefined && isSameExact(last.value, valueFrom(asked.value))));
  const answer = isLast ? last : best?.made;
  const read = new Set(claims.flatMap((claim) => (claim.state === "unread" ? [] : claim.read)));
  const unread = [
    ...claims.flatMap((claim) => (claim.state === "unread" ? claim.read.slice(0, 1) : [])),
    ...rows
      .flatMap(({ numerals }) => numerals)
      .filter(
        (numeral) =>
          numeral.row !== writingIn &&
          !read.has(numeral) &&
          !isCovered(numeral, read) &&
          !(isLast && last.row === numeral.row) &&
          !numbers.some((one) => isSameExact(one, worthOfNumeral(numeral))),
      ),
  ];
  const value = asked.value && valueFrom(asked.value);
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
        : [...new Set([...(best ? [best.made] : []), ...lone].map(({ text }) => text))],
    inForm: asked.wanted === undefined || withoutSpaces(answer?.text ?? "") === withoutSpaces(asked.wanted),
    unread: [
      ...unread.map(({ from, row }) => ({ col: from, row })),
      ...claims.flatMap(({ state, at }) => (state === "unread" && at !== undefined ? [at] : [])),
    ],
    state: answered ? "answered" : "begun",
  };
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
): readonly Made[] {
  const done = claims.filter(({ makes, fault }) => makes !== undefined || fault !== undefined);
  const bottom = Math.max(...done.map((claim) => claim.bottom));
  return alone.filter(({ value, row }) => row > bottom && !numbers.some((one) => isSameExact(one, value)));
}
