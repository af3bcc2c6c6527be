import Exact from "fraction.js";
import { type JudgingTarget, valueFrom } from "../reading/judgingTarget";
import { type WrittenNumeral, worthOfNumeral } from "../reading/pieces";
import type { Stack, StackRow } from "../reading/stacks";
import { type Claim, claimOf, type Fault } from "./claim";
import { digitFault } from "./digits";

/** A stop on the way up, with the hop that leads to it. */
interface Stop {
  readonly at: WrittenNumeral;
  readonly hop: WrittenNumeral | undefined;
}

/** Stops under one another from the smaller number up, each with its hop beside it. */
function stopsIn(rows: readonly StackRow[], rules: readonly number[]): readonly Stop[] {
  const stops: Stop[] = [];
  for (const { row, numerals, words } of rows) {
    const [at, hop, more] = numerals;
    const before = stops.at(-1)?.at.row;
    if (stops.length > 1 && before !== undefined && rules.some((rule) => rule > before && rule <= row)) break;
    if (at === undefined || more !== undefined) {
      if (stops.length > 1) break;
      stops.length = 0;
      continue;
    }
    const plus = words.some(({ text, from }) => text === "+" && from >= at.to - 0.01);
    const begins = stops.length === 0 && hop === undefined && words.length === 0;
    const alone = hop === undefined && !plus;
    if (begins || (stops.length > 0 && (alone || (plus && hop !== undefined)))) stops.push({ at, hop });
    else if (stops.length > 1) break;
    else stops.length = 0;
  }
  return stops;
}

/**
 * What counting up states: each stop is the one before with its hop, and the hops together are the whole way.
 * None where no hops stand beside numbers.
 */
export function leapClaim(
  rows: readonly StackRow[],
  stacks: readonly Stack[],
  asked: JudgingTarget,
): Claim | undefined {
  if (asked.op !== "subtract") return undefined;
  const stops = stopsIn(
    rows,
    stacks.map(({ rule }) => rule.row),
  );
  const hops = stops.flatMap(({ hop }) => hop ?? []);
  if (hops.length === 0) return undefined;
  const [first] = stops;
  const last = stops.at(-1);
  if (first === undefined || last === undefined) return undefined;
  const read = stops.flatMap(({ at, hop }) => [at, ...(hop ? [hop] : [])]);
  const stack = stacks.find(
    ({ rule, above }) =>
      rule.row > last.at.row && above.some(({ numerals }) => numerals.some((one) => hops.includes(one))),
  );
  const total = stack?.below[0]?.numerals.at(-1);
  const uses = [worthOfNumeral(first.at), ...(asked.numbers[0] ? [valueFrom(asked.numbers[0])] : [])];
  const claim = { uses, top: first.at.row, bottom: (total ?? last.at).row };
  let here = worthOfNumeral(first.at);
  for (const { at, hop } of stops.slice(1)) {
    if (hop === undefined) {
      here = worthOfNumeral(at);
      continue;
    }
    const there = here.add(worthOfNumeral(hop));
    if (!there.equals(worthOfNumeral(at))) {
      const ought = worthOfNumeral(at).sub(here);
      // The end of the way is known, so there it is the hop that is wrong.
      const isEnd = asked.numbers.some((one) => valueFrom(one).equals(worthOfNumeral(at)));
      const fault = isEnd ? digitFault(hop, ought) : digitFault(at, there);
      return claimOf("leaps", read, {
        ...claim,
        ...(fault === undefined ? { state: "wrong" as const } : { fault }),
      });
    }
    here = worthOfNumeral(at);
  }
  const sum = hops.reduce((all, hop) => all.add(worthOfNumeral(hop)), new Exact(0));
  if (total === undefined) return claimOf("leaps", read, { ...claim, state: "unfinished" });
  const makes = { value: worthOfNumeral(total), text: total.mended, row: total.row };
  const all = [...read, total];
  if (makes.value.equals(sum)) return claimOf("leaps", all, { ...claim, makes });
  const fault: Fault | undefined = digitFault(total, sum);
  const ends = String(sum.n).endsWith(total.mended) && total.point === undefined;
  return claimOf(
    "leaps",
    all,
    ends ? { ...claim, state: "unfinished" } : { ...claim, makes, ...(fault ? { fault } : {}) },
  );
}
