import Exact from "fraction.js";
import type { ReadingNotation } from "../problem";
import { fractionOf, readOneQuantity } from "../problem";
import { rateBetween, type UnitId, unitOf } from "../quantity";
import type { Instrument } from "./instruments";

/**
 * Where an instrument stands: a whole number of the finest steps that are read on it, halves of marks on a jug.
 */
export type InstrumentPosition = number;

/** The lowest and the highest position of an instrument. */
export const rangeOf = ({
  from,
  to,
  between,
}: Instrument): readonly [InstrumentPosition, InstrumentPosition] => [from * between, to * between];

/** The position nearest to a share of the way from the lowest to the highest, 0 to 1. */
export function positionAt(instrument: Instrument, share: number): InstrumentPosition {
  const [least, most] = rangeOf(instrument);
  return Math.round(least + Math.min(1, Math.max(0, share)) * (most - least));
}

/** How far along an instrument a position lies, 0 to 1: where it is drawn. */
export function shareOfInstrument(instrument: Instrument, position: InstrumentPosition): number {
  const [least, most] = rangeOf(instrument);
  return (position - least) / (most - least);
}

/** What an instrument shows at a position, in the smallest unit of its scale. */
export const valueAt = ({ worth: [over, under], between }: Instrument, position: InstrumentPosition): Exact =>
  new Exact(BigInt(position) * BigInt(over), BigInt(under) * BigInt(between));

/** The position at which an instrument shows an amount in the smallest unit of its scale, to the nearest step it is read to; none beyond its ends. */
export function positionOf(instrument: Instrument, amount: number): InstrumentPosition | undefined {
  const [over, under] = instrument.worth;
  const position = Math.round((amount * under * instrument.between) / over);
  const [least, most] = rangeOf(instrument);
  return position < least || position > most ? undefined : position;
}

/** The number that stands at a mark, if it is numbered: in the unit of the instrument's numbers, with a minus as it is written. */
export function labelAt(instrument: Instrument, mark: number): string | undefined {
  if (mark % instrument.numbered !== 0) return undefined;
  const size = instrument.labelled === undefined ? 1n : unitOf(instrument.labelled).size;
  return valueAt(instrument, mark * instrument.between)
    .div(size)
    .toString();
}

/** A reading as it is typed, with a point and the names of units: `1 kg 240 g`, `5 3/16 in`, `-4`. */
export function typedReading(instrument: Instrument, position: InstrumentPosition): string {
  const value = valueAt(instrument, position);
  const { read } = instrument;
  const smallest = read.at(-1);
  if (smallest === undefined) return value.toString();
  const parts: string[] = [];
  let left = value;
  for (const unit of read) {
    const { size } = unitOf(unit);
    const count = unit === smallest ? left.div(size) : left.div(size).floor();
    left = left.sub(count.mul(size));
    if (!count.equals(0)) parts.push(`${typedNumber(count)} ${typedUnit(unit)}`);
  }
  return parts.length === 0 ? `0 ${typedUnit(smallest)}` : parts.join(" ");
}

/** A number as it is typed: whole, decimal, or in parts where no decimal ends. */
const typedNumber = (count: Exact): string =>
  count.d === 1n || ([2n, 10n, 5n].includes(count.d) && count.d !== 2n)
    ? count.toString()
    : count.toFraction(true);

const typedUnit = (unit: UnitId): string => unitOf(unit).symbol;

/** What is wrong with a reading, by how it may have come about; none of them where that is not known. */
export type ReadingError = "unitMixed" | "wrongMark" | "wrongEnd" | "oneOff";

type ReadingMark =
  | { readonly kind: "right" }
  | { readonly kind: "wrong"; readonly error: ReadingError | undefined }
  | { readonly kind: "unread" };

/** What marks may be taken for that are worth something else, in the smallest unit. */
const TAKEN_FOR = [1, 2, 5, 10, 20, 25, 50, 100] as const;
const DECIMALLY = [10, 100] as const;

const LONGEST_READING = 60;

const withoutUnit = (text: string): string => text.replace(/[\sa-z."″]{1,12}$/i, "");

/** A reading as a number of a problem on the Board: in parts of a unit it goes there without its unit. */
export function readingForBoard(instrument: Instrument, position: InstrumentPosition): string {
  const typed = typedReading(instrument, position);
  return typed.includes("/") ? withoutUnit(typed) : typed;
}

/** Marks a reading that was typed or said, to the finest step; a number alone is taken in the instrument's units. */
export function readingMarked(
  instrument: Instrument,
  position: InstrumentPosition,
  typed: string,
  notation: ReadingNotation,
): ReadingMark {
  const right = valueAt(instrument, position);
  const text = typed
    .trim()
    .slice(0, LONGEST_READING)
    .replace(/°\s?[CF]?$|\s?degrees$/i, "");
  // Parts of a unit are read as a number of it, since measures are whole or decimal: 5 3/16 in.
  const [only, more] = instrument.read;
  const inParts = only !== undefined && more === undefined && text.includes("/");
  const read = readOneQuantity(inParts ? withoutUnit(text) : text, notation);
  if (!read.ok || read.value.kind === "amount") return { kind: "unread" };
  const number = fractionOf(read.value);
  const isBare = read.value.kind !== "measure";
  const units = isBare ? instrument.read : [];
  const values = isBare && units.length > 0 ? units.map((unit) => number.mul(unitOf(unit).size)) : [number];
  const said = values.find((value) => value.equals(right)) ?? values.at(-1) ?? number;
  if (said.equals(right)) return { kind: "right" };
  return { kind: "wrong", error: errorOf(instrument, position, said) };
}

/** How a wrong reading may have come about. */
function errorOf(
  instrument: Instrument,
  position: InstrumentPosition,
  said: Exact,
): ReadingError | undefined {
  const right = valueAt(instrument, position);
  const { numbered, between, read } = instrument;
  const step = numbered * between;
  const before = Math.floor(position / step) * step;
  const [last, next] = [valueAt(instrument, before), valueAt(instrument, before + step)];
  const marks = new Exact(position - before, between);
  const mixed = read.flatMap((large, at) =>
    read.slice(at + 1).flatMap((small) => {
      const rate = rateBetween(large, small);
      if (rate === undefined) return [];
      const { size } = unitOf(large);
      const whole = right.div(size).floor();
      const rest = right.sub(whole.mul(size)).div(unitOf(small).size);
      // The one unit written for the other, and the smaller one behind a point as if ten or a hundred made the larger.
      return [
        right.mul(rate),
        right.div(rate),
        ...DECIMALLY.filter((ten) => BigInt(ten) !== rate).map((ten) => whole.add(rest.div(ten)).mul(size)),
      ];
    }),
  );
  if (mixed.some((value) => value.equals(said))) return "unitMixed";
  const [over, under] = instrument.worth;
  const counted = TAKEN_FOR.filter((one) => one * under !== over).flatMap((one) => [
    last.add(marks.mul(one)),
    last.add(marks.mul(one).div(10)),
  ]);
  if (!marks.equals(0) && counted.some((value) => value.equals(said))) return "wrongMark";
  const mirrored = [next.add(next.sub(right)), last.add(next.sub(right)), last.sub(right.sub(last))];
  if (mirrored.some((value) => value.equals(said))) return "wrongEnd";
  const off = said.sub(right).abs();
  return off.compare(valueAt(instrument, between).abs()) <= 0 ? "oneOff" : undefined;
}
