import fc from "fast-check";
import { int, type Lines, pick, text } from "./numberLines";

const under = pick("2", "3", "4", "5", "6", "7", "8", "9", "10", "12");
export const proper: Lines = fc
  .tuple(int(1, 11), under)
  .map(([over, below]) => `${1 + ((over - 1) % (Number(below) - 1 || 1))}/${below}`);
const mixed: Lines = fc.tuple(int(1, 9), proper).map(([whole, part]) => `${whole} ${part}`);
const one: Lines = fc.oneof({ weight: 2, arbitrary: proper }, { weight: 2, arbitrary: mixed });
const ordered = (terms: fc.Arbitrary<readonly [string, string]>): Lines =>
  terms.map(([a, b]) => (value(a) >= value(b) ? `${a} − ${b}` : `${b} − ${a}`));
const value = (numeral: string): number => {
  const [, whole = "0", over = "0", below = "1"] = /^(?:(\d+)(?: |$))?(?:(\d+)\/(\d+))?$/.exec(numeral) ?? [];
  return Number(whole) + Number(over) / Number(below);
};

export const fractions: Lines = fc.oneof(
  { weight: 3, arbitrary: fc.tuple(one, one).map(([a, b]) => `${a} + ${b}`) },
  { weight: 3, arbitrary: ordered(fc.tuple(one, one)) },
  { weight: 2, arbitrary: ordered(fc.tuple(mixed, mixed)) },
  { weight: 1, arbitrary: ordered(fc.tuple(text(3, 12), fc.oneof(mixed, proper))) },
  { weight: 3, arbitrary: fc.tuple(one, one).map(([a, b]) => `${a} × ${b}`) },
  { weight: 2, arbitrary: fc.tuple(text(2, 9), one).map(([a, b]) => `${a} × ${b}`) },
  { weight: 3, arbitrary: fc.tuple(one, fc.oneof(one, text(2, 6))).map(([a, b]) => `${a} ÷ ${b}`) },
  {
    weight: 1,
    arbitrary: fc
      .tuple(under, int(2, 9), int(1, 4))
      .map(([below, over, by]) => `${over * by}/${below} ÷ ${by}/${below}`),
  },
  {
    weight: 1,
    arbitrary: fc
      .tuple(proper, int(2, 5))
      .map(([part, by]) => `${part} = ?/${Number(part.split("/")[1]) * by}`),
  },
  {
    weight: 1,
    arbitrary: fc
      .tuple(proper, int(2, 5))
      .map(([part, by]) => `${part} = ${Number(part.split("/")[0]) * by}/?`),
  },
  {
    weight: 2,
    arbitrary: fc
      .tuple(int(2, 60), int(2, 60), int(2, 6))
      .map(([a, b, by]) => `simplify ${Math.min(a, b) * by}/${Math.max(a, b) * by + (a === b ? by : 0)}`),
  },
  { weight: 2, arbitrary: mixed.map((number) => `${number} as an improper fraction`) },
  {
    weight: 2,
    arbitrary: fc
      .tuple(int(2, 9), int(2, 9), int(1, 8))
      .map(([below, whole, rest]) => `${below * whole + (rest % below)}/${below} as a mixed number`),
  },
  {
    weight: 2,
    arbitrary: fc
      .tuple(int(1, 9), pick("2", "4", "5", "8", "10", "20", "25"))
      .map(([over, below]) => `${over}/${below} as a decimal`),
  },
  {
    weight: 1,
    arbitrary: pick("2", "4", "5", "8", "10", "20", "25", "40").map((below) => `1/${below} as a decimal`),
  },
  {
    weight: 2,
    arbitrary: fc
      .tuple(int(0, 2), fc.oneof(int(1, 99), int(1, 99), int(101, 999)))
      .map(([whole, end]) => `${whole}.${end} as a fraction`),
  },
  {
    weight: 2,
    arbitrary: fc
      .tuple(proper, int(1, 6))
      .map(([part, by]) => `${part} × ${Number(part.split("/")[1]) * by}`),
  },
  { weight: 1, arbitrary: fc.tuple(text(1, 9), proper).map(([whole, part]) => `${whole} + ${part}`) },
  { weight: 1, arbitrary: fc.tuple(text(1, 9), proper).map(([whole, part]) => `${whole} − ${part}`) },
  { weight: 2, arbitrary: fc.tuple(proper, proper).map(([a, b]) => `${a} × ${b}`) },
);
