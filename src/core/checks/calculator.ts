import Fraction from "fraction.js";
import { type Decimal, decimalSign, type Notation } from "../number";
import type { Problem, SignedOperation } from "../problem";

/** The keys of a pocket calculator. */
export const CALCULATOR_KEYS = [
  "7",
  "8",
  "9",
  "divide",
  "4",
  "5",
  "6",
  "multiply",
  "1",
  "2",
  "3",
  "subtract",
  "0",
  "point",
  "equals",
  "add",
  "clear",
] as const;

export type CalculatorKey = (typeof CALCULATOR_KEYS)[number];

/** A real one shows so many digits, and drops the rest. */
const DIGITS = 8;

/** The state of a pocket calculator that reckons exactly and shows what a real one would. */
export interface Calculator {
  /** What has been keyed of a number, its point as `.`; nothing while a result is shown. */
  readonly entry: string | undefined;
  /** The number so far, exactly, as numerator and denominator. */
  readonly total: Fraction;
  readonly pending: SignedOperation | undefined;
  readonly error: boolean;
}

export const CLEARED: Calculator = {
  entry: undefined,
  total: new Fraction(0),
  pending: undefined,
  error: false,
};

/** What the display shows, and whether digits were lost that a longer one would show. */
export interface Display {
  readonly text: string;
  readonly cut: boolean;
  readonly error: boolean;
}

/** The calculator after a key. Operations are done in the order they are keyed, as on a plain one. */
export function press(calculator: Calculator, key: CalculatorKey): Calculator {
  switch (key) {
    case "clear":
      return CLEARED;
    case "point":
    case "0":
    case "1":
    case "2":
    case "3":
    case "4":
    case "5":
    case "6":
    case "7":
    case "8":
    case "9":
      return calculator.error ? calculator : { ...calculator, entry: keyed(calculator.entry, key) };
    case "add":
    case "subtract":
    case "multiply":
    case "divide":
      return { ...carriedOut(calculator), pending: key };
    case "equals":
      return { ...carriedOut(calculator), pending: undefined };
  }
}

function keyed(entry: string | undefined, key: CalculatorKey): string {
  const before = entry ?? "";
  if (key === "point") return before.includes(".") ? before : `${before || "0"}.`;
  if (before.replace(".", "").length >= DIGITS) return before;
  return before === "0" ? key : before + key;
}

function carriedOut(calculator: Calculator): Calculator {
  const { entry, total, pending, error } = calculator;
  if (error || entry === undefined) return calculator;
  const number = new Fraction(entry.endsWith(".") ? `${entry}0` : entry);
  const done = { entry: undefined, pending: undefined, error: false };
  switch (pending) {
    case undefined:
      return { ...done, total: number };
    case "add":
      return { ...done, total: total.add(number) };
    case "subtract":
      return { ...done, total: total.sub(number) };
    case "multiply":
      return { ...done, total: total.mul(number) };
    case "divide":
      return number.n === 0n ? { ...done, total, error: true } : { ...done, total: total.div(number) };
  }
}

/** What a display of eight digits shows: the entry, or as much of the result as fits; digits are dropped, not rounded. */
export function display(calculator: Calculator, notation: Notation): Display {
  const sign = decimalSign(notation);
  if (calculator.error) return { text: "Error", cut: false, error: true };
  if (calculator.entry !== undefined)
    return { text: calculator.entry.replace(".", sign), cut: false, error: false };
  const { s, n, d } = calculator.total;
  const whole = (n / d).toString();
  if (whole.length > DIGITS) return { text: "Error", cut: true, error: true };
  const places = DIGITS - whole.length;
  const scaled = (n * 10n ** BigInt(places)) / d;
  const exact = scaled * d === n * 10n ** BigInt(places);
  const digits = scaled.toString().padStart(places + 1, "0");
  const fraction = digits.slice(digits.length - places).replace(/0+$/, "");
  const text = `${s < 0n ? "−" : ""}${digits.slice(0, digits.length - places)}${places > 0 && fraction ? sign + fraction : ""}`;
  return { text, cut: !exact, error: false };
}

/** The keys that work a problem out, as a hand would press them; nothing where a number has more digits than can be keyed. */
export function keysFor(problem: Problem): readonly CalculatorKey[] | undefined {
  const { op, operands } = problem;
  if (op === "round" || op === "compare") return undefined;
  const numbers = operands.map(keysOf);
  if (numbers.some((keys) => keys.filter((key) => key !== "point").length > DIGITS)) return undefined;
  return ["clear", ...numbers.flatMap((keys, index) => (index === 0 ? keys : [op, ...keys])), "equals"];
}

const keysOf = (numeral: Decimal): readonly CalculatorKey[] => {
  const text = (numeral.whole.replace(/^0+(?=\d)/, "") || "0") + (numeral.fraction && `.${numeral.fraction}`);
  return [...text].flatMap((character) =>
    CALCULATOR_KEYS.filter((key) => key === (character === "." ? "point" : character)),
  );
};
