import type { HouseRules } from "../../house";
import { isWhole } from "../../number";
import { type Problem, type SignedProblem, termsOf } from "../../problem";
import type { IdOf, ReasonOf } from "../contract/method";
import { methodSet } from "../contract/methodSet";
import { counters } from "./counters";
import { gathering } from "./gathering";
import { numberLine } from "./numberLine";
import { signRule } from "./signRule";
import { oneByOne, staysAbove, takenTogether } from "./takingAway";

const METHODS = [signRule, numberLine, counters, gathering, oneByOne, takenTogether] as const;

/** Any of these methods. */
export type SignedMethod = (typeof METHODS)[number];

type Id = IdOf<SignedMethod>;
type Why = ReasonOf<SignedMethod>;

/** The methods that draw what they do, for houses that like them best. */
const DRAWN: Readonly<Record<HouseRules["signedBy"], readonly Id[]>> = {
  signRule: [],
  numberLine: ["number-line"],
  counters: ["counters"],
};

function prefers(problem: SignedProblem, house: HouseRules): readonly Id[] {
  const gathers = problem.op === "terms" && problem.more.length > 1 && house.termOrder === "gathered";
  // Where nothing lies below zero on the way, nobody needs signs.
  const plain = problem.op === "terms" && problem.more.length > 1 && staysAbove(problem);
  return [
    ...(plain ? (["one-by-one"] as const) : []),
    ...DRAWN[house.signedBy],
    ...(gathers ? (["gathering"] as const) : []),
    "sign-rule",
  ];
}

/** A signed problem; two whole numbers with a plus or a minus between them can be seen as one too. */
function seen(problem: Problem): SignedProblem | undefined {
  if (problem.kind === "signed") return problem;
  if (problem.kind !== "decimals" || problem.form.kind !== "asItComes") return undefined;
  const { op, operands, form } = problem;
  if ((op !== "add" && op !== "subtract") || operands.length !== 2 || !operands.every(isWhole))
    return undefined;
  return termsOf(operands, [op], form);
}

export const signedMethods = methodSet<Why, Id, SignedProblem>(["signed"], seen, METHODS, prefers);
