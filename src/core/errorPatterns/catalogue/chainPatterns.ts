import { type Expression, needsBrackets, type Problem, problemOf, type SignedOperation } from "../../problem";
import type { PatternsOf } from "../contract/errorPattern";

/** What stands in one line: its first part, then each sign with the part after it. */
interface Line {
  readonly first: Expression;
  readonly rest: readonly { readonly op: SignedOperation; readonly part: Expression }[];
}

/** Which signs are worked before which: those of one rank from left to right. */
type Ranks = readonly (readonly SignedOperation[])[];

const ALL_ALIKE: Ranks = [["add", "subtract", "multiply", "divide"]];
const SOUND: Ranks = [
  ["multiply", "divide"],
  ["add", "subtract"],
];
const SUMS_FIRST: Ranks = [
  ["add", "subtract"],
  ["multiply", "divide"],
];
const EACH_FOR_ITSELF: Ranks = [["multiply"], ["divide"], ["add"], ["subtract"]];

/** An expression as the line it stands in. What is in brackets is one part, unless brackets are passed over. */
function lineOf(expression: Expression, brackets: "kept" | "passedOver"): Line {
  if (expression.kind === "quantity") return { first: expression, rest: [] };
  const { op } = expression;
  const side = (part: Expression, at: "left" | "right"): Line =>
    brackets === "kept" && needsBrackets(part, op, at) ? { first: part, rest: [] } : lineOf(part, brackets);
  const [left, right] = [side(expression.left, "left"), side(expression.right, "right")];
  return { first: left.first, rest: [...left.rest, { op, part: right.first }, ...right.rest] };
}

const joined = (left: Expression, op: SignedOperation, right: Expression): Expression => ({
  kind: "operation",
  at: 0,
  op,
  left,
  right,
});

/** A line with the signs of one rank worked, from left to right. */
function worked({ first, rest }: Line, rank: readonly SignedOperation[]): Line {
  let head = first;
  const later: { op: SignedOperation; part: Expression }[] = [];
  for (const { op, part } of rest) {
    const last = later.pop();
    if (!rank.includes(op)) later.push(...(last === undefined ? [] : [last]), { op, part });
    else if (last === undefined) head = joined(head, op, part);
    else later.push({ op: last.op, part: joined(last.part, op, part) });
  }
  return { first: head, rest: later };
}

/** A line with the signs of one rank worked from the right. */
function workedFromRight({ first, rest }: Line, rank: readonly SignedOperation[]): Line {
  const parts = [first, ...rest.map(({ part }) => part)];
  const ops = rest.map(({ op }) => op);
  for (let at = ops.length - 1; at >= 0; at--) {
    const [op, left, right] = [ops[at], parts[at], parts[at + 1]];
    if (op === undefined || left === undefined || right === undefined || !rank.includes(op)) continue;
    parts.splice(at, 2, joined(left, op, right));
    ops.splice(at, 1);
  }
  const [head = first, ...others] = parts;
  return {
    first: head,
    rest: others.flatMap((part, at) => {
      const op = ops[at];
      return op === undefined ? [] : [{ op, part }];
    }),
  };
}

/** An expression taken together in another order, inside its brackets too. */
function regrouped(
  expression: Expression,
  ranks: Ranks,
  brackets: "kept" | "passedOver",
  works = worked,
): Expression {
  if (expression.kind === "quantity") return expression;
  const { first, rest } = lineOf(expression, brackets);
  const inside = (part: Expression): Expression => regrouped(part, ranks, brackets, works);
  const line: Line = { first: inside(first), rest: rest.map(({ op, part }) => ({ op, part: inside(part) })) };
  return ranks.reduce(works, line).first;
}

/** A chain read in another order; none where that order makes no problem, such as money added to a number. */
const reads =
  (ranks: Ranks, brackets: "kept" | "passedOver", works = worked) =>
  (problem: Problem): Problem | undefined => {
    if (problem.kind !== "chain") return undefined;
    const read = problemOf(regrouped(problem.expression, ranks, brackets, works), problem.form);
    return read.ok ? read.value : undefined;
  };

/** Errors in the order of operations: the numbers and signs are read as they are, and taken together otherwise. */
export const CHAIN_PATTERNS: PatternsOf = [
  {
    id: "chain-left-to-right",
    example: ["2 + 3 × 4", "20"],
    frequency: 3,
    lookAlikes: ["chain-sum-first"],
    reads: reads(ALL_ALIKE, "kept"),
  },
  {
    id: "chain-brackets-ignored",
    example: ["(2 + 3) × 4", "14"],
    frequency: 2,
    lookAlikes: [],
    reads: reads(SOUND, "passedOver"),
  },
  {
    id: "chain-signs-ranked-singly",
    example: ["24 ÷ 4 × 2 + 1", "4"],
    frequency: 2,
    lookAlikes: ["chain-from-the-right"],
    reads: reads(EACH_FOR_ITSELF, "kept"),
  },
  {
    id: "chain-sum-first",
    example: ["6 × 2 + 8", "60"],
    frequency: 2,
    lookAlikes: ["chain-left-to-right"],
    reads: reads(SUMS_FIRST, "kept"),
  },
  {
    id: "chain-from-the-right",
    example: ["36 ÷ 6 ÷ 2", "12"],
    frequency: 1,
    lookAlikes: ["chain-signs-ranked-singly"],
    reads: reads(SOUND, "kept", workedFromRight),
  },
];
