import Exact from "decimal.js";
import type { Working } from "../methods";
import type { Decimal } from "../number";

/** Another library than the core's own, wide enough for every digit that can be typed and its carries. */
const Wide = Exact.clone({ precision: 60 });

/** The numeral as any program would read it. */
export const plainText = (numeral: Decimal): string =>
  `${numeral.negative ? "-" : ""}${numeral.whole || "0"}${numeral.fraction && `.${numeral.fraction}`}`;

/** What is wrong with a working's answer, in value by another library or in the form the house wants; nothing where it is right. */
export function wrongAnswer({ problem, house, answer }: Working): string | undefined {
  const [first, ...rest] = problem.operands.map((operand) => new Wide(plainText(operand)));
  if (first === undefined) return "there are no operands";
  const right = rest.reduce((sum, next) => (problem.op === "add" ? sum.plus(next) : sum.minus(next)), first);
  if (!right.equals(plainText(answer))) return `${plainText(answer)} is not ${right.toFixed()}`;
  const places = Math.max(...problem.operands.map((operand) => operand.fraction.length));
  if (!/^(0|[1-9]\d*)$/.test(answer.whole)) return `${answer.whole} begins with a zero`;
  if (house.trailingZeros === "kept" && answer.fraction.length !== places)
    return "a zero at the end is missing";
  if (house.trailingZeros === "dropped" && answer.fraction.endsWith("0"))
    return "a zero at the end was not dropped";
  if (answer.point !== (answer.fraction !== "")) return "a point stands without decimals";
  return undefined;
}

/**
 * The claims of a working's steps that do not hold: each column sum and carry, each exchange, each
 * difference, taken by itself with another library. It knows the reasons and nothing of the methods.
 */
export function brokenClaims({ steps }: Working): readonly string[] {
  const broken: string[] = [];
  const claim = (holds: boolean, reason: object): void => {
    if (!holds) broken.push(JSON.stringify(reason));
  };
  let carried = 0;
  /** What this column's lower number is due to pay, and what the next one's will be. */
  let paying = 0;
  let owed = 0;
  for (const { reason } of steps) {
    if (reason.kind === "columnSum") {
      claim(reason.carriedIn === carried, reason);
      claim(reason.total === reason.parts.reduce((sum, part) => sum + part, reason.carriedIn), reason);
      claim(reason.written + 10 * reason.carriedOut === reason.total, reason);
      claim(reason.written >= 0 && reason.written < 10, reason);
      carried = reason.carriedOut;
    }
    if (reason.kind === "exchange") {
      const { lender, crossed, receiver } = reason;
      const chain = [...crossed, receiver];
      claim(lender.before - lender.after === 1 && lender.after >= 0, reason);
      claim(
        chain.every(({ place }, index) => place === lender.place - 1 - index),
        reason,
      );
      const pieces = chain.reduce(
        (sum, { place, before, after }) => sum.plus(new Wide(10).pow(place).times(after - before)),
        new Wide(0),
      );
      claim(pieces.equals(new Wide(10).pow(lender.place)), reason);
    }
    if (reason.kind === "difference") {
      claim(reason.top - (reason.bottom ?? 0) === reason.written, reason);
      claim(reason.written >= 0 && reason.written < 10, reason);
    }
    if (reason.kind === "addTenToBoth") {
      claim(reason.top < reason.taken && reason.raised === reason.top + 10, reason);
      owed = 1;
    }
    if (reason.kind === "differenceWithOwed" || reason.kind === "makeUp") {
      claim(reason.taken === (reason.bottom ?? 0) + reason.owed, reason);
      claim(reason.taken + reason.written === reason.raised, reason);
      claim(reason.written >= 0 && reason.written < 10, reason);
    }
    if (reason.kind === "makeUp") {
      claim(reason.owed === carried, reason);
      claim(reason.raised === reason.top + 10 * reason.pays, reason);
      carried = reason.pays;
    }
    if (reason.kind === "differenceWithOwed") {
      claim(reason.owed === paying, reason);
      paying = owed;
      owed = 0;
    }
  }
  claim(paying === 0 && owed === 0, { kind: "a payment that was never made" });
  claim(carried === 0, { kind: "a last carry that was not written" });
  return broken;
}
