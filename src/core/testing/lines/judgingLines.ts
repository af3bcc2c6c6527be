import fc from "fast-check";
import { proper } from "./fractionLines";
import { decimal, int, type Lines, pick } from "./numberLines";

/** A decimal below ten of one to three places, often with a zero in front of its end. */
const end: Lines = fc
  .tuple(int(0, 2), pick("", "0", ""), int(1, 99))
  .map(([whole, zero, digits]) => `${whole}.${zero}${digits}`);
const listed = (numbers: Lines): Lines =>
  fc.uniqueArray(numbers, { minLength: 3, maxLength: 3 }).map((all) => `order ${all.join("; ")}`);
const compared = (numbers: Lines): Lines =>
  fc.tuple(numbers, numbers).map(([a, b]) => `compare ${a} and ${b}`);
const near: Lines = fc
  .tuple(int(0, 4), int(10, 99), pick("", "1", "2", "9", "7"))
  .map(([a, b, c]) => `${a}.${b}${c}`);
const places = pick("tenths", "hundredths", "ones", "tens", "hundreds");

export const judging: Lines = fc.oneof(
  {
    weight: 3,
    arbitrary: fc
      .tuple(int(0, 9), int(1, 999), int(1, 99), int(1, 3), int(1, 2))
      .map(
        ([whole, a, b, long, short]) =>
          `compare ${whole}.${String(a).padStart(3, "0").slice(-long)} and ${whole}.${String(b).padStart(2, "0").slice(-short)}`,
      ),
  },
  { weight: 2, arbitrary: compared(end) },
  {
    weight: 2,
    arbitrary: fc
      .tuple(near, pick("1", "3", "8"))
      .map(([numeral, last]) => `compare ${numeral}${last} and ${numeral}`),
  },
  { weight: 1, arbitrary: compared(decimal) },
  { weight: 2, arbitrary: listed(end) },
  {
    weight: 2,
    arbitrary: fc.tuple(int(-20, 20), int(-20, -1)).map(([a, b]) => `compare ${a} and ${b}`),
  },
  {
    weight: 1,
    arbitrary: fc
      .uniqueArray(int(-12, 9), { minLength: 3, maxLength: 3 })
      .map((all) => `order ${all.join("; ")}`),
  },
  { weight: 4, arbitrary: compared(proper) },
  { weight: 2, arbitrary: listed(proper) },
  {
    weight: 2,
    arbitrary: fc
      .tuple(int(0, 9), int(100, 9999), int(1, 2))
      .map(([whole, ends, places]) => `round ${whole}.${ends} to ${places} place${places > 1 ? "s" : ""}`),
  },
  {
    weight: 2,
    arbitrary: fc
      .tuple(int(0, 9), int(1, 3), int(45, 49))
      .map(([whole, first, last]) => `round ${whole}.${first}4${last} to 1 place`),
  },
  {
    weight: 5,
    arbitrary: fc
      .tuple(int(100, 9999), int(10, 999), places)
      .map(([whole, ends, place]) => `round ${whole}.${ends} to ${place}`),
  },
  {
    weight: 2,
    arbitrary: fc
      .tuple(int(1, 99), int(95, 99), int(1, 9))
      .map(([whole, ends, last]) => `round ${whole}.${ends}${last} to tenths`),
  },
  {
    weight: 2,
    arbitrary: fc
      .tuple(int(1, 99), int(95, 99), pick("tens", "hundreds"))
      .map(([front, ends, place]) => `round ${front}${ends} to ${place}`),
  },
);
