import type { Decimal } from "../number";
import { type Quantity, unitOf } from "../quantity";

/** The numbers inside a quantity as they are written, one after the other, and the quantity with other ones in their places. */

/** What a number may become there: from a least, below a most where there is one; whether a zero may end it. */
export interface Slot {
  readonly text: string;
  readonly role: "whole" | "places" | "numerator" | "denominator";
  readonly below: bigint | undefined;
}

const decimalSlots = ({ whole, fraction }: Decimal, below?: bigint): readonly Slot[] => [
  { text: whole, role: "whole", below },
  ...(fraction === "" ? [] : [{ text: fraction, role: "places", below: undefined } as const]),
];

/** The numbers of a quantity, from the left; of a proper fraction the numerator stays below the denominator, of a unit the count below the next larger. */
export function slotsOf(quantity: Quantity): readonly Slot[] {
  switch (quantity.kind) {
    case "decimal":
      return decimalSlots(quantity);
    case "fraction":
    case "mixed": {
      const { numerator, denominator } = quantity;
      const proper = numerator < denominator ? denominator : undefined;
      return [
        ...(quantity.kind === "mixed"
          ? [{ text: String(quantity.whole), role: "whole", below: undefined } as const]
          : []),
        { text: String(numerator), role: "numerator", below: proper },
        { text: String(denominator), role: "denominator", below: undefined },
      ];
    }
    case "amount":
      return decimalSlots(quantity.numeral);
    case "measure":
      return quantity.parts.flatMap(({ unit, count }, nth) => {
        const larger = quantity.parts[nth - 1];
        const rate = larger && unitOf(larger.unit).size / unitOf(unit).size;
        const under = rate !== undefined && BigInt(count.whole || "0") < rate ? rate : undefined;
        return decimalSlots(count, under);
      });
  }
}

/** The quantity with other numbers in its places, as many as it has. */
export function withSlots(quantity: Quantity, texts: readonly string[]): Quantity {
  const rest = [...texts];
  const take = (): string => rest.shift() ?? "0";
  const decimal = (numeral: Decimal): Decimal => {
    const whole = take();
    return { ...numeral, whole, fraction: numeral.fraction === "" ? "" : take() };
  };
  switch (quantity.kind) {
    case "decimal":
      return decimal(quantity);
    case "fraction":
      return { ...quantity, numerator: BigInt(take()), denominator: BigInt(take()) };
    case "mixed":
      return { ...quantity, whole: BigInt(take()), numerator: BigInt(take()), denominator: BigInt(take()) };
    case "amount":
      return { ...quantity, numeral: decimal(quantity.numeral) };
    case "measure": {
      const [first, ...more] = quantity.parts;
      const parts = [first, ...more].map((part) => ({ ...part, count: decimal(part.count) }));
      const [one = first, ...others] = parts;
      return { ...quantity, parts: [one, ...others] };
    }
  }
}
