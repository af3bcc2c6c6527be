import {
  type Decimal,
  fromCount,
  type Notation,
  type Numeral,
  number,
  numeralParts,
  type Part,
  partsText,
  words,
  writeDecimal,
} from "../number";
import type { OneOrMore } from "../tuples";
import { type CurrencyId, currencyOf, MINOR_PLACES } from "./currencies";
import { type UnitId, unitOf } from "./units";

/** An amount of money as it was typed: of the major unit (`$4.07`), or of the minor (`7p`). */
export interface Amount {
  readonly kind: "amount";
  readonly currency: CurrencyId;
  readonly numeral: Decimal;
  readonly of: "major" | "minor";
}

/** One part of a measure: so many of a unit. */
export interface MeasurePart {
  readonly count: Decimal;
  readonly unit: UnitId;
}

/** A compound measure, its largest unit first: 8 lb 3 oz. All its units are of one scale. */
export interface Measure {
  readonly kind: "measure";
  readonly negative: boolean;
  readonly parts: OneOrMore<MeasurePart>;
}

/** Anything that a problem is about. */
export type Quantity = Numeral | Amount | Measure;

/** An amount in its major unit, with the places that the minor one needs: 7p is 0.07, £3 is 3.00. */
export function inMajor({ numeral, of }: Amount): Decimal {
  if (of === "minor") {
    const count = BigInt(numeral.whole + numeral.fraction || "0");
    return fromCount(numeral.negative ? -count : count, MINOR_PLACES + numeral.fraction.length);
  }
  return {
    kind: "decimal",
    negative: numeral.negative,
    whole: numeral.whole || "0",
    fraction: numeral.fraction.padEnd(MINOR_PLACES, "0"),
    point: true,
  };
}

/** An amount of the major unit. */
export const amountOf = (currency: CurrencyId, numeral: Decimal): Amount => ({
  kind: "amount",
  currency,
  numeral,
  of: "major",
});

/** Any quantity as it was typed: `−£3` with its minus first, a measure unit by unit. */
export function quantityParts(quantity: Quantity, notation: Notation): readonly Part[] {
  switch (quantity.kind) {
    case "decimal":
    case "fraction":
    case "mixed":
      return numeralParts(quantity, notation);
    case "amount":
      return amountParts(quantity, notation);
    case "measure":
      return measureParts(quantity, notation);
  }
}

function amountParts({ currency, numeral, of }: Amount, notation: Notation): readonly Part[] {
  const { sign: major, minorSign } = currencyOf(currency);
  const size = number(writeDecimal({ ...numeral, negative: false }, notation));
  return [
    ...(numeral.negative ? [number("−")] : []),
    ...(of === "major" ? [words(major), size] : [size, words(minorSign)]),
  ];
}

const measureParts = ({ negative, parts }: Measure, notation: Notation): readonly Part[] => [
  ...(negative ? [number("−")] : []),
  ...parts.flatMap(({ count, unit }, index): readonly Part[] => {
    const { symbol } = unitOf(unit);
    return [
      ...(index > 0 ? [words(" ")] : []),
      number(writeDecimal(count, notation)),
      words(`${/[°′]/.test(symbol) ? "" : " "}${symbol}`),
    ];
  }),
];

/** Any quantity in one line: `$4.07`, `7p`, `8 lb 3 oz`, `34° 50′`. */
export const writeQuantity = (quantity: Quantity, notation: Notation): string =>
  partsText(quantityParts(quantity, notation));

/** An amount in one line. */
export const writeAmount = (amount: Amount, notation: Notation): string => writeQuantity(amount, notation);

/** A measure in one line. */
export const writeMeasure = (measure: Measure, notation: Notation): string =>
  writeQuantity(measure, notation);

/** A coin or note as it is called: `25c`, `$5`. */
export const pieceName = (value: number, currency: CurrencyId): string => {
  const { sign, minorSign } = currencyOf(currency);
  return value % 100 === 0 ? `${sign}${value / 100}` : `${value}${minorSign}`;
};

/** Coins and notes in a line, several of a kind together: `2×25c + $5`. */
export function writePieces(pieces: readonly number[], currency: CurrencyId): string {
  const kinds = [...new Set(pieces)];
  return kinds
    .map((kind) => {
      const count = pieces.filter((piece) => piece === kind).length;
      return `${count > 1 ? `${count}×` : ""}${pieceName(kind, currency)}`;
    })
    .join(" + ");
}
