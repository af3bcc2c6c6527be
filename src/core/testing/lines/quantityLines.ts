import fc from "fast-check";
import { int, type Lines, pick, text } from "./numberLines";

const signed = (most: number): Lines =>
  fc.tuple(int(1, most), fc.boolean()).map(([size, below]) => (below ? `−${size}` : String(size)));
const after: Lines = fc
  .tuple(int(1, 20), fc.boolean())
  .map(([size, below]) => (below ? `(−${size})` : String(size)));
export const integers: Lines = fc.oneof(
  {
    weight: 5,
    arbitrary: fc.tuple(signed(20), pick("+", "−"), after).map(([a, sign, b]) => `${a} ${sign} ${b}`),
  },
  { weight: 2, arbitrary: fc.tuple(signed(12), after).map(([a, b]) => `${a} × ${b}`) },
  {
    weight: 1,
    arbitrary: fc
      .tuple(int(1, 12), int(1, 12), fc.boolean(), fc.boolean())
      .map(([a, b, first, second]) => `${first ? "−" : ""}${a * b} ÷ ${second ? `(−${b})` : b}`),
  },
  {
    weight: 2,
    arbitrary: fc
      .tuple(int(1, 30), int(1, 20), pick("+", "−"), int(1, 20))
      .map(([a, b, sign, c]) => `${a} − ${b} ${sign} ${c}`),
  },
);

const price: Lines = fc
  .tuple(int(1, 19), fc.oneof(int(1, 99), int(1, 9)))
  .map(([whole, cents]) => `$${whole}.${String(cents).padStart(2, "0")}`);
export const money: Lines = fc.oneof(
  fc
    .tuple(
      price,
      fc.oneof(
        price,
        text(1, 99).map((cents) => `${cents}c`),
        text(1, 9).map((cents) => `${cents}c`),
        fc.tuple(int(1, 9), int(1, 9)).map(([a, b]) => `$${a}.${b}`),
      ),
    )
    .map(([a, b]) => `${a} + ${b}`),
  fc
    .tuple(pick("$5", "$10", "$15", "$20", "$50", "$100", "$200"), price)
    .map(([paid, cost]) => `${paid} − ${cost}`),
  fc.tuple(int(2, 9), price).map(([times, cost]) => `${times} × ${cost}`),
  fc
    .tuple(pick("$10", "$20", "$50"), int(2, 5), fc.tuple(int(1, 3), int(1, 99)))
    .map(
      ([paid, times, [whole, cents]]) => `${paid} − ${times} × $${whole}.${String(cents).padStart(2, "0")}`,
    ),
);

/** A large unit, a small one, how many of it there are at most, and how many make one of the large. */
const UNIT_PAIRS = [
  ["lb", "oz", 16],
  ["ft", "in", 12],
  ["yd", "ft", 3],
  ["h", "min", 60],
  ["L", "mL", 1000],
  ["kg", "g", 1000],
  ["m", "cm", 100],
  ["cm", "mm", 10],
] as const;
export const units: Lines = fc.constantFrom(...UNIT_PAIRS).chain(([large, small, rate]) => {
  const few = rate > 60 ? fc.oneof(int(1, rate - 1), int(1, 99), int(1, 9)) : int(1, rate - 1);
  const measure = fc.tuple(int(1, 9), few).map(([a, b]) => [a, b] as const);
  const written = ([a, b]: readonly [number, number]): string => `${a} ${large} ${b} ${small}`;
  const size = ([a, b]: readonly [number, number]): number => a * rate + b;
  return fc.oneof(
    fc.tuple(measure, measure).map(([a, b]) => `${written(a)} + ${written(b)}`),
    fc
      .tuple(measure, measure)
      .map(([a, b]) =>
        size(a) >= size(b) ? `${written(a)} − ${written(b)}` : `${written(b)} − ${written(a)}`,
      ),
    fc.tuple(int(2, 9), measure).map(([times, a]) => `${times} × ${written(a)}`),
    fc.tuple(int(2, 6), measure).map(([by, a]) => {
      const total = size(a) * by;
      return `${Math.floor(total / rate)} ${large} ${total % rate} ${small} ÷ ${by}`;
    }),
    int(1, 19).map((halves) => `${halves / 2} ${large} in ${small}`),
    int(1, 39).map((quarters) => `${quarters / 4} ${large} in ${large} and ${small}`),
    int(1, 9).map((count) => `${count} ${large} in ${small}`),
    int(1, 12).map((halves) => `${(halves * rate) / 2} ${small} in ${large}`),
    int(rate + 1, 6 * rate).map((count) => `${count} ${small} in ${large} and ${small}`),
    measure.map(([a, b]) => `${a} ${large} ${b} ${small} in ${small}`),
  );
});

/** Several operations in one line, whose results stay whole. */
export const chains: Lines = fc.oneof(
  fc.tuple(int(2, 9), int(2, 5), int(2, 5)).map(([a, b, c]) => `${a * b * c} ÷ ${b} ÷ ${c}`),
  fc
    .tuple(int(2, 30), pick("+", "−"), int(2, 9), int(2, 9))
    .map(([a, sign, b, c]) => `${sign === "−" ? a + b * c : a} ${sign} ${b} × ${c}`),
  fc
    .tuple(int(2, 12), int(1, 12), int(2, 9), pick("+", "−"))
    .map(([a, b, c, sign]) => `(${sign === "−" ? a + b : a} ${sign} ${b}) × ${c}`),
  fc.tuple(int(2, 9), int(2, 9), int(2, 9)).map(([a, b, c]) => `${a} × (${b} + ${c})`),
  fc
    .tuple(int(2, 9), int(2, 6), int(2, 6), int(1, 20))
    .map(([a, b, c, d]) => `${a * b * c} ÷ ${b} × ${c} + ${d}`),
  fc
    .tuple(int(1, 30), int(1, 9), int(2, 9), int(2, 9))
    .map(([a, b, c, d]) => `${a + b + c * d} − ${b} + ${c} × ${d}`),
  fc
    .tuple(int(2, 9), int(2, 9), int(1, 20), int(2, 6))
    .map(([a, b, c, d]) => `${c} + ${a * d} ÷ ${d} × ${b}`),
);
