import fc from "fast-check";
import { PRESETS } from "../house";
import { type Problem, readProblem } from "../problem";

/** Problems of the size that is set in lessons, by skill, so that each pattern of the skill has its chances. */

type Lines = fc.Arbitrary<string>;

const int = (min: number, max: number): fc.Arbitrary<number> => fc.integer({ min, max });
const text = (min: number, max: number): Lines => int(min, max).map(String);
const pick = (...texts: readonly string[]): Lines => fc.constantFrom(...texts);

/** A decimal of a few digits; often with a zero in it, sometimes whole. */
const decimal: Lines = fc
  .tuple(fc.oneof(int(0, 9), int(10, 99), int(100, 999)), int(0, 3), int(0, 999), int(0, 4))
  .map(([whole, places, digits, zero]) => {
    if (places === 0) return String(whole === 0 ? 7 : whole);
    const ends = String(digits).padStart(3, "0").slice(-places);
    const tail = zero === 0 ? `0${ends.slice(1)}` : ends;
    return `${whole}.${/^0*$/.test(tail) ? tail.replace(/0$/, "4") : tail}`;
  });

const roundTop: Lines = fc.oneof(
  pick(
    "10",
    "100",
    "20",
    "500",
    "8",
    "300",
    "1000",
    "40",
    "6",
    "403",
    "504",
    "10.00",
    "30.0",
    "705",
    "200.5",
  ),
  fc
    .tuple(int(1, 9), pick("0", "00", "04", "00.3", "0.05", "03.2"))
    .map(([first, rest]) => `${first}${rest}`),
);

const sum: Lines = fc
  .tuple(
    fc.oneof(
      { weight: 3, arbitrary: fc.tuple(decimal, decimal) },
      { weight: 1, arbitrary: fc.tuple(decimal, decimal, decimal) },
      { weight: 1, arbitrary: fc.tuple(decimal, text(1, 9)) },
      { weight: 1, arbitrary: fc.tuple(text(11, 999), text(11, 999)) },
      { weight: 1, arbitrary: fc.tuple(text(15, 99), text(15, 99), text(15, 99)) },
    ),
  )
  .map(([terms]) => terms.join(" + "));

const difference: Lines = fc
  .tuple(
    fc.oneof(
      { weight: 2, arbitrary: decimal },
      { weight: 1, arbitrary: roundTop },
      { weight: 1, arbitrary: text(100, 999) },
    ),
    fc.oneof({ weight: 3, arbitrary: decimal }, { weight: 1, arbitrary: text(1, 400) }),
  )
  .map(([a, b]) => (Number(a) >= Number(b) ? `${a} − ${b}` : `${b} − ${a}`));

const factor: Lines = fc.oneof(
  fc.tuple(int(0, 9), int(1, 99)).map(([whole, end]) => `${whole}.${end}`),
  fc.tuple(int(10, 99), int(1, 9)).map(([whole, end]) => `${whole}.${end}`),
  text(2, 99),
  pick("10", "20", "30", "100", "200", "50"),
  fc.tuple(int(1, 2), int(1, 9)).map(([zeros, digit]) => `0.${"0".repeat(zeros)}${digit}`),
);

/** Whole factors with zeros inside them, or at their end. */
const zeroed: Lines = fc
  .tuple(int(1, 9), pick("0", "00", "", "0"), int(1, 99))
  .map(([first, zeros, last]) => `${first}${zeros}${last}`);
const rounds: Lines = fc
  .tuple(int(2, 99), pick("0", "00", "000"))
  .map(([front, zeros]) => `${front}${zeros}`);
const pair = (a: Lines, b: Lines): Lines => fc.tuple(a, b).map(([left, right]) => `${left} × ${right}`);
const product: Lines = fc.oneof(
  { weight: 6, arbitrary: pair(factor, factor) },
  { weight: 1, arbitrary: pair(zeroed, text(2, 9)) },
  { weight: 1, arbitrary: pair(text(12, 99), zeroed) },
  { weight: 1, arbitrary: pair(rounds, fc.oneof(rounds, text(2, 99))) },
  { weight: 2, arbitrary: pair(text(12, 99), text(12, 99)) },
  {
    weight: 1,
    arbitrary: pair(
      fc.tuple(int(1, 12), int(1, 99)).map(([a, b]) => `${a}.${b}`),
      text(2, 12),
    ),
  },
);

/** Something times or divided by 10, 100 or 1000. */
const shifts: Lines = fc
  .tuple(decimal, pick("×", "÷"), pick("10", "100", "1000"))
  .map(([numeral, sign, power]) => `${numeral} ${sign} ${power}`);

/** A division that mostly comes out: quotients with zeros inside, at the front and at the end. */
const quotient: Lines = fc.oneof(
  fc
    .tuple(
      fc.oneof(int(2, 12), int(13, 40)),
      fc.oneof(
        int(2, 99),
        pick("103", "206", "405", "70", "120", "300", "508", "90").map(Number),
        int(100, 999),
      ),
      int(0, 2),
      int(0, 3),
    )
    .map(([divisor, result, places, more]) => {
      const scaled = (count: number, by: number): string => {
        const digits = String(count).padStart(by + 1, "0");
        return by === 0
          ? digits
          : `${digits.slice(0, -by)}.${digits.slice(-by)}`.replace(/0+$/, "").replace(/\.$/, "");
      };
      return `${scaled(divisor * result, places + more)} ÷ ${scaled(divisor, places)}`;
    }),
  fc.tuple(int(1, 99), pick("2", "4", "5", "8", "20", "25")).map(([a, b]) => `${a} ÷ ${b}`),
  fc.tuple(int(1, 99), int(1, 9), pick("2", "4", "5", "8")).map(([a, end, b]) => `${a}.${end} ÷ ${b}`),
  fc.tuple(int(2, 60), pick("0.5", "0.2", "0.25", "0.4", "0.8")).map(([a, b]) => `${a} ÷ ${b}`),
  fc.tuple(int(1, 9), pick("12", "20", "25", "40", "8")).map(([a, b]) => `${a} ÷ ${b}`),
  fc.tuple(int(21, 999), int(2, 9)).map(([a, b]) => `${a} ÷ ${b} with remainder`),
  fc
    .tuple(int(12, 99), pick("0", "00"), int(2, 9))
    .map(([a, zeros, b]) => `${a}${zeros} ÷ ${b}0 with remainder`),
  fc.tuple(int(12, 999), int(2, 9)).map(([a, b]) => `${a * b} ÷ ${b}`),
);

const under = pick("2", "3", "4", "5", "6", "7", "8", "9", "10", "12");
const proper: Lines = fc
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

const fractions: Lines = fc.oneof(
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
    arbitrary: fc.tuple(int(0, 3), int(1, 99)).map(([whole, end]) => `${whole}.${end} as a fraction`),
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

const signed = (most: number): Lines =>
  fc.tuple(int(1, most), fc.boolean()).map(([size, below]) => (below ? `−${size}` : String(size)));
const after: Lines = fc
  .tuple(int(1, 20), fc.boolean())
  .map(([size, below]) => (below ? `(−${size})` : String(size)));
const integers: Lines = fc.oneof(
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
const money: Lines = fc.oneof(
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
] as const;
const units: Lines = fc.constantFrom(...UNIT_PAIRS).chain(([large, small, rate]) => {
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
const chains: Lines = fc.oneof(
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

const judging: Lines = fc.oneof(
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

/** What is rounded up in the head, beside sums, differences, products, quotients and money. */
const across: Lines = fc.oneof(
  { weight: 2, arbitrary: sum },
  { weight: 2, arbitrary: difference },
  { weight: 2, arbitrary: product },
  { weight: 2, arbitrary: quotient },
  { weight: 1, arbitrary: money },
  {
    weight: 3,
    arbitrary: fc
      .tuple(int(30, 99), int(1, 2), pick("8", "9"), pick("+", "−"))
      .map(([a, tens, last, sign]) => `${a} ${sign} ${tens}${last}`),
  },
  {
    weight: 1,
    arbitrary: fc
      .tuple(pick("$10", "$20", "$12.40"), int(1, 8), int(95, 99), pick("+", "−"))
      .map(([a, whole, cents, sign]) => `${a} ${sign} $${whole}.${cents}`),
  },
);

const read = (line: string): Problem | undefined => {
  const problem = readProblem(line, PRESETS.fillersTrueValue);
  return problem.ok ? problem.value : undefined;
};

const problems = (lines: Lines): fc.Arbitrary<Problem> =>
  lines.map(read).filter((problem): problem is Problem => problem !== undefined);

/** Problems of each skill whose patterns are in the catalogue. */
export const SKILL_PROBLEMS = {
  addition: problems(sum),
  subtraction: problems(difference),
  multiplication: problems(product),
  division: problems(quotient),
  fractions: problems(fractions),
  integers: problems(integers),
  money: problems(money),
  units: problems(units),
  chains: problems(chains),
  judging: problems(judging),
  shifting: problems(shifts),
  across: problems(across),
} as const;
