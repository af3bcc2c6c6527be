import fc from "fast-check";
import { type HouseRules, houseRulesFrom, SWITCH_NAMES, SWITCHES } from "../house";
import type { Decimal } from "../number";
import type { Problem } from "../problem";

/** Any numeral that can be read: ragged, with leading and trailing zeros, a bare or a final point. */
export const anyDecimal: fc.Arbitrary<Decimal> = fc
  .record({
    whole: digits(0, 15),
    fraction: digits(0, 15),
    point: fc.boolean(),
  })
  .map(({ whole, fraction, point }) => ({
    kind: "decimal" as const,
    negative: false,
    whole: whole === "" && fraction === "" ? "0" : whole,
    fraction,
    point: point || fraction !== "",
  }));

/** Digits in which zeros and nines are frequent, since these make carries and exchanges. */
function digits(least: number, most: number): fc.Arbitrary<string> {
  const digit = fc.oneof(fc.constantFrom("0", "9"), fc.constantFrom(..."0123456789"));
  return fc
    .oneof(
      { weight: 4, arbitrary: fc.integer({ min: least, max: 4 }) },
      fc.integer({ min: least, max: most }),
    )
    .chain((length) => fc.array(digit, { minLength: length, maxLength: length }))
    .map((found) => found.join(""));
}

/** Any problem a column method takes. */
export const anyProblem: fc.Arbitrary<Problem> = fc.oneof(
  fc.array(anyDecimal, { minLength: 2, maxLength: 10 }).map((operands) => ({ op: "add" as const, operands })),
  fc.tuple(anyDecimal, anyDecimal).map((operands) => ({ op: "subtract" as const, operands })),
);

/** Any house rules: every switch by itself. */
export const anyHouse: fc.Arbitrary<HouseRules> = fc
  .tuple(...SWITCH_NAMES.map((name) => fc.constantFrom(...SWITCHES[name])))
  .map((settings) => {
    const house = houseRulesFrom(
      Object.fromEntries(SWITCH_NAMES.map((name, index) => [name, settings[index] ?? ""])),
    );
    if (!house.ok) throw new Error("anyHouse: a setting of a switch is refused");
    return house.value;
  });
