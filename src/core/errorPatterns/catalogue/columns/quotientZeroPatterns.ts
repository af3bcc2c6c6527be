import { type Decimal, fromCount, withoutEndZeros, zerosAtEnd } from "../../../number";
import { type Answer, exactAnswer, type Problem, withOperands } from "../../../problem";
import type { PatternsOf } from "../../contract/errorPattern";
import { twoDecimals, wholeOfDigits } from "../../contract/parts";

/** The zeros between the digits of a whole quotient written behind them. */
function innerZerosAtEnd(answer: Answer, problem: Problem): Answer | undefined {
  if (twoDecimals(problem, "divide") === undefined || answer.kind !== "decimal" || answer.fraction !== "")
    return undefined;
  const digits = withoutEndZeros(answer.whole);
  const inner = digits.replaceAll(/[^0]/g, "");
  return inner === ""
    ? undefined
    : wholeOfDigits(digits.replaceAll("0", "") + inner + "0".repeat(zerosAtEnd(answer.whole)));
}

/** The zeros at the end of the divisor struck, and those of the dividend left. */
function divisorStruck(problem: Problem): Problem | undefined {
  const [dividend, divisor] = twoDecimals(problem, "divide") ?? [];
  if (dividend === undefined || divisor === undefined || divisor.fraction !== "") return undefined;
  const struck = withoutEndZeros(divisor.whole);
  return struck === divisor.whole || struck.length < 1 || struck === "1" || !dividend.whole.endsWith("0")
    ? undefined
    : withOperands(problem, [dividend, wholeOfDigits(struck)]);
}

/** A quotient that is to be rounded, broken off after its last place. */
function brokenOff(answer: Answer, problem: Problem): Answer | undefined {
  if (answer.kind !== "rounded" || problem.op !== "divide") return undefined;
  const { s, n, d } = exactAnswer(problem);
  const places = answer.numeral.fraction.length;
  if (s < 0n) return undefined;
  const cut: Decimal = fromCount((n * 10n ** BigInt(places)) / d, places);
  return { ...answer, numeral: cut };
}

/** Errors in the zeros of a division, and in where it ends. */
export const QUOTIENT_ZERO_PATTERNS: PatternsOf = [
  {
    id: "div-inner-zero-at-end",
    example: ["816 ÷ 4", "240"],
    frequency: 1,
    lookAlikes: [],
    writes: innerZerosAtEnd,
  },
  {
    id: "div-divisor-zeros-struck",
    example: ["4200 ÷ 70", "600"],
    frequency: 2,
    lookAlikes: [],
    reads: divisorStruck,
  },
  {
    id: "div-broken-off",
    example: ["2 ÷ 3 to hundredths", "0.66"],
    frequency: 2,
    lookAlikes: [],
    writes: brokenOff,
  },
];
