import fc from "fast-check";
import { decimal, int, type Lines, pick, text } from "./numberLines";

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

export const sum: Lines = fc
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

export const difference: Lines = fc
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
export const product: Lines = fc.oneof(
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
/** A whole number or a decimal with a zero between its digits. */
const withZeroInside: Lines = fc
  .tuple(int(1, 9), pick("", "."), int(1, 99))
  .map(([first, point, last]) => `${first}${point}0${last}`);

export const shifts: Lines = fc
  .tuple(
    fc.oneof({ weight: 5, arbitrary: decimal }, { weight: 1, arbitrary: withZeroInside }),
    pick("×", "÷"),
    pick("10", "100", "1000"),
  )
  .map(([numeral, sign, power]) => `${numeral} ${sign} ${power}`);

/** A division that mostly comes out: quotients with zeros inside, at the front and at the end. */
export const quotient: Lines = fc.oneof(
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
  fc.tuple(int(1, 60), pick("3", "6", "7", "9", "11")).map(([a, b]) => `${a} ÷ ${b} to hundredths`),
  fc
    .tuple(int(12, 99), pick("0", "00"), int(2, 9))
    .map(([a, zeros, b]) => `${a}${zeros} ÷ ${b}0 with remainder`),
  fc.tuple(int(12, 999), int(2, 9)).map(([a, b]) => `${a * b} ÷ ${b}`),
);
