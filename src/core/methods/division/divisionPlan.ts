import type { HouseRules } from "../../house";
import { countedIn, type Decimal, digitsOf, movedBy, ONES, type Place } from "../../number";
import type { Asks, DecimalProblem } from "../../problem";
import type { WorkRules } from "../contract/workContext";
import { type Expansion, expansionOf, type Stop } from "../procedures/quotientDigits";

/** How a division ends, where its quotient does not come out even. */
type Ending =
  | { readonly kind: "exact" }
  | { readonly kind: "remainder" }
  | { readonly kind: "mixed" }
  | { readonly kind: "rounded"; readonly place: Place }
  /** It was to be exact, but goes on for too long to be written. */
  | { readonly kind: "tooLong"; readonly place: Place; readonly expansion: Expansion };

/** A division ready to be worked: the divisor made whole, and how it will end. */
export interface DivisionPlan {
  readonly dividend: Decimal;
  readonly divisor: Decimal;
  /** How many places both were moved to make the divisor whole. */
  readonly power: number;
  /** Both after that; the divisor whole. */
  readonly newDividend: Decimal;
  readonly newDivisor: bigint;
  readonly ending: Ending;
  readonly stop: Stop;
}

/** The decisions before the first digit: by how many places each number is moved. */
export interface ScalingDecisions {
  movesDivisor(divisor: Decimal): number;
  movesDividend(divisor: Decimal, dividend: Decimal): number;
}

export const SOUND_SCALING: ScalingDecisions = {
  movesDivisor: (divisor) => divisor.fraction.length,
  movesDividend: (divisor) => divisor.fraction.length,
};

/** The most decimals of a quotient that are written out, its repetend included. */
const MOST_DECIMALS = 40;
/** The longest repetend that is followed to tell how long it is. */
const LONGEST_REPETEND = 10_000;

/** Plans a division: the wanted form decides how it ends, else the house. */
export function planDivision(
  { operands, form }: Asks<DecimalProblem, "divide">,
  { house, decisions }: WorkRules<ScalingDecisions>,
): DivisionPlan {
  const [dividend, divisor] = operands;
  const power = decisions.movesDivisor(divisor);
  const newDividend = movedBy(dividend, decisions.movesDividend(divisor, dividend));
  const newDivisor = BigInt(digitsOf(movedBy(divisor, power)));
  const places = newDividend.fraction.length;
  const count = countedIn(newDividend, places);
  const expansion = (): Expansion => expansionOf(count, places, newDivisor, LONGEST_REPETEND);

  const exactEnding = (): Ending => {
    const found = expansion();
    const fits = found.repetend !== undefined && found.fixed + found.repetend <= MOST_DECIMALS;
    const leading = digitsOf(newDividend).length - places - newDivisor.toString().length;
    return fits ? { kind: "exact" } : { kind: "tooLong", place: Math.min(-6, leading - 6), expansion: found };
  };
  const ending = endingOf(form, operands, house, expansion, exactEnding);
  return { dividend, divisor, power, newDividend, newDivisor, ending, stop: stopOf(ending) };
}

function endingOf(
  form: DecimalProblem["form"],
  operands: readonly Decimal[],
  house: HouseRules,
  expansion: () => Expansion,
  exactEnding: () => Ending,
): Ending {
  switch (form.kind) {
    case "toPlace":
      return { kind: "rounded", place: form.place };
    case "withRemainder":
      return { kind: "remainder" };
    case "asMixed":
      return { kind: "mixed" };
    case "exactly":
      return exactEnding();
    case "asItComes":
      return houseEnding(operands, house, expansion, exactEnding);
  }
}

/** Remainders and mixed numbers are for whole numbers; among decimals a house that ends so goes on to the exact quotient. */
function houseEnding(
  operands: readonly Decimal[],
  { divisionEnding }: HouseRules,
  expansion: () => Expansion,
  exactEnding: () => Ending,
): Ending {
  const decimals = operands.some(({ fraction }) => fraction !== "");
  switch (divisionEnding) {
    case "exact":
      return exactEnding();
    case "remainder":
    case "mixed":
      return decimals ? exactEnding() : { kind: divisionEnding };
    case "twoPlaces": {
      const { fixed, repetend } = expansion();
      return repetend === 0 && fixed <= 2 ? { kind: "exact" } : { kind: "rounded", place: -2 };
    }
  }
}

/** A rounded quotient is worked one place further than it is wanted. */
function stopOf(ending: Ending): Stop {
  switch (ending.kind) {
    case "exact":
      return { kind: "end" };
    case "remainder":
    case "mixed":
      return { kind: "place", place: ONES };
    case "rounded":
    case "tooLong":
      return { kind: "place", place: Math.min(ONES, ending.place - 1) };
  }
}
