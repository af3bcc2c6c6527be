import Exact from "fraction.js";
import { inMajor, type Quantity, unitOf } from "../quantity";

/**
 * What a quantity is worth, exactly, by a library that knows nothing of columns: a number as itself, money
 * in its major unit, a measure in the smallest unit of its scale.
 */
export function fractionOf(quantity: Quantity): Exact {
  const known = KNOWN.get(quantity);
  if (known !== undefined) return known;
  const value = asExact(quantity);
  KNOWN.set(quantity, value);
  return value;
}

/** What quantities are worth, worked out once: explaining asks for the same ones with each misreading. */
const KNOWN = new WeakMap<Quantity, Exact>();

function asExact(quantity: Quantity): Exact {
  const signed = (size: Exact, negative: boolean): Exact => (negative ? size.neg() : size);
  switch (quantity.kind) {
    case "decimal": {
      const size = new Exact(
        BigInt(quantity.whole + quantity.fraction || "0"),
        10n ** BigInt(quantity.fraction.length),
      );
      return signed(size, quantity.negative);
    }
    case "fraction":
      return signed(new Exact(quantity.numerator, quantity.denominator), quantity.negative);
    case "mixed": {
      const part = new Exact(quantity.numerator, quantity.denominator);
      return signed(new Exact(quantity.whole).add(part), quantity.negative);
    }
    case "amount":
      return fractionOf(inMajor(quantity));
    case "measure": {
      const parts = quantity.parts.map(({ count, unit }) => fractionOf(count).mul(unitOf(unit).size));
      return signed(
        parts.reduce((sum, part) => sum.add(part), new Exact(0)),
        quantity.negative,
      );
    }
  }
}
