import { type Numeral, unsigned } from "../../number";
import {
  AS_IT_COMES,
  decimalsOf,
  fractionOf,
  fractionsOf,
  isDecimal,
  isNumeral,
  type Problem,
  quantityOf,
  type SignedProblem,
  type Term,
  type TermsProblem,
} from "../../problem";
import { isTwoOrMore, type TwoOrMore } from "../../tuples";
import { type Method, type NoDecisions, otherOperation, refused, taken } from "../contract/method";
import { Stuck } from "../contract/stuck";
import type { InHouse, OnPad, Solving, WorkContext } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { numeralItems, padText } from "../squares/pad";
import { finishSigned, type SignedWhy, signedNumbers, startSigned, sumItems } from "./signRule";

/** What is left on the way never lies below zero, so that no sign is needed: numbers added and taken away as they come. */
export function staysAbove({ first, more }: TermsProblem): boolean {
  if (first.negative || more.some(({ numeral }) => numeral.negative)) return false;
  let here = fractionOf(first);
  return more.every(({ join, numeral }) => {
    here = join === "add" ? here.add(fractionOf(numeral)) : here.sub(fractionOf(numeral));
    return here.s >= 0n;
  });
}

/** Numbers added and taken away one after the other, from the left. */
export const oneByOne: Method<"one-by-one", SignedWhy, SignedProblem, NoDecisions, "aboveZero"> = {
  id: "one-by-one",
  sample: "20.1 − 3.05 − 4.99",
  bench: {
    small: "2<1-9> - <1-9> + <1-9>",
    usual: "2<1-9>.5 - <1-9>.25 - <1-9>",
    largest: "9999 - <1-9> + <1-9> - 999 + 876 - 4321",
  },
  sound: {},
  takes: (problem) => {
    if (problem.op !== "terms") return otherOperation("terms");
    return problem.more.length > 1 && staysAbove(problem)
      ? taken(problem, workOneByOne)
      : refused("aboveZero");
  },
};

/** Several numbers taken away at once: put together first, then taken away together. */
export const takenTogether: Method<"taken-together", SignedWhy, SignedProblem, NoDecisions, "onlyTaken"> = {
  id: "taken-together",
  sample: "25 − 8 − 4",
  bench: {
    small: "2<1-9> - <1-9> - <1-9>",
    usual: "2<1-9>.5 - <1-9>.25 - <1-9>",
    largest: "9999 - <1-9> - <1-9> - 999 - 876 - 4321",
  },
  sound: {},
  takes: (problem) => {
    if (problem.op !== "terms") return otherOperation("terms");
    const taking = problem.more.length > 1 && problem.more.every(({ join }) => join === "subtract");
    return taking && staysAbove(problem) ? taken(problem, workTogether) : refused("onlyTaken");
  },
};

/** Two or more numbers that are not below zero, with one operation between them, worked on a page of their own. */
function apart<Inner>(
  op: "add" | "subtract",
  operands: TwoOrMore<Numeral>,
  { house, pad, solve }: InHouse & Solving<Inner> & OnPad<ReturnType<typeof startSigned<Inner>>>,
): Numeral {
  const asked: Problem | undefined = operands.every(isDecimal)
    ? decimalsOf(op, operands, AS_IT_COMES)
    : fractionsOf(op, operands, AS_IT_COMES);
  if (asked === undefined) throw new Stuck("apart: these make no problem");
  pad.mark("work", { kind: "nextTwo", problem: asked });
  const working = solve(asked, { ...house, trailingZeros: "dropped", fractionAnswers: "mixed" });
  pad.aside(working);
  const result = quantityOf(working.answer);
  if (result === undefined || !isNumeral(result) || result.negative)
    throw new Stuck("apart: there is nothing to go on with");
  return result;
}

function workOneByOne<Inner>(
  problem: TermsProblem,
  { house, solve }: WorkContext<NoDecisions, Inner>,
): MethodResult<SignedWhy | Inner> {
  const pad = startSigned<Inner>(problem, house);
  let here = problem.first;
  problem.more.forEach(({ join, numeral }, index) => {
    const before = here;
    const result = apart(join, [before, numeral], { house, pad, solve });
    here = result;
    const rest = problem.more.slice(index + 1);
    if (rest.length > 0)
      pad.line("work", { kind: "resultSoFar", op: join, left: before, right: numeral, result }, () => [
        padText("="),
        ...sumItems([result, ...rest.map(signedTerm)], house),
      ]);
  });
  return finishSigned(problem, here, { house, pad, solve });
}

const signedTerm = ({ join, numeral }: Term): Numeral =>
  join === "subtract" ? { ...numeral, negative: true } : unsigned(numeral);

function workTogether<Inner>(
  problem: TermsProblem,
  { house, solve }: WorkContext<NoDecisions, Inner>,
): MethodResult<SignedWhy | Inner> {
  const pad = startSigned<Inner>(problem, house);
  const takes = signedNumbers(problem)
    .slice(1)
    .map(({ numeral }) => numeral);
  if (!isTwoOrMore(takes)) throw new Stuck("workTogether: several numbers are taken away");
  const total = apart("add", takes, { house, pad, solve });
  pad.line("work", { kind: "takenTogether", numbers: takes, total, from: problem.first }, () => [
    padText("="),
    ...numeralItems(problem.first, house),
    padText("−"),
    ...numeralItems(total, house),
  ]);
  return finishSigned(problem, apart("subtract", [problem.first, total], { house, pad, solve }), {
    house,
    pad,
    solve,
  });
}
