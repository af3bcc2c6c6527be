import type { HouseRules } from "../../house";
import {
  asFraction,
  compareNumerals,
  type Decimal,
  endsAsDecimal,
  type Fraction,
  factByHeart,
  fraction,
  isWhole,
  isZero,
  type Numeral,
  opposite,
  unsigned,
  wholeNumeral,
} from "../../number";
import {
  type Answer,
  type AnswerForm,
  AS_IT_COMES,
  type Asks,
  belowZero,
  type DecimalProblem,
  decimalsOf,
  type FractionProblem,
  isDecimal,
  type SignedOperation,
  type SignedProblem,
  signOf,
  type TermsProblem,
  termsIn,
  writeAnswer,
} from "../../problem";
import { mapTwo, mapTwoOrMore, type Two, type TwoOrMore } from "../../tuples";
import { type Method, taken } from "../contract/method";
import type { InHouse, OnPad, Solving, WorkContext, WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { type AnswerReason, nameStep } from "../squares/answer";
import { newPad, numeralItems, type Pad, type PadItem, padText } from "../squares/pad";
import type { SignedReason } from "./signedReason";

export type SignedWhy = SignedReason | AnswerReason;
type SignedPad<Inner> = Pad<SignedWhy | Inner>;

/** The decisions about signs. Sizes are worked by other methods. */
export interface SignDecisions {
  /** What is added instead of taking a number away. */
  opposite(numeral: Numeral): Numeral;
  /** Whether the sum of two numbers lies below zero. */
  sumBelow(left: Numeral, right: Numeral): boolean;
  /** Whether two numbers are added in size, or one taken from the other. */
  addsSizes(left: Numeral, right: Numeral): boolean;
  /** Whether a product or quotient with so many negative numbers lies below zero. */
  productBelow(negatives: number, operands: readonly Numeral[]): boolean;
}

export const SOUND_SIGNS: SignDecisions = {
  opposite,
  sumBelow: (left, right) =>
    compareNumerals(unsigned(left), unsigned(right)) >= 0 ? left.negative : right.negative,
  addsSizes: (left, right) => left.negative === right.negative,
  productBelow: (negatives) => negatives % 2 === 1,
};

/** By rules for signs: same signs, different signs, subtracting as adding the opposite, the sign of a product. */
export const signRule: Method<"sign-rule", SignedWhy, SignedProblem, SignDecisions> = {
  id: "sign-rule",
  sample: "−7 − (−12)",
  bench: {
    small: "(-<1-20>) - <1-20>",
    usual: "(-<1-20>) - <1-20> - (-<1-20>)",
    largest: "(-<1-9999>) - <1-9999> - (-<1-9999>) - <1-9999> - (-<1-9999>) - <1-9999>",
  },
  sound: SOUND_SIGNS,
  takes: (problem) => taken(problem, workSignRule),
};

/** The terms as numbers to be added: those that are taken away turned into their opposites. */
export const addedTerms = (problem: TermsProblem, decisions: SignDecisions): TwoOrMore<Numeral> =>
  mapTwoOrMore(termsIn(problem), ({ join, numeral }) =>
    join === "subtract" ? decisions.opposite(numeral) : numeral,
  );

/** A number after a sign: in brackets where it has one of its own. */
const afterSign = (numeral: Numeral, house: HouseRules): readonly PadItem[] =>
  numeral.negative
    ? [padText("("), ...numeralItems(numeral, house), padText(")")]
    : numeralItems(numeral, house);

/** Numbers to be added, written with the sign of each between them: −7 + 12 − 3. */
export const sumItems = (terms: readonly Numeral[], house: HouseRules): readonly PadItem[] =>
  terms.flatMap((term, index) =>
    index === 0
      ? numeralItems(term, house)
      : [padText(term.negative ? "−" : "+"), ...numeralItems(unsigned(term), house)],
  );

/** The numbers of a problem, each with the sign before it. */
export function signedNumbers(
  problem: SignedProblem,
): TwoOrMore<{ readonly op: SignedOperation; readonly numeral: Numeral }> {
  if (problem.op === "terms")
    return mapTwoOrMore(termsIn(problem), ({ join, numeral }) => ({ op: join, numeral }));
  const { op } = problem;
  return mapTwoOrMore<Numeral, { op: SignedOperation; numeral: Numeral }>(problem.operands, (numeral) => ({
    op,
    numeral,
  }));
}

/** A pad with the problem on its first line. */
export function startSigned<Inner>(problem: SignedProblem, house: HouseRules): SignedPad<Inner> {
  const pad = newPad<SignedWhy | Inner>();
  pad.line("setOut", { kind: "writeSigned", problem }, () => {
    const [first, ...more] = signedNumbers(problem);
    return [
      ...numeralItems(first.numeral, house),
      ...more.flatMap(({ op, numeral }) => [padText(signOf(op, house)), ...afterSign(numeral, house)]),
    ];
  });
  return pad;
}

/** The rule of signs with any decisions; only sound ones are sure to reach the right answer. */
function workSignRule<Inner>(
  problem: SignedProblem,
  { house, decisions, solve }: WorkContext<SignDecisions, Inner>,
): MethodResult<SignedWhy | Inner> {
  const pad = startSigned<Inner>(problem, house);
  if (problem.op !== "terms") return workProduct(problem, { house, decisions, pad, solve });
  const terms = asAddition(problem, { house, decisions, pad });
  const [first, ...rest] = terms;
  const sum = rest.reduce<Numeral>(
    (left, right, index) => addSigned(left, right, rest.slice(index + 1), { house, decisions, pad, solve }),
    first,
  );
  return finishSigned(problem, sum, { house, pad, solve });
}

/** The terms as an addition: where there were two signs, a line with one. */
export function asAddition<Inner>(
  problem: TermsProblem,
  { house, decisions, pad }: WorkRules<SignDecisions> & OnPad<SignedPad<Inner>>,
): TwoOrMore<Numeral> {
  const terms = addedTerms(problem, decisions);
  // A plus or a minus before a number without a sign of its own stays as it is written.
  const turned = problem.more.filter(({ numeral }) => numeral.negative).length;
  if (turned > 0) {
    pad.line("work", { kind: "addOpposites", terms, turned }, () => [
      padText("="),
      ...sumItems(terms, house),
    ]);
  }
  return terms;
}

/** Sizes up to this are added and subtracted in the head. */
const IN_THE_HEAD = 100n;
const inTheHead = (numeral: Numeral): boolean =>
  isWhole(numeral) && asFraction(numeral).numerator <= IN_THE_HEAD;

/** Two signed numbers added by the rule of same and different signs. What comes after them is written again, or the two by themselves. */
export function addSigned<Inner>(
  left: Numeral,
  right: Numeral,
  after: readonly Numeral[] | "apart",
  { house, decisions, pad, solve }: WorkContext<SignDecisions, Inner> & OnPad<SignedPad<Inner>>,
): Numeral {
  const [a, b] = [unsigned(left), unsigned(right)];
  const [larger, smaller] = compareNumerals(a, b) >= 0 ? [a, b] : [b, a];
  const adds = decisions.addsSizes(left, right);
  const sizes: Sizes = adds
    ? { op: "add", operands: [a, b] }
    : { op: "subtract", operands: [larger, smaller] };
  const size = sizeOf(sizes, { house, pad, solve });
  const result = { ...size, negative: decisions.sumBelow(left, right) && !isZero(size) };
  const why: SignedWhy = adds
    ? { kind: "sameSigns", left, right, result }
    : { kind: "differentSigns", left, right, larger, smaller, result };
  pad.line("work", why, () =>
    after === "apart"
      ? [...sumItems([left, right], house), padText("="), ...numeralItems(result, house)]
      : [padText("="), ...sumItems([result, ...after], house)],
  );
  return result;
}

/** Sizes, and what is done with them. */
type Sizes =
  | { readonly op: "add" | "multiply"; readonly operands: TwoOrMore<Numeral> }
  | { readonly op: "subtract"; readonly operands: Two<Numeral> }
  | { readonly op: "divide"; readonly operands: Two<Numeral> };

/** What two sizes come to: in the head where they are small whole numbers, else worked on a page of its own. */
function sizeOf<Inner>(
  sizes: Sizes,
  { house, pad, solve }: InHouse & Solving<Inner> & OnPad<SignedPad<Inner>>,
): Numeral {
  const { op, operands } = sizes;
  if ((op === "add" || op === "subtract") && operands.every(inTheHead)) {
    const [a, b] = [asFraction(operands[0]).numerator, asFraction(operands[1]).numerator];
    return wholeNumeral(op === "add" ? a + b : a - b);
  }
  const problem = sizesProblem(sizes);
  pad.mark("work", { kind: "sizesApart", problem });
  const working = solve(problem, { ...house, trailingZeros: "dropped" });
  pad.aside(working);
  return numberOf(working.answer);
}

function sizesProblem(sizes: Sizes): DecimalProblem | FractionProblem {
  const { op, operands } = sizes;
  const decimals: readonly Decimal[] = operands.filter(isDecimal);
  const ends = op !== "divide" || endsAsDecimal(quotientOf(sizes.operands));
  const form = op === "divide" ? ({ kind: "exactly" } as const) : AS_IT_COMES;
  const plain = decimals.length === operands.length && ends ? decimalsOf(op, decimals, form) : undefined;
  return plain ?? { kind: "fractions", form: AS_IT_COMES, ...sizes };
}

/** A quotient as a fraction. */
function quotientOf([dividend, divisor]: Two<Numeral>): Fraction {
  const [a, b] = [asFraction(dividend), asFraction(divisor)];
  return fraction(a.numerator * b.denominator, a.denominator * b.numerator);
}

function numberOf(answer: Answer): Numeral {
  if (answer.kind === "decimal" || answer.kind === "fraction" || answer.kind === "mixed") return answer;
  throw new Error(`numberOf: ${answer.kind} is no number`);
}

/** The sign first, by counting the negative numbers; then the size. */
function workProduct<Inner>(
  problem: Asks<SignedProblem, "multiply" | "divide">,
  { house, decisions, pad, solve }: WorkContext<SignDecisions, Inner> & OnPad<SignedPad<Inner>>,
): MethodResult<SignedWhy | Inner> {
  const { op } = problem;
  const negatives = problem.operands.filter(({ negative }) => negative).length;
  const negative = decisions.productBelow(negatives, problem.operands);
  pad.mark("work", { kind: "productSign", negatives, negative, quotient: op === "divide" });
  const sizes: Sizes =
    problem.op === "multiply"
      ? { op: "multiply", operands: mapTwoOrMore(problem.operands, unsigned) }
      : { op: "divide", operands: mapTwo(problem.operands, unsigned) };
  const asked = sizesProblem(sizes);
  const size = tableFact(op, sizes.operands) ?? sizeOf(sizes, { house, pad, solve });
  const result = { ...size, negative: negative && !isZero(size) };
  pad.line("work", { kind: "productSize", problem: asked, size, result }, () => [
    padText("="),
    ...numeralItems(result, house),
  ]);
  return finishSigned(problem, result, { house, pad, solve });
}

/** A product or quotient of the multiplication table; none for larger ones. */
function tableFact(op: "multiply" | "divide", sizes: readonly Numeral[]): Numeral | undefined {
  const [a, b, more] = sizes.map((size) => (isWhole(size) ? asFraction(size).numerator : undefined));
  if (a === undefined || b === undefined || more !== undefined || sizes.length > 2) return undefined;
  const fact = factByHeart(op, a, b);
  return fact === undefined ? undefined : wholeNumeral(fact);
}

/** The last steps: the form that was wanted, and the name. */
export function finishSigned<Inner>(
  problem: SignedProblem,
  sum: Numeral,
  { house, pad, solve }: InHouse & Solving<Inner> & OnPad<SignedPad<Inner>>,
): MethodResult<SignedWhy | Inner> {
  const asked = rewritten(problem.form, unsigned(sum));
  if (asked === undefined) {
    pad.take(() => [nameStep(sum, undefined)]);
    return { answer: sum, onPaper: pad.onPaper };
  }
  pad.mark("work", { kind: "sizesApart", problem: asked });
  const working = solve(asked, house);
  pad.aside(working);
  const answer = sum.negative ? belowZero(working.answer) : working.answer;
  pad.line("answer", { kind: "nameAnswer", answer }, () => [
    padText(`= ${writeAnswer(answer, { ...house, grouping: "none" })}`),
  ]);
  return { answer, onPaper: pad.onPaper };
}

/** The problem of writing a size in the form that is wanted; none where it stands so already. */
function rewritten(form: AnswerForm, size: Numeral): DecimalProblem | FractionProblem | undefined {
  if (form.kind === "asItComes" || (size.kind === "decimal" && form.kind === "asDecimal")) return undefined;
  if (form.kind === "toPlace" && size.kind === "decimal")
    return { kind: "decimals", op: "round", operands: [size], form };
  if (isWhole(size)) return undefined;
  return { kind: "fractions", op: "rewrite", operands: [size], form };
}
