import { answerValue } from "../../marking";
import type { Answer, Problem } from "../../problem";

/** What an answer comes to. */
export interface Value {
  /** The same for equal values. */
  readonly key: string;
  /** As a number, where it is one. */
  readonly ratio?: { readonly numerator: bigint; readonly denominator: bigint };
}

export const isSameValue = (one: Value, other: Value): boolean => one.key === other.key;

export const ratioValue = ({
  s,
  n,
  d,
}: {
  readonly s: bigint;
  readonly n: bigint;
  readonly d: bigint;
}): Value => ({
  key: `${s * n}/${d}`,
  ratio: { numerator: s * n, denominator: d },
});

/** The value of an answer to a problem. */
export function answerValueIn(problem: Problem, answer: Answer): Value {
  switch (answer.kind) {
    case "comparison":
      return { key: answer.relation };
    case "ordered":
      return { key: answer.quantities.map((quantity) => answerValueIn(problem, quantity).key).join(" ") };
    case "sufficiency":
      return { key: answer.enough ? "yes" : "no" };
    case "handed":
      return answerValueIn(problem, answer.back);
    case "decimal":
    case "fraction":
    case "mixed":
    case "amount":
    case "measure":
    case "rounded":
    case "remainder":
    case "recurring":
    case "roundedAmount":
    case "share":
    case "measureLeft":
    case "timesLeft":
      return ratioValue(answerValue(problem, answer));
  }
}
