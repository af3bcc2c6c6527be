import type Exact from "fraction.js";
import { type Claim, isSameExact } from "./claims/claim";
import type { Known } from "./claims/columnNumbers";
import { columnClaim } from "./claims/columns/columnClaims";
import { divisionClaim } from "./claims/division/divisionClaims";
import { areaClaim, latticeClaim } from "./claims/gridClaims";
import { jumpClaim } from "./claims/jumpClaims";
import { leapClaim } from "./claims/leapClaims";
import { productClaim, sumUnder } from "./claims/productClaims";
import { unitClaim } from "./claims/unitClaims";
import type { Looking } from "./judged";
import type { fractionBars } from "./reading/bars";
import type { Sorted } from "./reading/glyphs";
import { type JudgingTarget, valueFrom } from "./reading/judgingTarget";
import { worthOfNumeral } from "./reading/pieces";
import { type Stack, type StackRow, stacksOf } from "./reading/stacks";

/** The blocks that are no lines: a division, a grid, columns of units, jumps, hops, and every column over a rule. */
export function blockClaims(
  marks: Sorted,
  rows: readonly StackRow[],
  plainRows: readonly StackRow[],
  bars: ReturnType<typeof fractionBars>,
  asked: JudgingTarget,
  { settled, units, writingIn }: Looking & { readonly writingIn: number | undefined },
  lines: readonly Claim[],
): readonly Claim[] {
  const stacks = stacksOf(marks, plainRows, bars);
  const found: Claim[] = [];
  const add = (claim: Claim | undefined): void => {
    if (claim !== undefined) found.push(claim);
  };
  add(latticeClaim(rows, marks, asked));
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
  const isKnown: Known = { has: (value) => known.some((one) => isSameExact(one, value)) };
  const done = new Set<Stack>();
  const free = [...stacks, ...bareStack(rows, stacks, asked, lines, found, settled)].filter(
    (stack) => !taken(stack) && stack.rule.strokes === 1,
  );
  for (const stack of free) {
    if (done.has(stack)) continue;
    const claim =
      productClaim(stack, free, asked, isKnown, writingIn, marks.last) ??
      columnClaim(stack, asked, isKnown, marks);
    if (claim === undefined) continue;
    add(claim);
    known.push(...claim.parts, ...(claim.makes === undefined ? [] : [claim.makes.value]));
    // The rule that adds up a product's rows belongs to it.
    const sum = claim.kind === "product" ? sumUnder(stack, free) : undefined;
    if (sum !== undefined && sum.rule.row <= claim.bottom + 1) done.add(sum);
  }
  return found;
}

/** The first rows of numbers as a column with no rule drawn under them, and what stands below. */
function unruled(rows: readonly StackRow[], { numbers }: JudgingTarget): Stack {
  const written = rows.filter(({ numerals }) => numerals.length > 0);
  const [above, below] = [written.slice(0, numbers.length), written.slice(numbers.length)];
  const numerals = above.flatMap((row) => row.numerals);
  const rule = {
    kind: "rule",
    row: below[0]?.row ?? (above.at(-1)?.row ?? 0) + 1,
    from: Math.min(...numerals.map(({ from }) => from)),
    to: Math.max(...numerals.map(({ to }) => to)),
    strokes: 1,
  } as const;
  return { rule, above, below, closed: false };
}

/** The numbers of the problem under one another with no rule drawn, and what stands below them. */
function bareStack(
  rows: readonly StackRow[],
  stacks: readonly Stack[],
  asked: JudgingTarget,
  lines: readonly Claim[],
  found: readonly Claim[],
  settled: boolean,
): readonly Stack[] {
  if (stacks.length > 0 || lines.length > 0 || found.length > 0) return [];
  // A line that was copied first is no number of the column.
  const stack = unruled(
    rows.filter(({ numerals }) => numerals.length <= 1),
    asked,
  );
  const { above, below } = stack;
  const count = asked.numbers.length;
  const strange = above
    .flatMap(({ numerals }) => numerals)
    .filter((numeral) => !asked.numbers.some((one) => isSameExact(valueFrom(one), worthOfNumeral(numeral))));
  // One of them may be copied wrongly, but that is only said once the hand is lifted.
  const isAsked = strange.length <= (settled && below.length > 0 ? 1 : 0);
  return above.length < count || count < 2 || !isAsked ? [] : [stack];
}
