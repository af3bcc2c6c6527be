import Fraction from "fraction.js";
import { asFraction, decimalSign, type Notation, withoutEndZeros, withoutLeadingZeros } from "../number";
import { operandsOf, type Problem, type SignedOperation, termsIn } from "../problem";
import { inMajor, type Quantity } from "../quantity";

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
  "sign",
  "fraction",
  "clear",
] as const;

export type CalculatorKey = (typeof CALCULATOR_KEYS)[number];

/** A real one shows so many digits, and drops the rest. */
const DIGITS = 8;

/** The state of a pocket calculator that computes exactly and shows what a real one would. */
export interface Calculator {
  /** What has been keyed of a number, its point as `.`, the stroke of a fraction as `/`, a minus before it; nothing while a result is shown. */
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
    case "sign":
      return signTurned(calculator);
    case "fraction":
      return calculator.error ? calculator : { ...calculator, entry: stroked(calculator.entry) };
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
  if (key === "point") return /[./]/.test(before) ? before : `${before || "0"}.`;
  if (before.replace(/[./−]/g, "").length >= DIGITS) return before;
  return before === "0" ? key : before + key;
}

/** The entry as a numerator, with the stroke after it; a decimal can be none. */
const stroked = (entry: string | undefined): string | undefined =>
  entry === undefined || /[./]/.test(entry) ? entry : `${entry}/`;

/** The sign of what is shown turned: of the entry, or of a result. */
function signTurned(calculator: Calculator): Calculator {
  const { entry, total, error } = calculator;
  if (error) return calculator;
  if (entry === undefined) return { ...calculator, total: total.neg() };
  return { ...calculator, entry: entry.startsWith("−") ? entry.slice(1) : `−${entry}` };
}

/** The number of an entry; none where it is a fraction over nothing. */
function entered(entry: string): Fraction | undefined {
  const negative = entry.startsWith("−");
  const [over = "0", under] = (negative ? entry.slice(1) : entry).split("/");
  if (under !== undefined && under !== "" && BigInt(under) === 0n) return undefined;
  const size = new Fraction(over.endsWith(".") ? `${over}0` : over);
  const number = under === undefined || under === "" ? size : size.div(BigInt(under));
  return negative ? number.neg() : number;
}

function carriedOut(calculator: Calculator): Calculator {
  const { entry, total, pending, error } = calculator;
  if (error || entry === undefined) return calculator;
  const number = entered(entry);
  if (number === undefined) return { entry: undefined, pending: undefined, error: true, total };
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
  const fraction = withoutEndZeros(digits.slice(digits.length - places));
  const text = `${s < 0n ? "−" : ""}${digits.slice(0, digits.length - places)}${places > 0 && fraction ? sign + fraction : ""}`;
  return { text, cut: !exact, error: false };
}

/** The keys that work a problem out, as a hand would press them; none where a number has more digits than can be keyed, or brackets would be needed. */
export function keysFor(problem: Problem): readonly CalculatorKey[] | undefined {
  const { op } = problem;
  const operands = operandsOf(problem);
  if (op === "round" || op === "compare" || op === "order" || op === "rewrite" || op === "pay")
    return undefined;
  if (op === "chain" || operands.some(({ kind }) => kind === "measure")) return undefined;
  const numbers = operands.map(keysOf);
  const digits = (keys: readonly CalculatorKey[]): number =>
    keys.filter((key) => key !== "point" && key !== "sign" && key !== "fraction").length;
  if (numbers.some((keys) => digits(keys) > DIGITS)) return undefined;
  const signAt = (index: number): SignedOperation => {
    if (op === "terms") return termsIn(problem)[index]?.join ?? "add";
    return op === "enough" ? "subtract" : op;
  };
  return [
    "clear",
    ...numbers.flatMap((keys, index) => (index === 0 ? keys : [signAt(index), ...keys])),
    "equals",
  ];
}

/** The keys of a number, its sign last; a mixed number as one fraction. */
function keysOf(quantity: Quantity): readonly CalculatorKey[] {
  switch (quantity.kind) {
    case "decimal": {
      const { whole, fraction, negative } = quantity;
      const text = (withoutLeadingZeros(whole) || "0") + (fraction && `.${fraction}`);
      return [...typed(text), ...(negative ? (["sign"] as const) : [])];
    }
    case "fraction":
    case "mixed": {
      const { negative, numerator, denominator } = asFraction(quantity);
      const keys = [...typed(String(numerator)), "fraction" as const, ...typed(String(denominator))];
      return negative ? [...keys, "sign"] : keys;
    }
    case "amount":
      return keysOf(inMajor(quantity));
    case "measure":
      throw new Error("keysOf: a measure can't be keyed");
  }
}

const typed = (text: string): readonly CalculatorKey[] =>
  [...text].flatMap((character) =>
    CALCULATOR_KEYS.filter((key) => key === (character === "." ? "point" : character)),
  );
