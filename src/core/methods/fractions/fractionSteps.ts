import type { HouseRules } from "../../house";
import {
  asFraction,
  type Decimal,
  type Fraction,
  fraction,
  isWhole,
  type Mixed,
  type Numeral,
  primeFactors,
  wholeNumeral,
  withoutTrailingZeros,
} from "../../number";
import { type FractionProblem, signOf } from "../../problem";
import type { InHouse, OnPad, WorkRules } from "../contract/workContext";
import type { AnswerReason } from "../squares/answer";
import { joined, newPad, numeralItems, type Pad, type PadItem, padText, stack } from "../squares/pad";
import type { FractionDecisions } from "./fractionDecisions";
import type { FractionReason } from "./fractionReason";

export type FractionWhy = FractionReason | AnswerReason;
export type FractionPad<Inner> = Pad<FractionWhy | Inner>;

export const items = (numeral: Numeral, house: HouseRules): readonly PadItem[] =>
  numeralItems(numeral, house);

/** A pad with the problem written on its first line. */
export function startFractions<Inner>(problem: FractionProblem, house: HouseRules): FractionPad<Inner> {
  const pad = newPad<FractionWhy | Inner>();
  const numerals = problem.operands.map((operand) => items(operand, house));
  const sign =
    problem.op === "compare" || problem.op === "order" || problem.op === "rewrite"
      ? " "
      : signOf(problem.op, house);
  pad.line("setOut", { kind: "writeFractions", problem }, () => joined(numerals, sign));
  return pad;
}

/** Every number as one fraction: decimals and whole numbers written over, mixed numbers made improper. */
export function asFractions<Inner>(
  operands: readonly Numeral[],
  { house, decisions, pad }: WorkRules<FractionDecisions> & OnPad<FractionPad<Inner>>,
): readonly Fraction[] {
  return operands.map((operand) => oneFraction(operand, { house, decisions, pad }));
}

export function oneFraction<Inner>(
  operand: Numeral,
  { house, decisions, pad }: WorkRules<FractionDecisions> & OnPad<FractionPad<Inner>>,
): Fraction {
  switch (operand.kind) {
    case "fraction":
      return operand;
    case "mixed":
      return improperOf(operand, { house, decisions, pad });
    case "decimal":
      return decimalAsFraction(operand, { house, pad });
  }
}

/** A decimal over its place: 0.75 is 75 hundredths; a whole number over one. */
export function decimalAsFraction<Inner>(
  before: Decimal,
  { house, pad }: InHouse & OnPad<FractionPad<Inner>>,
): Fraction {
  const after = asFraction(withoutTrailingZeros(before));
  const kind = isWhole(withoutTrailingZeros(before)) ? "wholeOverOne" : "decimalToFraction";
  pad.line("work", { kind, before, after }, () => [
    ...items(before, house),
    padText("="),
    ...items(after, house),
  ]);
  return after;
}

/** A mixed number as one fraction. */
export function improperOf<Inner>(
  before: Mixed,
  { house, decisions, pad }: WorkRules<FractionDecisions> & OnPad<FractionPad<Inner>>,
  stage: "work" | "answer" = "work",
): Fraction {
  const after = fraction(decisions.improper(before), before.denominator);
  const { whole, numerator, denominator } = before;
  // Whoever finds it otherwise does not write the sound way in between.
  const between =
    whole * denominator + numerator === after.numerator
      ? [
          stack(`${whole}${signOf("multiply", house)}${denominator}+${numerator}`, String(denominator)),
          padText("="),
        ]
      : [];
  pad.line(stage, { kind: "toImproper", before, after }, () => [
    ...items(before, house),
    padText("="),
    ...between,
    ...items(after, house),
  ]);
  return after;
}

/** A fraction with numerator and denominator multiplied by the same number. */
export function equivalentOf<Inner>(
  before: Fraction,
  denominator: bigint,
  { house, decisions, pad }: WorkRules<FractionDecisions> & OnPad<FractionPad<Inner>>,
): Fraction {
  const by = denominator / before.denominator;
  if (by === 1n) return before;
  const after = fraction(decisions.scales(before.numerator, by, before.denominator), denominator);
  const times = signOf("multiply", house);
  const between =
    before.numerator * by === after.numerator
      ? [stack(`${before.numerator}${times}${by}`, `${before.denominator}${times}${by}`), padText("=")]
      : [];
  pad.line("work", { kind: "equivalent", before, by, after }, () => [
    ...items(before, house),
    padText("="),
    ...between,
    ...items(after, house),
  ]);
  return after;
}

/** The numbers a fraction is divided by on its way to simplest form: the largest common factor at once, or one prime after another. */
function reducers(
  numerator: bigint,
  denominator: bigint,
  { house, decisions }: WorkRules<FractionDecisions>,
): readonly bigint[] {
  const by = decisions.reducesBy(numerator, denominator);
  if (by === 1n || numerator === 0n) return [];
  return house.simplifying === "atOnce" ? [by] : primeFactors(by);
}

/** A fraction in its simplest form, by one division above and below or by several. */
export function reduceSteps<Inner>(
  before: Fraction,
  { house, decisions, pad }: WorkRules<FractionDecisions> & OnPad<FractionPad<Inner>>,
): Fraction {
  const otherwise = decisions.shortens(before);
  if (otherwise !== undefined) {
    pad.line("answer", { kind: "reduce", before, by: 1n, after: otherwise }, () => [
      ...items(before, house),
      padText("="),
      ...items(otherwise, house),
    ]);
    return otherwise;
  }
  let here = before;
  const by = signOf("divide", house);
  for (const factor of reducers(before.numerator, before.denominator, { house, decisions })) {
    const longer = here;
    const after = fraction(longer.numerator / factor, longer.denominator / factor);
    pad.line("answer", { kind: "reduce", before: longer, by: factor, after }, () => [
      ...items(longer, house),
      padText("="),
      stack(`${longer.numerator}${by}${factor}`, `${longer.denominator}${by}${factor}`),
      padText("="),
      ...items(after, house),
    ]);
    here = after;
  }
  return here;
}

/** An improper fraction counted out into wholes and a part; a whole number where nothing is left. */
export function countedOut<Inner>(
  before: Fraction,
  { house, decisions, pad }: WorkRules<FractionDecisions> & OnPad<FractionPad<Inner>>,
  stage: "work" | "answer" = "answer",
): Numeral {
  const counted = decisions.countsOut(before.numerator, before.denominator);
  const { whole } = counted;
  const rest = fraction(counted.rest, before.denominator);
  const after = mixedOf(whole, rest);
  pad.line(stage, { kind: "countOut", before, whole, rest }, () => [
    ...items(before, house),
    padText("="),
    ...items(after, house),
  ]);
  return after;
}

/** A whole number and a part as one number. */
export const mixedOf = (whole: bigint, part: Fraction): Numeral =>
  part.numerator === 0n
    ? wholeNumeral(whole)
    : whole === 0n
      ? part
      : {
          kind: "mixed",
          negative: false,
          whole,
          numerator: part.numerator,
          denominator: part.denominator,
        };
