import {
  asFraction,
  type Decimal,
  fromCount,
  isZero,
  type Numeral,
  unsigned,
  wholeNumeral,
  withoutTrailingZeros,
} from "../../number";
import {
  comparedOf,
  fractionOf,
  isAmount,
  isMeasure,
  isNumeral,
  type Problem,
  type QuantitiesProblem,
  type Relation,
  writeAnswer,
} from "../../problem";
import {
  amountOf,
  type CurrencyId,
  inMajor,
  type Measure,
  type Quantity,
  rateBetween,
  type UnitId,
  unitOf,
  writeQuantity,
} from "../../quantity";
import { type Method, taken } from "../contract/method";
import type { InHouse, OnPad, Solving, WorkContext } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import type { AnswerReason } from "../squares/answer";
import { newPad, type Pad, padText } from "../squares/pad";

export type QuantityReason =
  | { readonly kind: "writeQuantities"; readonly problem: QuantitiesProblem }
  /** An amount in its major unit, or a measure in the smallest unit of all of them. */
  | {
      readonly kind: "asNumber";
      readonly quantity: Quantity;
      readonly alike: Quantity;
      /** What it is counted in. */
      readonly names:
        | { readonly kind: "money"; readonly currency: CurrencyId }
        | { readonly kind: "unit"; readonly unit: UnitId };
    }
  /** Numbers as they are compared, in a problem of their own. */
  | { readonly kind: "compareNumbers"; readonly problem: Problem; readonly of: Compared }
  /** Numbers below zero come before the others. */
  | { readonly kind: "signsFirst"; readonly below: readonly Numeral[]; readonly others: readonly Numeral[] }
  /** Of numbers below zero the one with the larger size is the smaller. */
  | { readonly kind: "sizesTurned"; readonly ordered: readonly Numeral[] };

/** What is compared: numbers of one unit, the sizes of numbers below zero, or numbers that are not below it. */
type Compared = "alike" | "sizes" | "notBelow";

type Why = QuantityReason | AnswerReason;

/** The decision of comparing numbers with signs: whether those below zero are turned round. */
export interface QuantityDecisions {
  turnsBelowZero(): boolean;
}

const SOUND_QUANTITIES: QuantityDecisions = { turnsBelowZero: () => true };

/** Quantities made alike, so that their numbers can be compared: money in its major unit, measures in the smallest one, numbers with signs by their side of zero. */
export const comparingAlike: Method<"comparing-alike", Why, QuantitiesProblem, QuantityDecisions> = {
  id: "comparing-alike",
  sample: "order −3; 2; −5",
  bench: {
    small: "compare -<1-9> and <1-9>",
    usual: "compare $<1-6>.<10-98> and $<1-6>.<10-98>",
    largest: "order -<1-9>; -<2-99>.5; 3/4; 0; -<1-9>/8; 12",
  },
  sound: SOUND_QUANTITIES,
  takes: (problem) => taken(problem, workComparing),
};

function workComparing<Inner>(
  problem: QuantitiesProblem,
  { house, decisions, solve }: WorkContext<QuantityDecisions, Inner>,
): MethodResult<Why | Inner> {
  const pad = newPad<Why | Inner>();
  const written = (quantity: Quantity): string => writeQuantity(quantity, { ...house, grouping: "none" });
  pad.line("setOut", { kind: "writeQuantities", problem }, () => [
    padText(problem.operands.map(written).join("   ")),
  ]);
  const { operands } = problem;
  const ordered = operands.every(isNumeral)
    ? orderedBySign(operands, { house, decisions, pad, solve })
    : orderedAlike(operands, { house, pad, solve });
  const [left, right] = operands;
  const relation: Relation = sameValue(left, right)
    ? "="
    : ordered.indexOf(left) < ordered.indexOf(right)
      ? "<"
      : ">";
  const answer =
    problem.op === "compare"
      ? ({ kind: "comparison", left, right, relation } as const)
      : ({ kind: "ordered", quantities: ordered } as const);
  pad.line("answer", { kind: "nameAnswer", answer }, () => [
    padText(writeAnswer(answer, { ...house, grouping: "none" })),
  ]);
  return { answer, onPaper: pad.onPaper };
}

const sameValue = (one: Quantity, other: Quantity): boolean => fractionOf(one).equals(fractionOf(other));

/** Numbers put in order by a problem of their own, the smallest first, as the things they stand for. */
function inOrder<Thing, Inner>(
  things: readonly Thing[],
  numeralOf: (thing: Thing) => Numeral,
  of: Compared,
  { house, pad, solve }: InHouse & Solving<Inner> & OnPad<Pad<Why | Inner>>,
): readonly Thing[] {
  const numerals = things.map(numeralOf);
  const asked = comparedOf(numerals.length === 2 ? "compare" : "order", numerals);
  if (asked === undefined) return things;
  pad.mark("work", { kind: "compareNumbers", problem: asked, of });
  const working = solve(asked, house);
  pad.aside(working);
  const { answer } = working;
  if (answer.kind === "comparison") return answer.relation === ">" ? [...things].reverse() : things;
  if (answer.kind !== "ordered") return things;
  const placeOf = (thing: Thing): number =>
    answer.quantities.findIndex((one) => sameValue(one, numeralOf(thing)));
  return [...things].sort((one, other) => placeOf(one) - placeOf(other));
}

/** The numbers of a list that lie below zero come first, the one of the largest size before all. */
function orderedBySign<Inner>(
  numerals: readonly Numeral[],
  { house, decisions, pad, solve }: WorkContext<QuantityDecisions, Inner> & OnPad<Pad<Why | Inner>>,
): readonly Numeral[] {
  const below = numerals.filter(({ negative }) => negative);
  const others = numerals.filter(({ negative }) => !negative);
  if (below.length > 0 && others.length > 0) pad.mark("work", { kind: "signsFirst", below, others });
  const bySize = below.length > 1 ? inOrder(below, unsigned, "sizes", { house, pad, solve }) : below;
  const turned = decisions.turnsBelowZero() ? [...bySize].reverse() : bySize;
  if (below.length > 1) pad.mark("work", { kind: "sizesTurned", ordered: turned });
  return [
    ...turned,
    ...(others.length > 1 ? inOrder(others, (one) => one, "notBelow", { house, pad, solve }) : others),
  ];
}

/** Amounts or measures put in order by their numbers in one unit. */
function orderedAlike<Inner>(
  quantities: readonly Quantity[],
  { house, pad, solve }: InHouse & Solving<Inner> & OnPad<Pad<Why | Inner>>,
): readonly Quantity[] {
  const unit = smallestUnit(quantities.filter(isMeasure));
  const numbered = quantities.map((quantity) => ({ quantity, numeral: inOneUnit(quantity, unit) }));
  const plain = { ...house, grouping: "none" } as const;
  for (const { quantity, numeral } of numbered) {
    const counted = countedIn(quantity, numeral, unit);
    const [before, after] = [quantity, counted.alike].map((one) => writeQuantity(one, plain));
    if (before === after) continue;
    pad.line("work", { kind: "asNumber", quantity, ...counted }, () => [padText(`${before} = ${after}`)]);
  }
  return inOrder(numbered, ({ numeral }) => numeral, "alike", { house, pad, solve }).map(
    ({ quantity }) => quantity,
  );
}

/** A quantity written with its number in one unit, and what that is called by. */
function countedIn(
  quantity: Quantity,
  numeral: Decimal,
  unit: UnitId | undefined,
): Pick<Extract<QuantityReason, { kind: "asNumber" }>, "alike" | "names"> {
  if (isAmount(quantity)) {
    const { currency } = quantity;
    return { alike: amountOf(currency, numeral), names: { kind: "money", currency } };
  }
  if (!isMeasure(quantity) || unit === undefined)
    throw new Error("countedIn: numbers are counted in no unit");
  return { alike: { ...quantity, parts: [{ unit, count: numeral }] }, names: { kind: "unit", unit } };
}

/** The smallest of the units that measures are in. */
function smallestUnit(measures: readonly Measure[]): UnitId | undefined {
  const units = measures.flatMap(({ parts }) => parts.map(({ unit }) => unit));
  return units.reduce<UnitId | undefined>(
    (least, unit) => (least === undefined || unitOf(unit).size < unitOf(least).size ? unit : least),
    undefined,
  );
}

/** The number of a quantity in one unit. */
function inOneUnit(quantity: Quantity, unit: UnitId | undefined): Decimal {
  if (isAmount(quantity)) return inMajor(quantity);
  if (!isMeasure(quantity) || unit === undefined) return wholeNumeral(0n);
  const places = Math.max(...quantity.parts.map(({ count }) => count.fraction.length));
  const scale = 10n ** BigInt(places);
  const total = quantity.parts.reduce((sum, part) => {
    const { numerator, denominator } = asFraction(part.count);
    const rate = rateBetween(part.unit, unit) ?? 1n;
    return isZero(part.count) ? sum : sum + (numerator * rate * scale) / denominator;
  }, 0n);
  return withoutTrailingZeros(fromCount(total, places));
}
