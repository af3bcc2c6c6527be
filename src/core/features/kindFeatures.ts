import type { CountedWorking } from "../methods";
import { commonFactor } from "../number";
import { isAmount, isMeasure, operandsOf } from "../problem";

/** Traits of the kinds of problems that are no plain decimals, each counted off the working of its own methods. */

type Reasons = readonly CountedWorking["steps"][number]["reason"][];

/** How two or more denominators go together. */
type Denominators = "equal" | "multiple" | "sharing" | "coprime";

export interface FractionFeatures {
  readonly mixedNumbers: number;
  /** None where there is only one fraction. */
  readonly denominators: Denominators | undefined;
  /** How often numbers were made smaller by a factor they share, before or after. */
  readonly simplified: number;
  /** Whether the result counted more than a whole. */
  readonly improper: boolean;
  /** Wholes that were broken into parts, or made of them. */
  readonly wholesRegrouped: number;
}

export interface SignFeatures {
  /** The signs of the numbers and of what is done with them, in their order: "−3 + 5" is `-+`. */
  readonly pattern: string;
  /** How often the work went from one side of zero to the other. */
  readonly crossings: number;
  readonly belowZero: boolean;
}

export interface MoneyFeatures {
  /** Amounts with parts of the main unit. */
  readonly withSmallCoins: number;
  /** Whether what is handed over is the very price; none where nothing is. */
  readonly exact: boolean | undefined;
  /** Coins and notes the till has run out of. */
  readonly missing: number;
  /** Hops from the price up to what was paid, and the coins and notes that make them. */
  readonly hops: number;
  readonly pieces: number;
}

export interface MeasureFeatures {
  readonly units: number;
  /** Times that a unit was made of smaller ones, and was changed into them. */
  readonly regroupedUp: number;
  readonly regroupedDown: number;
  /** Whether a unit between two others has none, or a change went past one. */
  readonly emptyUnit: boolean;
  readonly leftOver: boolean;
}

export interface ChainFeatures {
  readonly operations: number;
  readonly brackets: number;
  /** Operations that come before another one that stands left of them. */
  readonly outOfOrder: number;
}

export interface ComparingFeatures {
  /** Places that are the same before the one that decides. */
  readonly equalPlaces: number;
  /** Whether one number is longer after its point than another. */
  readonly differentLengths: boolean;
  /** Whether a zero stands inside a number or at its end. */
  readonly zeros: boolean;
}

/** How denominators go together, each with the largest of them. */
function denominatorsOf(all: readonly bigint[]): Denominators | undefined {
  const largest = all.reduce((most, one) => (one > most ? one : most), 0n);
  if (all.length < 2) return undefined;
  if (all.every((one) => one === largest)) return "equal";
  if (all.every((one) => largest % one === 0n)) return "multiple";
  return all.some((one, nth) =>
    all.slice(nth + 1).some((other) => one !== other && commonFactor(one, other) > 1n),
  )
    ? "sharing"
    : "coprime";
}

export function fractionFeatures({ problem }: CountedWorking, reasons: Reasons): FractionFeatures {
  const parts = operandsOf(problem).filter((one) => one.kind === "fraction" || one.kind === "mixed");
  return {
    mixedNumbers: parts.filter(({ kind }) => kind === "mixed").length,
    denominators: denominatorsOf(parts.map(({ denominator }) => denominator)),
    simplified: reasons.filter(({ kind }) => kind === "reduce" || kind === "cancel").length,
    improper: reasons.some(({ kind }) => kind === "countOut"),
    wholesRegrouped: reasons.filter(({ kind }) => kind === "regroupWhole").length,
  };
}

export function signFeatures({ problem, answer }: CountedWorking, reasons: Reasons): SignFeatures {
  const signs = operandsOf(problem).map((one) => ("negative" in one && one.negative ? "-" : "+"));
  const joins = problem.op === "terms" ? problem.more.map(({ join }) => (join === "add" ? "+" : "-")) : [];
  const crossings = reasons.filter((reason) => {
    switch (reason.kind) {
      case "jumpAlong":
        return reason.from * reason.to < 0;
      case "differentSigns":
      case "resultSoFar":
        return reason.left.negative !== reason.result.negative;
      default:
        return false;
    }
  });
  return {
    pattern: signs.map((sign, nth) => (nth === 0 ? sign : `${joins[nth - 1] ?? ""}${sign}`)).join(" "),
    crossings: crossings.length,
    belowZero: "negative" in answer && answer.negative,
  };
}

export function moneyFeatures({ problem }: CountedWorking, reasons: Reasons): MoneyFeatures {
  const total = reasons.find((reason) => reason.kind === "changeTotal");
  const handed = reasons.find((reason) => reason.kind === "handNotes");
  return {
    withSmallCoins: operandsOf(problem)
      .filter(isAmount)
      .filter(({ numeral }) => /[1-9]/.test(numeral.fraction)).length,
    exact: handed?.exact,
    missing: problem.kind === "money" ? problem.without.length : 0,
    hops: total?.hops.length ?? 0,
    pieces: (total?.pieces ?? handed?.pieces ?? []).length,
  };
}

export function measureFeatures({ problem, answer }: CountedWorking, reasons: Reasons): MeasureFeatures {
  const measures = operandsOf(problem).filter(isMeasure);
  const heads = reasons.find((reason) => reason.kind === "unitHeads")?.units;
  const exchanges = reasons.filter((reason) => reason.kind === "unitExchange");
  const up = reasons.filter(
    (reason) =>
      ("carriedOut" in reason && reason.carriedOut > 0 && "rate" in reason) ||
      reason.kind === "regroupUnit" ||
      reason.kind === "intoLarger",
  );
  const down = reasons.filter(({ kind }) => kind === "restToSmaller" || kind === "intoSmaller");
  const units = Math.max(heads?.length ?? 0, ...measures.map(({ parts }) => parts.length));
  return {
    units,
    regroupedUp: up.length,
    regroupedDown: down.length + exchanges.length,
    emptyUnit:
      exchanges.some(({ changes }) => changes.length > 2) ||
      measures.some(({ parts }) => parts.some(({ count }) => !/[1-9]/.test(count.whole + count.fraction))),
    leftOver: answer.kind === "measureLeft" || answer.kind === "timesLeft",
  };
}

export function chainFeatures(reasons: Reasons): ChainFeatures {
  const turns = reasons.filter((reason) => reason.kind === "nextInChain");
  return {
    operations: turns.length,
    brackets: turns.filter(({ because }) => because === "brackets").length,
    outOfOrder: turns.filter(({ because }) => because === "brackets" || because === "timesFirst").length,
  };
}

export function comparingFeatures({ problem }: CountedWorking, reasons: Reasons): ComparingFeatures {
  const decimals = operandsOf(problem).filter((one) => one.kind === "decimal");
  return {
    equalPlaces: reasons.filter((reason) => reason.kind === "comparePlace" && !reason.decides).length,
    differentLengths: new Set(decimals.map(({ fraction }) => fraction.length)).size > 1,
    zeros: decimals.some(({ whole, fraction }) => /.0/.test(whole) || fraction.includes("0")),
  };
}
