import { type Fraction, fraction, type Mixed, type Numeral } from "../../number";
import { Stuck } from "../contract/stuck";
import type { InHouse, OnPad, WorkRules } from "../contract/workContext";
import { padText } from "../squares/pad";
import { alike, type CommonBy, combined } from "./alikeParts";
import type { FractionDecisions } from "./fractionDecisions";
import { countedOut, decimalAsFraction, type FractionPad, items, mixedOf } from "./fractionSteps";

/** Wholes with wholes and parts with parts; where the part on top is too small, a whole is regrouped into it. */
export function workApart<Inner>(
  by: CommonBy,
  operands: readonly Numeral[],
  op: "add" | "subtract",
  { house, decisions, pad }: WorkRules<FractionDecisions> & OnPad<FractionPad<Inner>>,
): Numeral {
  const numerals = operands.map((operand): Numeral => {
    const one =
      operand.kind === "decimal" && operand.fraction !== ""
        ? decimalAsFraction(operand, { house, pad })
        : operand;
    const improper = one.kind === "fraction" && one.numerator >= one.denominator;
    return improper ? countedOut(one, { house, decisions, pad }, "work") : one;
  });
  const wholes = numerals.map((numeral) =>
    numeral.kind === "mixed" ? numeral.whole : numeral.kind === "decimal" ? BigInt(numeral.whole || "0") : 0n,
  );
  const given = numerals.map((numeral) =>
    numeral.kind === "decimal" ? undefined : fraction(numeral.numerator, numeral.denominator),
  );
  const present = given.filter((one) => one !== undefined);
  pad.mark("work", { kind: "partsApart", wholes, parts: present });
  const parts = [...alike(by, present, { house, decisions, pad })];
  const zero = fraction(0n, parts[0]?.denominator ?? 1n);
  const inPlace = given.map((one) => (one === undefined ? zero : (parts.shift() ?? zero)));
  const standing =
    op === "subtract" ? regrouped(wholes, inPlace, { house, decisions, pad }) : { wholes, parts: inPlace };
  const result = standing.wholes
    .slice(1)
    .reduce((all, whole) => (op === "add" ? all + whole : all - whole), standing.wholes[0] ?? 0n);
  pad.line("work", { kind: "wholesTogether", op, wholes: standing.wholes, result }, () => [
    padText(`${standing.wholes.join(op === "add" ? "+" : "−")}=${result}`),
  ]);
  const shown = standing.parts.filter(
    ({ numerator }, index) => numerator > 0n || (op === "subtract" && index === 0),
  );
  const sum = shown.length > 1 ? combined(shown, op, { house, decisions, pad }) : (shown[0] ?? zero);
  return joinedUp(result, sum, { house, decisions, pad });
}

/** A whole of the minuend regrouped into its part, where that is smaller than the other. */
function regrouped<Inner>(
  wholes: readonly bigint[],
  parts: readonly Fraction[],
  { house, decisions, pad }: WorkRules<FractionDecisions> & OnPad<FractionPad<Inner>>,
): { readonly wholes: readonly bigint[]; readonly parts: readonly Fraction[] } {
  const [top, bottom] = parts;
  const [whole = 0n, ...rest] = wholes;
  if (top === undefined || bottom === undefined || !decisions.needsWhole(top.numerator, bottom.numerator))
    return { wholes, parts };
  const mixed = (count: bigint, numerator: bigint): Mixed => ({
    kind: "mixed",
    negative: false,
    whole: count,
    numerator,
    denominator: top.denominator,
  });
  const before = mixed(whole, top.numerator);
  const after = mixed(decisions.lendsWhole(whole), decisions.regroups(top.numerator, top.denominator));
  pad.line("work", { kind: "regroupWhole", before, after, needed: bottom }, () => [
    ...items(top.numerator === 0n ? mixedOf(whole, top) : before, house),
    padText("="),
    ...items(after, house),
  ]);
  return { wholes: [after.whole, ...rest], parts: [fraction(after.numerator, after.denominator), bottom] };
}

/** Whole and part put together; a part of one whole or more gives its wholes over first. */
function joinedUp<Inner>(
  whole: bigint,
  part: Fraction,
  { house, decisions, pad }: WorkRules<FractionDecisions> & OnPad<FractionPad<Inner>>,
): Numeral {
  if (part.negative || whole < 0n) throw new Stuck("joinedUp: less than nothing is left");
  const { whole: more, rest } = decisions.countsOut(part.numerator, part.denominator);
  if (more === 0n) return joinOnLine(whole, part, { house, pad });
  countedOut(part, { house, decisions, pad }, "work");
  return joinOnLine(whole + decisions.givesWholes(more), fraction(rest, part.denominator), { house, pad });
}

function joinOnLine<Inner>(
  whole: bigint,
  part: Fraction,
  { house, pad }: InHouse & OnPad<FractionPad<Inner>>,
): Numeral {
  const result = mixedOf(whole, part);
  pad.line("work", { kind: "joinWholeAndPart", whole, part, result }, () => [
    padText("="),
    ...items(result, house),
  ]);
  return result;
}
