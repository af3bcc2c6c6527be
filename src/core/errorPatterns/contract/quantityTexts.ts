import { asFraction } from "../../number";
import type { Quantity } from "../../quantity";
import { mapOneOrMore } from "../../tuples";

/** A list with another item at an index. */
export const replaced = <Item>(items: readonly Item[], at: number, item: Item): readonly Item[] =>
  items.map((one, index) => (index === at ? item : one));

/** The numbers that a quantity is written with, as texts of digits. */
export function textsOf(quantity: Quantity): readonly string[] {
  switch (quantity.kind) {
    case "decimal":
      return [quantity.whole, quantity.fraction];
    case "fraction":
      return [String(quantity.numerator), String(quantity.denominator)];
    case "mixed":
      return [String(quantity.whole), String(quantity.numerator), String(quantity.denominator)];
    case "amount":
      return [quantity.numeral.whole, quantity.numeral.fraction];
    case "measure":
      return quantity.parts.flatMap(({ count }) => [count.whole, count.fraction]);
  }
}

/** Whether the texts of a quantity are wholes and what follows the point by turns, and this is the latter. */
export const isAfterPoint = ({ kind }: Quantity, part: number): boolean =>
  kind !== "fraction" && kind !== "mixed" && part % 2 === 1;

/** A quantity made of other texts; none where they make none. */
export function fromTexts(quantity: Quantity, texts: readonly string[]): Quantity | undefined {
  const [first = "", second = "", third = ""] = texts;
  switch (quantity.kind) {
    case "decimal":
      return { ...quantity, whole: first, fraction: second };
    case "fraction":
      return BigInt(second) === 0n
        ? undefined
        : { ...quantity, numerator: BigInt(first), denominator: BigInt(second) };
    case "mixed":
      return BigInt(third) === 0n
        ? undefined
        : { ...quantity, whole: BigInt(first), numerator: BigInt(second), denominator: BigInt(third) };
    case "amount":
      return { ...quantity, numeral: { ...quantity.numeral, whole: first, fraction: second } };
    case "measure":
      return {
        ...quantity,
        parts: mapOneOrMore(quantity.parts, (part, index) => ({
          ...part,
          count: {
            ...part.count,
            whole: texts[index * 2] ?? part.count.whole,
            fraction: texts[index * 2 + 1] ?? part.count.fraction,
          },
        })),
      };
  }
}

/** Whether a quantity is nothing at all. */
export const isZeroQuantity = (quantity: Quantity): boolean => {
  switch (quantity.kind) {
    case "decimal":
    case "fraction":
    case "mixed":
      return asFraction(quantity).numerator === 0n;
    case "amount":
      return asFraction(quantity.numeral).numerator === 0n;
    case "measure":
      return quantity.parts.every(({ count }) => asFraction(count).numerator === 0n);
  }
};
